import { PredictRequest, type PredictResponse } from '@alterum/contract';
import { Injectable } from '@nestjs/common';
import { FormulaLarder } from '../formula/formula-larder.js';
import { LarderService, placed } from '../larder/larder.service.js';
import { HeavyWork } from '../work/heavy-work.js';
import { SHORT_POT } from '../work/work.params.js';
import { answerForPot, type PotToPredict } from './predict-pot.js';

/** Asks the core what a pot will be; keeps nothing. */
@Injectable()
export class PredictService {
  constructor(
    private readonly larder: LarderService,
    private readonly known: FormulaLarder,
    private readonly heavy: HeavyWork,
  ) {}

  async run(request: PredictRequest): Promise<PredictResponse> {
    const { find } = await this.known.knownIn(request.lines);
    const pot: PotToPredict = {
      recipe: this.larder.recipeOf(
        placed(request.lines, 'lines'),
        request.process,
        request.serve,
        request.method,
        find,
      ),
      family: request.family,
      portions: request.portions ?? 1,
    };
    return pot.recipe.lines.length <= SHORT_POT ? answerForPot(pot) : this.heavy.run('predict-pot', pot);
  }
}
