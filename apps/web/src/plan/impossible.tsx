import { useHousehold } from '../household/household-store';
import { Button } from '../ui/button';
import { type ImpossibleEvening, namedIn, pressesFor } from './help-presses';

/** What stands in the way of an evening, in words, and what would help, each one press away. */
export function Impossible(impossible: ImpossibleEvening) {
  const presses = [...pressesFor(impossible, useHousehold())];
  return (
    <section role="alert" className="plate mt-3 p-4">
      <h2 className="text-lg text-no">This evening cannot be done as it is</h2>
      <ul className="list-disc pl-5">
        {impossible.outcome.collides.map(({ why }, i) => (
          <li key={i}>{namedIn(impossible, why)}</li>
        ))}
      </ul>
      {presses.length > 0 && (
        <p className="flex flex-wrap items-center gap-2 pt-2">
          What would help:
          {presses.map(([label, press]) => (
            <Button key={label} onClick={press}>
              {label}
            </Button>
          ))}
        </p>
      )}
    </section>
  );
}
