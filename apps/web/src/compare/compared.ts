import { formulaOfContent } from '@alterum/contract/convert';
import { type EaterVerdict, type Formula, type Report, reportOn, whoCanEat } from '@alterum/core';
import type { EaterView } from '@alterum/contract';
import { queries, read } from '../server/queries';
import { type Outcome, outcomeOf } from '../household/outcome';
import { portionOf } from '../household/portion';

/** Most formulas side by side. */
export const MOST = 4;
export const letters = ['A', 'B', 'C', 'D'] as const;

/** One formula, or one of its versions, among those compared. */
export interface ComparedFormula {
  /** `formula` or `formula@version`. */
  readonly key: string;
  readonly name: string;
  readonly formulaId: string;
  readonly formula: Formula;
  readonly outcome: Outcome;
  readonly report: Report;
  readonly people: readonly EaterVerdict[];
}

/** The keys of an address, each once, no more than can stand side by side. */
export const keysOf = (withText: string | null): readonly string[] =>
  [...new Set((withText ?? '').split(',').filter(Boolean))].slice(0, MOST);

/** Loads what a key names. @throws ApiProblem when the formula is gone; undefined when only the version is */
export async function loadCompared(
  key: string,
  eaters: readonly EaterView[],
): Promise<ComparedFormula | undefined> {
  const [formulaId = '', versionId] = key.split('@');
  const view = await read(queries.formula(formulaId));
  const version =
    versionId === undefined
      ? undefined
      : (await read(queries.versions(formulaId))).find(({ id }) => id === versionId);
  if (versionId !== undefined && !version) return undefined;
  const formula = formulaOfContent(version?.content ?? view);
  const outcome = outcomeOf(formula);
  const portion = portionOf(formula, outcome);
  return {
    key,
    formulaId,
    formula,
    outcome,
    name: version ? `${formula.name}: ${version.name}` : formula.name,
    report: reportOn(outcome.recipe),
    people: eaters.map((eater) => whoCanEat(eater, portion)),
  };
}
