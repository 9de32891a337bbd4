import { type Formula, scaledFormula } from '@alterum/core';
import { useState } from 'react';
import { findIngredient } from '../../household/house-larder';
import { sayFailure } from '../../notices/notices';
import { take, useBench, useBenchPart } from '../../open-formula/bench-store';
import { ScrubNumber } from '../../ui/scrub-number';

/** Portions as they were before somebody changed them, with the lines that were for so many. */
interface Changed {
  readonly from: number;
  readonly lines: Formula['lines'];
}

/** The amounts go along with the portions: as a batch of another size is worked out everywhere. */
function scaleFrom(from: number): void {
  const formula = useBench.getState().bench?.history.formula;
  if (!formula) return;
  try {
    const { steps } = scaledFormula({
      formula: { ...formula, portions: from },
      larder: findIngredient,
      ask: { by: 'portions', portions: formula.portions },
    });
    take({ step: 'several', steps });
  } catch (error) {
    sayFailure(error);
  }
}

const ask = 'tap-coarse min-h-6 rounded px-1 font-semibold text-rim underline';

/** For how many it is; where that changes, whether the amounts go along is asked, and neither answer is taken for granted. */
export function PortionsField() {
  const portions = useBenchPart((bench) => bench.history.formula.portions),
    lines = useBenchPart((bench) => bench.history.formula.lines);
  const [changed, setChanged] = useState<Changed>();
  const asks =
    changed !== undefined && changed.lines === lines && changed.from !== portions && lines.length > 0;
  return (
    <>
      <ScrubNumber
        label="Portions"
        value={portions}
        text={String(portions)}
        spoken={`${portions} portions`}
        min={0.25}
        max={200}
        step={(n) => (n >= 2 ? 1 : 0.25)}
        onChange={(value, gesture) => {
          setChanged(changed?.lines === lines ? changed : { from: portions, lines });
          take({ step: 'set-portions', portions: value }, gesture);
        }}
        className="h-6 w-9 pr-0.5 font-semibold text-ink"
      />
      <span className="whitespace-nowrap">portions</span>
      {asks && (
        <span
          role="group"
          aria-label="Amounts and portions"
          className="flex flex-wrap items-baseline gap-x-1"
        >
          <span role="status">were {changed.from}; the amounts are as they were.</span>
          <button
            type="button"
            className={ask}
            onClick={() => {
              setChanged(undefined);
              scaleFrom(changed.from);
            }}
          >
            Take the amounts along
          </button>
          <button type="button" className={ask} onClick={() => setChanged(undefined)}>
            Leave them
          </button>
        </span>
      )}
    </>
  );
}
