import { finishTogether, piecesBoiled } from '../dish/finish-together.js';
import type { DishPart } from '../dish/written-dish.js';
import type { Ingredient } from '../ingredient/ingredient.js';
import type { LarderLookup } from '../formula/recipe-of-formula.js';
import { K80 } from '../numeric/normal.js';
import type { FormulaTask } from './tasks-of-formula.js';
import { planning as p } from './task.params.js';

/** What is done to one part of a dish until it can be laid. */
export interface MadePart {
  readonly part: DishPart;
  readonly tasks: readonly FormulaTask[];
}

const isBoiled = ({ operation }: FormulaTask): boolean => operation.kind === 'boil-soft';

/**
 * Vegetables that are boiled soft for one dish share one pot and one burner: each goes in when it has to, and all are tender at once.
 * @returns the tasks of every part, with one for the pot in the place of its own boiling
 */
export function inOnePot(
  dish: string,
  made: readonly MadePart[],
  larder: LarderLookup,
): readonly (readonly FormulaTask[])[] {
  const boiledParts = piecesBoiled(made.map(({ part }) => part)),
    ids = new Set(boiledParts.map(({ id }) => id)),
    sharing = made.filter(({ part }) => ids.has(part.id));
  if (sharing.length < 2) return made.map(({ tasks }) => tasks);
  const { pieces } = finishTogether(boiledParts);
  const named = (id: string): Ingredient | undefined =>
    larder(sharing.find(({ part }) => part.id === id)?.part.ingredient ?? '');
  const boiled = sharing.map(({ tasks }) => tasks.find(isBoiled)!);
  const pot: FormulaTask = {
    id: `${dish}/pot`,
    pot: dish,
    operation: { kind: 'boil-soft' },
    hands: false,
    hot: true,
    machine: 'burner',
    toDish: {
      kind: 'boil',
      pieces: pieces.map(({ id, goesInAt }) => ({ name: named(id)?.name ?? id, goesInAt })),
    },
    minutes: {
      low: Math.max(...pieces.map(({ tenderMin, cv }) => tenderMin * Math.exp(-K80 * cv))),
      high: Math.ceil(Math.max(...pieces.map(({ tenderMin, cv }) => tenderMin * Math.exp(K80 * cv)))),
    },
    after: boiled.flatMap(({ after }) => after),
    mayStand: p.partStands,
  };
  const gone = new Set(boiled.map(({ id }) => id));
  let first = true;
  return made.map((one) => {
    if (!sharing.includes(one)) return one.tasks;
    const at = one.tasks.findIndex(isBoiled);
    const before = one.tasks.slice(0, at),
      after = one.tasks.slice(at + 1).map((task) => ({
        ...task,
        after: task.after.map((lag) => (gone.has(lag.id) ? { ...lag, id: pot.id } : lag)),
      }));
    // The pot is boiled once: it stands among the tasks of the first that goes into it.
    const here = first ? [pot] : [];
    first = false;
    return [...before, ...here, ...after];
  });
}

/** The task after which a part can be laid: its last one, or the pot that it was boiled in. */
export function endOf(dish: string, { tasks }: MadePart, joined: readonly FormulaTask[]): string | undefined {
  const last = tasks.at(-1);
  return last && (joined.some(({ id }) => id === last.id) ? last.id : `${dish}/pot`);
}
