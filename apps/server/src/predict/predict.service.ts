import { completeProcess, type FieldProblem, PredictRequest, type PredictResponse } from '@alterum/contract';
import { blankFormula, celsius, grams, type Recipe, type RecipeLine, uncooked } from '@alterum/core';
import { Injectable } from '@nestjs/common';
import { LarderService } from '../larder/larder.service.js';
import { invalidInput } from '../platform/failure.js';
import { HeavyWork } from '../work/heavy-work.js';
import { SHORT_POT } from '../work/work.params.js';
import { type Pot, predictPot } from './predict-pot.js';

/** Asks the core what a pot will be; keeps nothing. */
@Injectable()
export class PredictService {
  constructor(
    private readonly larder: LarderService,
    private readonly heavy: HeavyWork,
  ) {}

  async run(request: PredictRequest): Promise<PredictResponse> {
    const pot: Pot = {
      recipe: this.recipeOf(request),
      family: request.family,
      portions: request.portions ?? 1,
    };
    return pot.recipe.lines.length <= SHORT_POT ? predictPot(pot) : this.heavy.run('predict-pot', pot);
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
