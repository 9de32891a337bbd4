import { type AllergenId, covers } from '../../allergen/allergen.js';
import type { Ingredient } from '../../ingredient/ingredient.js';
import { mayBeInHouse } from '../arrival/in-house.js';
import { limitsOfPeople, portionOf } from '../balance/limits-of-people.js';
import { isSalting } from './replace-line.js';
import { isOil, schoolAllows, type Schools } from './school.js';
import type { DoneWithout, SwapRequest } from './swap-request.js';

const holds = ({ contains }: Ingredient, group: AllergenId): boolean =>
  contains.some((held) => covers(group, held) !== 'unrelated');

/** Whether something is what a cook wants to do without. */
export const isDoneWithout = (what: DoneWithout, ingredient: Ingredient): boolean =>
  what === 'oil' ? isOil(ingredient) : holds(ingredient, 'tree-nut') || holds(ingredient, 'peanut');

/** The schools that a request comes to: doing without oil is one. */
export const schoolsOf = ({ ask, schools }: SwapRequest): Schools =>
  ask.kind === 'without' && ask.what === 'oil' ? { ...schools, addedOil: 'without' } : schools;

/** Somebody who would have more of something in a portion than they may. */
export interface TooMuch {
  readonly eater: string;
  readonly what: string;
  /** The line that brings most of it; absent where what is added for its own sake (salt) can be taken down far enough. */
  readonly line?: number;
}

/** Who of those asked for has too much of something, and by which line. */
export function tooMuchIn(request: SwapRequest): readonly TooMuch[] {
  const { ask, recipe, portions, eaters = [], labels } = request;
  if (ask.kind !== 'person' && ask.kind !== 'everybody') return [];
  const asked = ask.kind === 'person' ? eaters.filter(({ name }) => name === ask.eater) : eaters;
  const masses = recipe.lines.map(({ mass }) => mass);
  return limitsOfPeople(recipe, portions, asked, labels).portions.flatMap((limit): readonly TooMuch[] => {
    if (portionOf(limit, masses) <= limit.most) return [];
    const { eater, what, perGram } = limit;
    const parts = recipe.lines.map((line, i) => (isSalting(line) ? 0 : line.mass * (perGram[i] ?? 0)));
    const others = parts.reduce((all, part) => all + part, 0);
    return [{ eater, what, ...(others > limit.most ? { line: parts.indexOf(Math.max(...parts)) } : {}) }];
  });
}

/** Lines that have to be replaced for what is asked, those with something in them. */
export function linesToReplace(request: SwapRequest): readonly number[] {
  const { ask, recipe, portions, eaters = [], labels, inHouse } = request;
  const all = recipe.lines.flatMap(({ mass }, i) => (mass > 0 ? [i] : []));
  const those = (test: (ingredient: Ingredient) => boolean) =>
    all.filter((i) => {
      const ingredient = recipe.lines[i]?.ingredient;
      return ingredient !== undefined && test(ingredient);
    });
  switch (ask.kind) {
    case 'line':
      return [ask.line];
    case 'without':
      return those((ingredient) => isDoneWithout(ask.what, ingredient));
    case 'in-house':
      return those(({ id }) => !mayBeInHouse(inHouse, id));
    case 'person':
    case 'everybody': {
      const asked = ask.kind === 'person' ? eaters.filter(({ name }) => name === ask.eater) : eaters;
      const forbidden = new Set(
        limitsOfPeople(recipe, portions, asked, labels).forbidden.map(({ line }) => line),
      );
      const shut = ask.kind === 'everybody' ? those((one) => !schoolAllows(request.schools, one)) : [];
      const rich = new Set(tooMuchIn(request).map(({ line }) => line));
      return all.filter((i) => forbidden.has(i) || shut.includes(i) || rich.has(i));
    }
  }
}
