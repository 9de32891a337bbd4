import { parameter, valuesOf } from '../../numeric/parameter.js';
import type { SugarKind } from '../../ingredient/substance.js';

/** Sweetness of a gram of each kind of sugar against a gram of sucrose, at the few per cent of sauces. @source S-06 (relative sweetness) */
export const sugarSweetnessParameters = {
  sucrose: parameter(1, 'sucrose equivalents', 0, 'P', 'by definition'),
  invert: parameter(1.05, 'sucrose equivalents', 0.12, 'P', 'glucose and fructose in equal parts'),
  fructose: parameter(1.25, 'sucrose equivalents', 0.15, 'P', 'syrups of four fifths fructose'),
  glucose: parameter(0.68, 'sucrose equivalents', 0.1, 'P', 'relative sweetness of glucose'),
  maltose: parameter(0.45, 'sucrose equivalents', 0.2, 'P', 'maltose with some glucose, as enzymes leave it in drinks of cereals'),
  lactose: parameter(0.28, 'sucrose equivalents', 0.2, 'P', 'relative sweetness of lactose'),
  mixed: parameter(0.9, 'sucrose equivalents', 0.12, 'P/E', 'sucrose, glucose and fructose of vegetables, nuts and pulses'),
} as const satisfies Record<SugarKind, unknown>;
export const sugarSweetness: Readonly<Record<SugarKind, number>> = valuesOf(sugarSweetnessParameters);

/** Concentration at which half of the difference between kinds of sugar is gone, g per 100 g. @source S-06: glucose 0.7 at 5 %, 0.8 at 30 %; CV 0.3 */
export const sugarEvens = 60;
