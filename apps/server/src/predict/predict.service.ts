import { completeProcess, type FieldProblem, PredictRequest, type PredictResponse } from '@alterum/contract';
import {
  againstDairy,
  blankFormula,
  celsius,
  grams,
  ingredientById,
  predict,
  type Recipe,
  type RecipeLine,
  reportOn,
  uncooked,
} from '@alterum/core';
import { Injectable } from '@nestjs/common';
import { LarderService } from '../larder/larder.service.js';
import { invalidInput } from '../platform/failure.js';
import { predictResponse } from './predict-response.mapping.js';

/** Asks the core what a pot will be; keeps nothing. */
@Injectable()
export class PredictService {
  constructor(private readonly larder: LarderService) {}

  run(request: PredictRequest): PredictResponse {
    const recipe = this.recipeOf(request);
    const prediction = predict(recipe),
      report = reportOn(recipe),
      portions = request.portions ?? 1;
    const against =
      request.family &&
      againstDairy(
        request.family,
        { massG: prediction.massG, report },
        prediction.massG / portions,
        ingredientById,
      );
    return predictResponse({ recipe, prediction, report, portions, against });
  }

  private recipeOf(request: PredictRequest): Recipe {
    const errors: FieldProblem[] = [],
      lines: RecipeLine[] = [];
    request.lines.forEach((line, i) => {
      const weighed = this.larder.weigh(line);
      if (weighed.kind === 'refused')
        errors.push({ field: `lines[${i}].${weighed.field}`, message: weighed.message });
      else
        lines.push({
          ingredient: weighed.ingredient,
          mass: grams(weighed.grams),
          preparation: line.preparation ?? 'as-is',
          stage: line.stage ?? 'start',
        });
    });
    if (errors.length > 0) throw invalidInput(errors);
    const { temperatureC, storage, days } = {
      ...blankFormula.serve,
      ...Object.fromEntries(Object.entries(request.serve ?? {}).filter(([, value]) => value !== undefined)),
    };
    return {
      lines,
      process: completeProcess(request.process, uncooked),
      serving: { temperatureC: celsius(temperatureC), storage, days },
    };
  }
}
