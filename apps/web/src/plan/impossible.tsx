import { useHousehold } from '../household/household-store';
import { Button } from '../ui/button';
import { helpsOf, type ImpossibleEvening, namedIn } from './helps-of';

/** What stands in the way of an evening, in words, and what would help, each one press away. */
export function Impossible(impossible: ImpossibleEvening) {
  // What would help is said of the evening as it is now.
  useHousehold((household) => household.evening);
  useHousehold((household) => household.pots);
  const helps = [...helpsOf(impossible)];
  return (
    <section role="alert" className="plate mt-3 p-4">
      <h2 className="text-lg text-no">This evening cannot be done as it is</h2>
      <ul className="list-disc pl-5">
        {impossible.outcome.collides.map(({ why }, i) => (
          <li key={i}>{namedIn(impossible, why)}</li>
        ))}
      </ul>
      {helps.length > 0 && (
        <p className="flex flex-wrap items-center gap-2 pt-2">
          What would help:
          {helps.map(([label, press]) => (
            <Button key={label} onClick={press}>
              {label}
            </Button>
          ))}
        </p>
      )}
    </section>
  );
}
