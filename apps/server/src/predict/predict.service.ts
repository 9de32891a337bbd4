import { completeProcess, type FieldProblem, PredictRequest, type PredictResponse } from '@alterum/contract';
import {
  blankFormula,
  celsius,
  contributionsOf,
  grams,
  predict,
  type Recipe,
  type RecipeLine,
  uncooked,
} from '@alterum/core';
import { Injectable } from '@nestjs/common';
import { LarderService } from '../larder/larder.service.js';
import { invalidInput } from '../platform/failure.js';

/** Asks the core what a pot will be; keeps nothing. */
@Injectable()
export class PredictService {
  constructor(private readonly larder: LarderService) {}

  run(request: PredictRequest): PredictResponse {
    const recipe = this.recipeOf(request);
    const p = predict(recipe);
    return {
      massG: p.massG,
      volumeMl: p.volumeMl,
      evaporatedG: p.evaporatedG,
      fatPct: p.fat.mid,
      proteinPct: p.protein.mid,
      saltPct: p.salt.mid,
      sweetPct: p.sweet.mid,
      umamiEucPct: p.umami.mid,
      sourMEqPerKg: p.sour.mid,
      pH: p.pH.mid,
      energyKcal: p.energyKcal.mid,
      viscosityMPaS: p.viscosity,
      yieldStressPa: p.yieldStress.mid,
      thicknessClass: p.thicknessClass,
      thicknessRange: p.thicknessRange,
      pullLengthCm: p.pull,
      curdlingProbability: p.curdling,
      graininess: p.graininess,
      weepingPct: p.weeping,
      solidFatPct: p.solidFat,
      colourHex: p.colour.hex,
      curve: p.curve.map(({ temperatureC, viscosity }) => ({
        temperatureC,
        viscosityMPaS: viscosity.mid,
        low: viscosity.low,
        high: viscosity.high,
      })),
      contributions: contributionsOf(recipe),
      flags: p.flags,
    };
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
