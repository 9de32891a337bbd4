import type { Need } from '@alterum/core';
import type { NeedInput } from './eater.body.js';

/** A need of the core from a validated input. @throws RangeError when a field its kind needs is missing (validation comes first) */
export function needFromInput(input: NeedInput): Need {
  const { kind, allergen, ingredient, strictness, gramsPerPortion, compound, rule } = input;
  if (kind === 'allergen' && allergen && strictness)
    return { kind, allergen, strictness, traces: input.traces ?? false };
  if (kind === 'ingredient' && ingredient && strictness) return { kind, ingredient, strictness };
  if (kind === 'salt-limit' && gramsPerPortion !== undefined) return { kind, gramsPerPortion };
  if (kind === 'compound' && compound && gramsPerPortion !== undefined)
    return { kind, compound, gramsPerPortion };
  if (kind === 'rule' && rule) return { kind, rule };
  throw new RangeError(`a need of kind "${kind}" came without its fields`);
}
