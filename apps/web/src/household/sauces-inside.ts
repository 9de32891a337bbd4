import type { FormulaView } from '@alterum/contract';
import { formulaOfContent } from '@alterum/contract/convert';
import { type Formula, formulasIn } from '@alterum/core';
import { isRefused } from '../server/api';
import { queries, read, whenFormulasCome } from '../server/queries';
import { useHousehold } from './household-store';

interface Lined {
  readonly lines: readonly { readonly ingredient: string }[];
}

/** A sauce of the house as it stands on the server. */
export interface KnownSauce {
  readonly version: number;
  readonly formula: Formula;
}

/** One that is put away, or was never here, is known not to be here. */
const readSauce = (id: string): Promise<FormulaView | undefined> =>
  read(queries.sauce(id)).catch((error: unknown) => {
    if (!isRefused(error)) throw error;
    return undefined;
  });

/** Fetches the formulas that stand in these as lines, and those inside them; until then they are asked about. */
export async function knowInside(holding: readonly Lined[]): Promise<void> {
  const { sauces } = useHousehold.getState();
  const found = new Map(sauces),
    seen = new Set<string>();
  let asked = formulasIn(holding.flatMap(({ lines }) => lines)),
    changed = false;
  while (asked.length > 0) {
    asked.forEach((id) => seen.add(id));
    const views = await Promise.all(asked.map(readSauce));
    views.forEach((view, i) => {
      const id = asked[i]!;
      if (found.get(id)?.version === view?.version) return;
      changed = true;
      if (view) found.set(id, { version: view.version, formula: formulaOfContent(view) });
      else found.delete(id);
    });
    asked = formulasIn(views.flatMap((view) => view?.lines ?? [])).filter((id) => !seen.has(id));
  }
  if (changed) useHousehold.setState({ sauces: found });
}

/** Formulas that were fetched already can stand in others from now on. */
export function knowSauces(views: readonly FormulaView[]): void {
  const { sauces } = useHousehold.getState();
  const news = views.filter(({ id, version }) => sauces.get(id)?.version !== version);
  if (news.length === 0) return;
  useHousehold.setState({
    sauces: new Map([
      ...sauces,
      ...news.map((view) => [view.id, { version: view.version, formula: formulaOfContent(view) }] as const),
    ]),
  });
}

/** Whatever formulas come from the server, what stands in them is known before they are shown. */
export const followFormulas = (): void => whenFormulasCome(knowInside);
