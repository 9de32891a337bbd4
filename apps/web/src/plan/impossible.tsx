import type { FormulaTask, Help, ScheduleOutcome } from '@alterum/core';
import { useHousehold } from '../household/household-store';
import { Button } from '../ui/button';
import { type PotTonightPlanned, wordsOf } from './evening-plan';

/** min longer that hot things may stand, where that helps. @source assumed: as the planner tries it */
const LONGER = 30,
  LONGEST = 180;

interface ImpossibleProps {
  readonly outcome: Extract<ScheduleOutcome, { kind: 'impossible' }>;
  readonly tasks: readonly FormulaTask[];
  readonly pots: readonly PotTonightPlanned[];
}

/** What stands in the way of an evening, in words, and what would help, each one press away. */
export function Impossible({ outcome, tasks, pots }: ImpossibleProps) {
  const evening = useHousehold((household) => household.evening),
    eatAt = useHousehold((household) => household.eatAt);
  const named = (why: string) =>
    why.replace(/“([^”]+)”/g, (whole, id: string) => {
      const task = tasks.find((one) => one.id === id),
        pot = pots.find((one) => one.id === task?.pot);
      return task && pot ? `“${wordsOf(task, pot)}” (${pot.name})` : whole;
    });
  const press = (help: Help): readonly [string, () => void] => {
    if (help.kind === 'cook') return ['One more cook', () => eatAt({ ...evening, cooks: evening.cooks + 1 })];
    if (help.kind === 'stand') {
      const keepWarmMin = Math.min(LONGEST, evening.keepWarmMin + LONGER);
      return [`Hot things may stand ${keepWarmMin} min`, () => eatAt({ ...evening, keepWarmMin })];
    }
    const machine = ({ burner: 'burners', oven: 'ovens', blender: 'blenders' } as const)[
      help.what as 'burner'
    ];
    return [`One more ${help.what}`, () => eatAt({ ...evening, [machine]: evening[machine] + 1 })];
  };
  const presses = new Map(outcome.helps.map(press));
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
