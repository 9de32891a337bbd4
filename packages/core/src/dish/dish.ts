import { type BrownedTop, brownedTop } from './browned-top.js';
import type { DishComponent } from './component.js';
import { type MoistureAdvice, moistureAdvice, togetherAdvice } from './advice.js';
import { layered, type LayerAsk, type Layered } from './layers.js';
import type { Stack } from './moisture.js';
import { type MoistureVerdict, moistureOf } from './moisture-verdict.js';
import { minutesToMiddle, type OvenStage } from './oven.js';
import type { DishVessel } from './vessel.js';

/** A dish of several parts, in a vessel, for the oven or the table. */
export interface LayeredDish {
  readonly vessel: DishVessel;
  readonly components: readonly DishComponent[];
  /** From the bottom up. */
  readonly layers: readonly LayerAsk[];
  readonly oven: readonly OvenStage[];
  readonly restMin: number;
  /** °C as it goes in. */
  readonly fromC: number;
}

export interface DishReport extends Layered {
  /** How the layers go into the vessel. */
  readonly fits: 'fits' | 'full' | 'runs-over';
  readonly massG: number;
  readonly volumeMl: number;
  readonly moisture: MoistureVerdict;
  readonly advice: readonly MoistureAdvice[];
  /** What makes it set together, one after the other, where no single thing does. */
  readonly together: readonly MoistureAdvice[];
  /** min until the middle is hot enough to eat; Infinity where it never is in that oven. */
  readonly minutesToMiddle: number;
  /** How its top looks when it comes out. */
  readonly top: BrownedTop;
}

/** mm of room below which a vessel is called full. */
const FULL_MM = 3;

/** Everything that can be said of a dish before it is made. */
export function reportOnDish({ vessel, components, layers, oven, restMin, fromC }: LayeredDish): DishReport {
  const stack = layered(vessel, components, layers);
  const of = new Map(components.map((component) => [component.id, component]));
  const whole: Stack = { layers: stack.layers, components: of, areaDm2: stack.areaDm2, fromC, oven, restMin };
  const [first] = oven;
  return {
    ...stack,
    fits: stack.roomMm < 0 ? 'runs-over' : stack.roomMm < FULL_MM ? 'full' : 'fits',
    massG: stack.layers.reduce((all, { grams }) => all + grams, 0),
    volumeMl: stack.layers.reduce(
      (all, { grams, component }) => all + grams * (of.get(component)?.volume ?? 1),
      0,
    ),
    moisture: moistureOf(whole),
    advice: moistureAdvice(whole),
    together: togetherAdvice(whole),
    top: brownedTop(of.get(stack.layers.at(-1)?.component ?? '')?.browns ?? 0, stack.heightMm, oven),
    minutesToMiddle: first ? minutesToMiddle(stack.heightMm, first, fromC) : 0,
  };
}
