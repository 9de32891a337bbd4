import { isLikenedByNumbers } from '../../ingredient/ingredient.js';
import { bandOf } from '../../predict/uncertainty/band.js';
import { compositionCv } from '../../predict/uncertainty/kitchen-offsets.params.js';
import { bitingStrength } from '../../predict/taste/pungency.js';
import { mealOf } from './meal.js';
import type { Portion, PortionLine } from './portion.js';

function portionOfLine(line: PortionLine): Portion {
  const { ingredient, gramsPerPortion: g } = line;
  const perGram = (ingredient?.per100.salt ?? 0) / 100;
  const { mid, high } = bandOf(perGram * (g ?? 0), compositionCv.salt);
  const strength = ingredient ? bitingStrength(ingredient.behaviour.pungent) : 0;
  const saltKnown = ingredient !== undefined && (g !== undefined || perGram === 0);
  // One that was likened to a kind only by its numbers may bite.
  const pungencyKnown =
    ingredient !== undefined && !isLikenedByNumbers(ingredient) && (g !== undefined || strength === 0);
  const partly = { partly: true } as const;
  return {
    lines: [line],
    massG: g ?? 0,
    salt: { mid, high, ...(saltKnown ? {} : partly) },
    pungency: {
      bite: (g ?? 0) > 0 ? strength : 0,
      burn: strength * (g ?? 0),
      ...(pungencyKnown ? {} : partly),
    },
  };
}

/** Lines that nothing was predicted of, as they are: what is added to a version, or a pot that is only asked about. */
export const portionOfLines = (lines: readonly PortionLine[]): Portion =>
  mealOf(lines.map(portionOfLine), 'mixed');
