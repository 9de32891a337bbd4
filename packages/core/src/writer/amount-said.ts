import { type Amount } from '../quantity/amount.js';
import { kitchenMeasureOf } from '../quantity/kitchen-measure.js';
import type { Kitchen } from '../quantity/kitchen.js';
import type { Measures } from '../quantity/measures.js';
import { unitOf } from '../quantity/unit.js';

/** An amount in both measures of a kitchen. */
export interface AmountSaid {
  /** "364 g"; "0.3 g". */
  readonly weight: string;
  /** "1 1/2 cups", "1 small"; absent where it has neither density nor pieces. */
  readonly measure?: string;
  /** The measure is what the cook wrote, and stands first. */
  readonly byMeasure: boolean;
}

/** g as a scale shows them and no finer: whole ones from 20 g, halves from 5 g, tenths from 1 g, hundredths below. @source assumed: kitchen scales of 1 g and of 0.01 g */
export function weightSaid(g: number): string {
  const at = (step: number) => Number((Math.round(g / step) * step).toFixed(2));
  if (g >= 10_000) return `${String(Math.round(g)).replace(/\B(?=(\d{3})+$)/g, '\u202f')} g`;
  return `${g >= 20 ? at(1) : g >= 5 ? at(0.5) : g >= 1 ? at(0.1) : at(0.01)} g`;
}

/** An amount of a thing as it is told. @param g of it, as the cook is to weigh it */
export function amountSaid(
  amount: Amount,
  g: number,
  measures: Measures,
  kitchen: Kitchen | undefined,
): AmountSaid {
  const measure = kitchenMeasureOf(amount, measures, kitchen);
  return {
    weight: weightSaid(g),
    ...(measure === undefined ? {} : { measure }),
    byMeasure: measure !== undefined && unitOf(amount.unit).kind !== 'mass',
  };
}

/** Measures that are followed by "of": "a pinch of salt", "2 cloves of garlic". */
const OF = /(?:^|\s)(?:pinch|pinches|dash|dashes|cloves?|slices?|sprigs?|sticks?|cans?|blocks?|pieces?)$/;

/** "364 g (1 1/2 cups) coconut drink", "1/2 tsp (3 g) salt", "2 cloves of garlic (8 g)": the amount as the cook wrote it first. */
export function amountOfThing({ weight, measure, byMeasure }: AmountSaid, name: string): string {
  if (measure === undefined) return `${weight} ${name}`;
  if (!byMeasure) return `${weight} ${name} (${measure})`;
  return OF.test(measure) ? `${measure} of ${name} (${weight})` : `${measure} ${name} (${weight})`;
}
