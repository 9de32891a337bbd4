/** A dish or pan, seen from above: cm. */
export type DishShape =
  | { readonly shape: 'round'; readonly acrossCm: number }
  | { readonly shape: 'rectangular'; readonly widthCm: number; readonly lengthCm: number };

/** What a batch is scaled by. */
export type ScaleAsk =
  | { readonly by: 'portions'; readonly portions: number }
  /** As much of one line as is at hand, g as it is weighed. */
  | { readonly by: 'line'; readonly line: string; readonly grams: number }
  /** g that are to come out of the pot. */
  | { readonly by: 'mass'; readonly grams: number }
  /** From the dish it is made for to another one, in the same layer. */
  | { readonly by: 'dish'; readonly from: DishShape; readonly to: DishShape };

/** cm², whatever the shape. */
export const areaOfDish = (dish: DishShape): number =>
  dish.shape === 'round' ? (Math.PI * dish.acrossCm ** 2) / 4 : dish.widthCm * dish.lengthCm;

/** What is there to be scaled: portions, g by line, g that come out. */
export interface ScaleBase {
  readonly portions: number;
  readonly lines: ReadonlyMap<string, number>;
  readonly massG: number;
}

const ratio = (to: number, from: number, what: string): number => {
  if (!(to > 0) || !(from > 0) || !Number.isFinite(to / from))
    throw new RangeError(`${what} must be more than nothing`);
  return to / from;
};

/**
 * How many times as much it is to be.
 * @throws RangeError where there is nothing to scale from or to
 */
export function scaleFactor(ask: ScaleAsk, base: ScaleBase): number {
  switch (ask.by) {
    case 'portions':
      return ratio(ask.portions, base.portions, 'portions');
    case 'line':
      return ratio(ask.grams, base.lines.get(ask.line) ?? 0, 'the amount of the line');
    case 'mass':
      return ratio(ask.grams, base.massG, 'the mass');
    case 'dish':
      return ratio(areaOfDish(ask.to), areaOfDish(ask.from), 'the dish');
  }
}
