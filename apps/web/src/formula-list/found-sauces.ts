import type { FormulaSummary } from '@alterum/contract';
import { lineOfFormula } from '@alterum/contract/convert';
import { holdsItself, type Ingredient } from '@alterum/core';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import { findIngredient } from '../household/house-larder';
import { useHousehold } from '../household/household-store';
import { knowInside } from '../household/sauces-inside';
import { sayFailure, useNotices } from '../notices/notices';
import { useBench } from '../open-formula/bench-store';
import { queries, readList } from '../server/queries';

/** ms of quiet after a key before the server is asked, letters from which it is, and how many are shown. */
const QUIET_MS = 150,
  LEAST_LETTERS = 2,
  SHOWN = 3;

interface FoundSauces {
  /** Those whose names begin with what is typed, among the names that this page knows: there with the letter, and first. */
  readonly sauces: readonly FormulaSummary[];
  /** Those that are called so further back in their names, or that the server finds beside them, a moment later. */
  readonly late: readonly FormulaSummary[];
  /** The server has answered for what stands there, or was not to be asked. */
  readonly settled: boolean;
}
const nothing: readonly FormulaSummary[] = [];

const isAsked = (typed: string): boolean => typed.trim().length >= LEAST_LETTERS;

const plain = (text: string): readonly string[] =>
  text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean);

/** Whether a formula is called what is typed: one that only holds it (oat drink) is not what is looked for. */
export function isCalled(name: string, typed: string): boolean {
  const words = plain(name);
  return plain(typed).every((begun) => words.some((word) => word.startsWith(begun)));
}

/** Formulas of the house by their names, but for one; none where the server does not answer. */
export async function findSauces(
  typed: string,
  except?: string,
  shown: number = SHOWN,
): Promise<readonly FormulaSummary[]> {
  if (!isAsked(typed)) return nothing;
  const { pages } = await readList(queries.formulas(typed.trim())).catch((error: unknown) => {
    sayFailure(error);
    return { pages: [] };
  });
  return (pages[0]?.entries ?? [])
    .filter(({ id, name }) => id !== except && isCalled(name, typed))
    .slice(0, shown);
}

/** Letters from which a formula of one’s own is what is looked for: "sa" is salt before it is a sauce. */
const FIRST_LETTERS = 3;
const isFirst = (typed: string): boolean => typed.length >= FIRST_LETTERS;

/** Whether a name begins with what is typed: "creamy ca" of "Creamy cashew queso". */
const beginsSo = (name: string, typed: string): boolean =>
  plain(name).join(' ').startsWith(plain(typed).join(' '));

/** Names of the formulas that were changed last: what is looked for is mostly among them. */
function useKnownNames(): readonly FormulaSummary[] {
  return useQuery({ ...queries.formulaNames, refetchOnMount: true }).data?.entries ?? nothing;
}

/** The same while somebody types: at once from what is known, and a moment later what the server finds beside it. */
export function useFoundSauces(typed: string, except?: string, shown: number = SHOWN): FoundSauces {
  const [found, setFound] = useState({ text: '', sauces: nothing });
  const known = useKnownNames();
  const text = typed.trim(),
    asks = isAsked(text);
  useEffect(() => {
    if (!asks) return;
    let over = false;
    const timer = setTimeout(
      () => void findSauces(text, except, shown).then((sauces) => over || setFound({ text, sauces })),
      QUIET_MS,
    );
    return () => {
      over = true;
      clearTimeout(timer);
    };
  }, [text, asks, except, shown]);
  const sauces = useMemo(
    () =>
      isFirst(text)
        ? known.filter(({ id, name }) => id !== except && beginsSo(name, text)).slice(0, shown)
        : nothing,
    [known, except, text, shown],
  );
  const late = useMemo(
    () =>
      asks && sauces.length < shown
        ? [...known.filter(({ id }) => id !== except), ...found.sauces]
            .filter(
              ({ id, name }, i, all) =>
                isCalled(name, text) &&
                !sauces.some((one) => one.id === id) &&
                all.findIndex((one) => one.id === id) === i,
            )
            .slice(0, shown - sauces.length)
        : nothing,
    [asks, known, except, found, sauces, text, shown],
  );
  return { sauces, late, settled: !asks || found.text === text };
}

/** Whether an ingredient is called just what is typed: it is lit before a formula that only begins so. */
export const isCalledJust = ({ name, otherNames }: Ingredient, typed: string): boolean =>
  [name, ...otherNames].some((one) => plain(one).join(' ') === plain(typed).join(' '));

/** A sauce of the house as an ingredient of the open formula; undefined, with the reason said, where it cannot be one. */
export async function sauceAsIngredient({
  id,
  name,
}: Pick<FormulaSummary, 'id' | 'name'>): Promise<Ingredient | undefined> {
  const line = { ingredient: lineOfFormula(id) };
  await knowInside([{ lines: [line] }]);
  const open = useBench.getState().bench?.id,
    { sauces } = useHousehold.getState();
  const say = useNotices.getState().show;
  if (open !== undefined && holdsItself(open, [line], (other) => sauces.get(other)?.formula)) {
    say(`“${name}” holds this formula itself, so it cannot go into it.`);
    return undefined;
  }
  const ingredient = findIngredient(line.ingredient);
  if (!ingredient) say(`“${name}” holds nothing yet. Put something in it first.`);
  return ingredient;
}
