import { bandOf } from '../../predict/uncertainty/band.js';
import { compositionCv } from '../../predict/uncertainty/kitchen-offsets.params.js';
import { bitingStrength } from '../../predict/taste/pungency.js';
import { mealOf } from './meal.js';
import type { Portion, PortionLine } from './portion.js';

/** Whether what makes a line's figures is known; one that was likened to a kind only by its numbers may bite. */
const biteKnown = ({ ingredient }: PortionLine): boolean =>
  ingredient !== undefined && (ingredient.guessed === undefined || ingredient.likened === true);

function portionOfLine(line: PortionLine): Portion {
  const { ingredient, gramsPerPortion: g } = line;
  const perGram = (ingredient?.per100.salt ?? 0) / 100;
  const { mid, high } = bandOf(perGram * (g ?? 0), compositionCv.salt);
  const strength = ingredient ? bitingStrength(ingredient.behaviour.pungent) : 0;
  const saltKnown = ingredient !== undefined && (g !== undefined || perGram === 0);
  const pungencyKnown = biteKnown(line) && (g !== undefined || strength === 0);
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
