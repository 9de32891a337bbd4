import type { FormulaStep } from './step.js';
import type { Formula } from './formula.js';

/** Digits that an amount keeps when it is scaled: no kitchen measures finer. */
const DIGITS = 3;
const rounded = (value: number): number => Number(value.toPrecision(DIGITS));

/**
 * The edits that make a formula for another number of portions: every amount, every bound and the water that boils off by the same factor.
 * @throws RangeError for portions that are none
 */
export function stepsForPortions(formula: Formula, portions: number): readonly FormulaStep[] {
  if (!(portions > 0) || !(formula.portions > 0)) throw new RangeError('portions must be more than none');
  const by = portions / formula.portions;
  const lines = formula.lines.flatMap(({ id, amount, hold }): FormulaStep[] => [
    ...(amount
      ? [{ step: 'set-amount', line: id, amount: { ...amount, value: rounded(amount.value * by) } } as const]
      : []),
    ...(hold?.kind === 'bounded'
      ? [
          {
            step: 'set-hold',
            line: id,
            hold: { kind: 'bounded', leastG: hold.leastG * by, mostG: hold.mostG * by },
          } as const,
        ]
      : []),
  ]);
  return [
    ...lines,
    { step: 'set-process', process: { evaporatedG: rounded(formula.process.evaporatedG * by) } },
    { step: 'set-portions', portions },
  ];
}
