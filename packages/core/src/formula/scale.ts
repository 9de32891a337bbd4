import type { Operation } from '../recipe/method/operation.js';
import type { FormulaStep } from './step.js';
import type { Formula } from './formula.js';

/** Digits that an amount keeps when it is scaled: no kitchen measures finer. */
const DIGITS = 3;
const rounded = (value: number): number => Number(value.toPrecision(DIGITS));

/** What of a method grows with the batch in the same pans: masses, and the minutes that drive off their share of water. Times of heat, blade and soak stay. */
const scaledOperation = (operation: Operation, by: number): Operation => ({
  ...operation,
  ...(operation.lossG === undefined ? {} : { lossG: rounded(operation.lossG * by) }),
  ...(operation.toG === undefined ? {} : { toG: rounded(operation.toG * by) }),
  ...(operation.noodlesG === undefined ? {} : { noodlesG: rounded(operation.noodlesG * by) }),
  ...(operation.kind === 'boil-down' && operation.minutes !== undefined
    ? { minutes: rounded(operation.minutes * by) }
    : {}),
});

function methodFor({ method, writesItself, process }: Formula, by: number): readonly FormulaStep[] {
  if (method)
    return [{ step: 'set-method', method: method.map((operation) => scaledOperation(operation, by)) }];
  if (writesItself) return [];
  return [{ step: 'set-process', process: { evaporatedG: rounded(process.evaporatedG * by) } }];
}

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
  return [...lines, ...methodFor(formula, by), { step: 'set-portions', portions }];
}
