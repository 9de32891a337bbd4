import type { Composition } from '../../ingredient/composition.js';
import { unnamedRemainder } from '../../ingredient/composition.js';
import type { Ingredient } from '../../ingredient/ingredient.js';

/** An ingredient of which parts went or came: its composition per 100 g of what is left of it, and g left per g of before. */
export interface Shared {
  readonly ingredient: Ingredient;
  readonly left: number;
}

/** Parts of a composition, g per 100 g; its calcium is mg. */
export type Constituent = keyof Composition | 'unnamed';

type Amounts = Readonly<Record<string, number>>;
const isGroup = (value: unknown): value is Amounts => typeof value === 'object' && value !== null;

/**
 * An ingredient with other amounts of what it holds.
 * @param amountOf g (calcium mg) that are there afterwards, of those that 100 g of it held before
 */
export function withAmounts(
  ingredient: Ingredient,
  amountOf: (name: Constituent, per100: number) => number,
): Shared {
  const { per100 } = ingredient;
  let sum = 0;
  const after: Record<string, number | Amounts> = {};
  const entries: readonly [string, unknown][] = Object.entries({ salt: 0, ...per100 });
  for (const [key, value] of entries) {
    const name = key as keyof Composition;
    const now = isGroup(value)
      ? Object.fromEntries(Object.entries(value).map(([id, g]) => [id, amountOf(name, g)]))
      : amountOf(name, value as number);
    after[name] = now;
    if (name !== 'calciumMg') sum += isGroup(now) ? Object.values(now).reduce((all, g) => all + g, 0) : now;
  }
  sum += amountOf('unnamed', unnamedRemainder(per100));
  const left = Math.max(sum / 100, 1e-9);
  const scaled = Object.fromEntries(
    Object.entries(after).map(([name, value]) => [
      name,
      isGroup(value)
        ? Object.fromEntries(Object.entries(value).map(([id, g]) => [id, g / left]))
        : value / left,
    ]),
  );
  return { left, ingredient: { ...ingredient, per100: scaled } };
}
