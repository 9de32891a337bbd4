import { storedShape } from '@alterum/contract';
import type { NutritionLabel } from '@alterum/core';

export const nutritionLabelShape = storedShape<NutritionLabel>('a nutrition label');
