import { completeProcess, PredictRequest, type PredictResponse } from '@alterum/contract';
import { blankFormula, celsius, type Recipe, uncooked } from '@alterum/core';
import { Injectable } from '@nestjs/common';
import { LarderService, placed } from '../larder/larder.service.js';
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
    const { temperatureC, storage, days } = {
      ...blankFormula.serve,
      ...Object.fromEntries(Object.entries(request.serve ?? {}).filter(([, value]) => value !== undefined)),
    };
    return {
      lines: this.larder.weighAll(placed(request.lines, 'lines')),
      process: completeProcess(request.process, uncooked),
      serving: { temperatureC: celsius(temperatureC), storage, days },
    };
  }
}
