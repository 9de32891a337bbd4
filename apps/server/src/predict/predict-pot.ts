import type { PredictResponse } from '@alterum/contract';
import { againstDairy, type Family, ingredientById, predict, type Recipe, reportOn } from '@alterum/core';
import { predictResponse } from './predict-response.mapping.js';

/** A pot in grams, as it is worked out. */
export interface PotToPredict {
  readonly recipe: Recipe;
  readonly family: Family | undefined;
  readonly portions: number;
}

/** Everything that is said of a pot; plain values in and out, so that it can run in any thread. */
export function answerForPot({ recipe, family, portions }: PotToPredict): PredictResponse {
  const prediction = predict(recipe),
    report = reportOn(recipe);
  const against =
    family &&
    againstDairy(family, { massG: prediction.massG, report }, prediction.massG / portions, ingredientById);
  return predictResponse({ recipe, prediction, report, portions, against });
}
