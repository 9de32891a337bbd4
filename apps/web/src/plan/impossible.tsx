import {
  type FormulaTask,
  type Help,
  keepingOfFormula,
  keepsOvernight,
  type ScheduleOutcome,
} from '@alterum/core';
import { findIngredient } from '../household/house-larder';
import { useHousehold } from '../household/household-store';
import { Button } from '../ui/button';
import { cookingDoes } from './cooking-store';
import { cooksCounted } from './cooks-named';
import { DAY } from './evening-day';
import { clockText, type PotTonightPlanned, wordsOf } from './evening-plan';

/** min longer that hot things may stand, where that helps. @source assumed: as the planner tries it */
const LONGER = 30,
  LONGEST = 180;

interface ImpossibleProps {
  readonly outcome: Extract<ScheduleOutcome, { kind: 'impossible' }>;
  readonly tasks: readonly FormulaTask[];
  readonly pots: readonly PotTonightPlanned[];
  readonly day: string;
}

/** What stands in the way of an evening, in words, and what would help, each one press away. */
export function Impossible({ outcome, tasks, pots, day }: ImpossibleProps) {
  const evening = useHousehold((household) => household.evening),
    eatAt = useHousehold((household) => household.eatAt),
    chosen = useHousehold((household) => household.pots),
    cook = useHousehold((household) => household.cook);
  const potOf = (task: string) => pots.find(({ id }) => id === tasks.find((one) => one.id === task)?.pot);
  /** What is a sauce of its own and is kept so long can be made the day before. */
  const canBeMadeBefore = (task: string): boolean => {
    const pot = potOf(task);
    return (
      pot?.formula !== undefined &&
      !pot.dayBefore &&
      keepsOvernight(keepingOfFormula(pot.formula, findIngredient))
    );
  };
  const named = (why: string) =>
    why.replace(/“([^”]+)”/g, (whole, id: string) => {
      const task = tasks.find((one) => one.id === id),
        pot = pots.find((one) => one.id === task?.pot);
      return task && pot ? `“${wordsOf(task, pot)}” (${pot.name})` : whole;
    });
  const press = (help: Help): readonly [string, () => void] => {
    if (help.kind === 'cook')
      return ['One more cook', () => eatAt({ ...evening, ...cooksCounted(evening, evening.cooks + 1) })];
    if (help.kind === 'unpin')
      return [
        `Leave ${named(`“${help.what}”`)} to the plan`,
        () => cookingDoes.pin(day, help.what, undefined),
      ];
    if (help.kind === 'later') {
      const serveAt = evening.serveAt + help.minutes;
      return [`On the table at ${clockText(DAY + serveAt)}`, () => eatAt({ ...evening, serveAt })];
    }
    if (help.kind === 'before') {
      const pot = potOf(help.what)!;
      return [
        `Make ${pot.name} the day before`,
        () => cook(chosen.map((one) => (one.formula === pot.id ? { ...one, dayBefore: true } : one))),
      ];
    }
    if (help.kind === 'stand') {
      const keepWarmMin = Math.min(LONGEST, evening.keepWarmMin + LONGER);
      return [`Hot things may stand ${keepWarmMin} min`, () => eatAt({ ...evening, keepWarmMin })];
    }
    const machine = ({ burner: 'burners', oven: 'ovens', blender: 'blenders' } as const)[
      help.what as 'burner'
    ];
    return [`One more ${help.what}`, () => eatAt({ ...evening, [machine]: evening[machine] + 1 })];
  };
  // Serving past midnight is another evening.
  const helps = outcome.helps.filter((help) =>
    help.kind === 'later'
      ? evening.serveAt + help.minutes < DAY
      : help.kind !== 'before' || canBeMadeBefore(help.what),
  );
  const presses = new Map(helps.map(press));
  return (
    <section role="alert" className="plate mt-3 p-4">
      <h2 className="text-lg text-no">This evening cannot be done as it is</h2>
      <ul className="list-disc pl-5">
        {outcome.collides.map(({ why }, i) => (
          <li key={i}>{named(why)}</li>
        ))}
      </ul>
      {presses.size > 0 && (
        <p className="flex flex-wrap items-center gap-2 pt-2">
          What would help:
          {[...presses].map(([label, run]) => (
            <Button key={label} onClick={run}>
              {label}
            </Button>
          ))}
        </p>
      )}
    </section>
  );
}
