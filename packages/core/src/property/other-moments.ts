import { kindOf } from '../recipe/method/operation-kinds.js';
import type { Operation } from '../recipe/method/operation.js';
import type { Process } from '../recipe/recipe.js';
import { courseOf } from '../predict/course/course.js';
import { momentOf, potAt } from '../predict/pot-at.js';
import { consistencyAt } from '../predict/thickness/consistency.js';
import { type Moment } from '../predict/thickness/flow.js';
import type { Band } from '../predict/uncertainty/band.js';
import type { Assessed } from './assess.js';

/** When else a cook looks at the thickness. @source assumed: kitchen and fridge temperatures, a night in the fridge */
export const otherMoments = { rawC: 20, fridgeC: 6, nightDays: 1 } as const;

/** The same doubt as at the table: the kitchen's offsets act on every moment alike. */
function withDoubtOf(served: Band, mid: number): Band {
  return { low: (mid * served.low) / served.mid, mid, high: (mid * served.high) / served.mid };
}

const thicknessAt = ({ mix, prediction }: Assessed, at: Moment): Band =>
  withDoubtOf(prediction.viscosity, consistencyAt(mix, at).viscosity);

/** Thickness before any heat, blended as it will be; mPa·s at 20 °C. */
export function thicknessRaw({ recipe, prediction }: Assessed): Band {
  const { rawC } = otherMoments;
  const process: Process = {
    ...courseOf(recipe).process,
    maxTemperatureC: rawC,
    holdMin: 0,
    evaporatedG: 0,
    bakeMin: 0,
    keepWarmMin: 0,
    noodlesG: 0,
  };
  const method = recipe.method?.map((operation): Operation =>
    kindOf(operation.kind).heats || operation.kind === 'hold'
      ? { kind: 'put-in', ...(operation.lines ? { lines: operation.lines } : {}) }
      : operation,
  );
  return withDoubtOf(
    prediction.viscosity,
    potAt(
      { ...recipe, process, ...(method ? { method } : {}) },
      { temperature: rawC, storage: 'cool', days: 0 },
    ).flow.viscosity,
  );
}

/** Thickness after a night in the fridge, cold; mPa·s. */
export const thicknessCold = (assessed: Assessed): Band =>
  thicknessAt(assessed, {
    temperature: otherMoments.fridgeC,
    storage: 'fridge',
    days: otherMoments.nightDays,
  });

/** Thickness the next day, heated to serving temperature again; mPa·s. */
export const thicknessReheated = (assessed: Assessed): Band =>
  thicknessAt(assessed, { ...momentOf(assessed.recipe), storage: 'reheat', days: otherMoments.nightDays });
