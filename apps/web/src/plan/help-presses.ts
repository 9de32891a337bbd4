import {
  type FormulaTask,
  type Help,
  keepingOfFormula,
  keepsOvernight,
  type ScheduleOutcome,
} from '@alterum/core';
import { findIngredient } from '../household/house-larder';
import type { useHousehold } from '../household/household-store';
import { cookingDoes } from './cooking-store';
import { cooksCounted } from './cooks-named';
import { DAY } from './evening-day';
import { clockText, type PotTonightPlanned, wordsOf } from './evening-plan';

/** min longer that hot things may stand, where that helps. @source assumed: as the planner tries it */
const LONGER = 30,
  LONGEST = 180;

/** An evening that cannot be done as it is. */
export interface ImpossibleEvening {
  readonly outcome: Extract<ScheduleOutcome, { kind: 'impossible' }>;
  readonly tasks: readonly FormulaTask[];
  readonly pots: readonly PotTonightPlanned[];
  readonly day: string;
}
/** What the house has said of tonight, and how it is changed. */
type Tonight = Pick<ReturnType<typeof useHousehold.getState>, 'evening' | 'eatAt' | 'pots' | 'cook'>;
type Tasks = Pick<ImpossibleEvening, 'tasks' | 'pots'>;

const potOf = ({ tasks, pots }: Tasks, task: string): PotTonightPlanned | undefined =>
  pots.find(({ id }) => id === tasks.find((one) => one.id === task)?.pot);

/** A reason with its tasks by their words. */
export const namedIn = ({ tasks, pots }: Tasks, why: string): string =>
  why.replace(/“([^”]+)”/g, (whole, id: string) => {
    const task = tasks.find((one) => one.id === id),
      pot = potOf({ tasks, pots }, id);
    return task && pot ? `“${wordsOf(task, pot)}” (${pot.name})` : whole;
  });

/** What is a sauce of its own and is kept so long can be made the day before. */
function canBeMadeBefore(pot: PotTonightPlanned | undefined): boolean {
  return (
    pot?.formula !== undefined &&
    !pot.dayBefore &&
    keepsOvernight(keepingOfFormula(pot.formula, findIngredient))
  );
}

const machines = { burner: 'burners', oven: 'ovens', blender: 'blenders' } as const;

/** What a help is called, and what pressing it does. */
function pressOf(
  help: Help,
  impossible: ImpossibleEvening,
  { evening, eatAt, pots: chosen, cook }: Tonight,
): readonly [label: string, press: () => void] {
  switch (help.kind) {
    case 'cook':
      return ['One more cook', () => eatAt({ ...evening, ...cooksCounted(evening, evening.cooks + 1) })];
    case 'unpin':
      return [
        `Leave ${namedIn(impossible, `“${help.what}”`)} to the plan`,
        () => cookingDoes.pin(impossible.day, help.what, undefined),
      ];
    case 'later': {
      const serveAt = evening.serveAt + help.minutes;
      return [`On the table at ${clockText(DAY + serveAt)}`, () => eatAt({ ...evening, serveAt })];
    }
    case 'before': {
      const pot = potOf(impossible, help.what)!;
      return [
        `Make ${pot.name} the day before`,
        () => cook(chosen.map((one) => (one.formula === pot.id ? { ...one, dayBefore: true } : one))),
      ];
    }
    case 'stand': {
      const keepWarmMin = Math.min(LONGEST, evening.keepWarmMin + LONGER);
      return [`Hot things may stand ${keepWarmMin} min`, () => eatAt({ ...evening, keepWarmMin })];
    }
    default: {
      const machine = machines[help.what as 'burner'];
      return [`One more ${help.what}`, () => eatAt({ ...evening, [machine]: evening[machine] + 1 })];
    }
  }
}

/** What would help, by its words; each at most once. Serving past midnight is another evening. */
export function pressesFor(impossible: ImpossibleEvening, tonight: Tonight): ReadonlyMap<string, () => void> {
  const possible = impossible.outcome.helps.filter((help) => {
    if (help.kind === 'later') return tonight.evening.serveAt + help.minutes < DAY;
    return help.kind !== 'before' || canBeMadeBefore(potOf(impossible, help.what));
  });
  return new Map(possible.map((help) => pressOf(help, impossible, tonight)));
}
