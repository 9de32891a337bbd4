import { gramsOf, type Hold, type Line } from '@alterum/core';
import { findIngredient } from '../../household/house-larder';
import { gramsText } from '../../words/number-text';

/** Bounds that are offered, as factors on the present amount. @source assumed: a little, and a lot */
const bounds = { quarter: [0.75, 1.25], double: [0.5, 2], least: [1, Infinity], most: [0, 1] } as const;
export type HoldKey = 'free' | 'pinned' | 'as-set' | keyof typeof bounds;

const gramsNow = (line: Line): number => {
  const ingredient = findIngredient(line.ingredient);
  return (ingredient && gramsOf(line.amount, ingredient.measures)) ?? 0;
};
/** Most that a line without an upper bound may become, g a gram. */
const WITHOUT_END = 20;

export function holdOf(key: HoldKey, line: Line): Hold | undefined {
  if (key === 'free') return undefined;
  if (key === 'pinned') return { kind: 'pinned' };
  if (key === 'as-set') return line.hold;
  const g = gramsNow(line),
    [low, high] = bounds[key];
  return { kind: 'bounded', leastG: low * g, mostG: Math.min(high, WITHOUT_END) * g };
}

export function holdKey({ hold }: Line): HoldKey {
  return !hold ? 'free' : hold.kind === 'pinned' ? 'pinned' : 'as-set';
}

/** "25 to 50 g". */
export const boundsText = (hold: Hold): string =>
  hold.kind === 'pinned' ? 'pinned' : `${gramsText(hold.leastG)} to ${gramsText(hold.mostG)} g`;

export function holdOptions(line: Line): readonly { readonly value: HoldKey; readonly label: string }[] {
  return [
    { value: 'free', label: 'Free' },
    { value: 'pinned', label: 'Pinned where it is' },
    ...(line.hold?.kind === 'bounded'
      ? [{ value: 'as-set', label: `From ${boundsText(line.hold)}` } as const]
      : []),
    { value: 'quarter', label: 'Within a quarter of it' },
    { value: 'double', label: 'Half to double' },
    { value: 'least', label: 'No less than now' },
    { value: 'most', label: 'No more than now' },
  ];
}
