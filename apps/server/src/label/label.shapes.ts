import { storedShape } from '@alterum/contract';
import type { AllergenId } from '@alterum/core';

/** Allergens that a pack names, or that must be asked about. */
export const allergensShape = storedShape<readonly AllergenId[]>('a list of allergens');
