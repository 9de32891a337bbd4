import type { DishShape, ScaleAsk, ScaleRounding, Vessel } from '@alterum/core';

export type ScaleWay = ScaleAsk['by'];

/** What has been said of a batch of another size; a number is absent while it cannot be read. */
export interface ScaleDraft {
  readonly way: ScaleWay;
  readonly portions: number | undefined;
  readonly line: string | undefined;
  readonly lineG: number | undefined;
  readonly massG: number | undefined;
  readonly from: DishShape;
  readonly to: DishShape;
  readonly vessel: Vessel;
  readonly rounding: ScaleRounding;
}

const isThere = (value: number | undefined): value is number => value !== undefined && value > 0;
const stands = (dish: DishShape): boolean =>
  dish.shape === 'round' ? isThere(dish.acrossCm) : isThere(dish.widthCm) && isThere(dish.lengthCm);

/** What is asked for; undefined while something is missing. */
export function askOfDraft({
  way,
  portions,
  line,
  lineG,
  massG,
  from,
  to,
}: ScaleDraft): ScaleAsk | undefined {
  switch (way) {
    case 'portions':
      return isThere(portions) ? { by: way, portions } : undefined;
    case 'line':
      return line !== undefined && isThere(lineG) ? { by: way, line, grams: lineG } : undefined;
    case 'mass':
      return isThere(massG) ? { by: way, grams: massG } : undefined;
    case 'dish':
      return stands(from) && stands(to) ? { by: way, from, to } : undefined;
  }
}
