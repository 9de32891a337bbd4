import type { Family } from '../brief/family.js';
import type { LarderLookup } from '../formula/recipe-of-formula.js';
import type { Ingredient } from '../ingredient/ingredient.js';
import { blankFormula, type Formula, type Line } from '../formula/formula.js';
import type { Kitchen } from '../quantity/kitchen.js';
import type { Method } from '../recipe/method/operation.js';
import { type ReadLine, weighedAs } from './text/ingredient-line.js';
import { makeReadyIn } from './text/make-ready.js';
import type { ReadRecipe } from './text/recipe-text.js';

/** A line as the cook took it over: another ingredient, or left out. */
export interface TakenLine {
  readonly id: string;
  /** Id of the ingredient; undefined leaves the line out. */
  readonly ingredient: string | undefined;
}

/** Most letters of a note. */
const LONGEST_NOTE = 4000;

/** What is kept of the words: the text of the recipe itself, so that nothing is lost. */
const noteOf = (text: string): string =>
  text.length > LONGEST_NOTE ? `${text.slice(0, LONGEST_NOTE - 1)}…` : text;

/** A line as it goes in; of another thing than was read it is weighed and made ready anew. */
function lineOf(read: ReadLine, id: string, ingredient: Ingredient, kitchen: Kitchen | undefined): Line {
  const same = read.ingredient?.id === ingredient.id;
  const said = same ? read : makeReadyIn(read.made, ingredient);
  const written = same ? read.written : read.spoken && weighedAs(read.spoken, ingredient, kitchen)?.written;
  return {
    id,
    ingredient: ingredient.id,
    amount: written ?? read.written,
    role: ingredient.role,
    preparation: said.preparation,
    stage: 'start',
    ...(said.ready ? { ready: said.ready } : {}),
  };
}

/** Work on the pot without which a method says nothing. */
const says = (method: Method): boolean => method.some(({ kind }) => kind !== 'put-in' && kind !== 'stir-in');

/**
 * A formula of what was read and taken over. Where the sentences told what to do, they are its method, what no sentence names goes in
 * first; otherwise the app writes it.
 * @param larder by which chosen ingredients are found   @param text the recipe as it was pasted: it stays as the note   @param newId an id for each line
 */
export function formulaOfRecipe(
  recipe: ReadRecipe,
  taken: readonly TakenLine[],
  {
    text,
    larder,
    family = blankFormula.family,
    kitchen,
    newId,
  }: {
    readonly text: string;
    readonly larder: LarderLookup;
    readonly family?: Family;
    readonly kitchen?: Kitchen | undefined;
    readonly newId: () => string;
  },
): Formula {
  const ids = new Map<string, string>();
  const lines = recipe.lines.flatMap((read): Line[] => {
    const wanted = taken.find(({ id }) => id === read.id)?.ingredient;
    const ingredient = wanted === undefined ? undefined : larder(wanted);
    if (!ingredient) return [];
    const id = newId();
    ids.set(read.id, id);
    return [lineOf(read, id, ingredient, kitchen)];
  });
  const told = recipe.method.flatMap(({ operations }) => operations);
  const method = told.flatMap((operation): Method => {
    if (!operation.lines) return [operation];
    const here = operation.lines.flatMap((id) => ids.get(id) ?? []);
    return here.length === 0 ? [] : [{ ...operation, lines: here }];
  });
  const named = new Set(method.flatMap((operation) => operation.lines ?? []));
  const first = lines.filter(({ id }) => !named.has(id)).map(({ id }) => id);
  const { writesItself: _itself, ...blank } = blankFormula;
  return {
    ...blank,
    name: recipe.name ?? 'Pasted recipe',
    family,
    portions: Math.max(0.25, Math.round(recipe.portions?.mid ?? blankFormula.portions)),
    note: noteOf(text),
    lines,
    ...(says(method)
      ? { method: first.length > 0 ? [{ kind: 'put-in' as const, lines: first }, ...method] : method }
      : { writesItself: true as const }),
  };
}
