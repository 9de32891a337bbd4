import type { DishComponent } from './component.js';
import { layering } from './moisture.params.js';
import { areaOf, heightOf, type DishVessel, volumeOf } from './vessel.js';

/** One layer as it is asked for, from the bottom up: so many g, so many mm, or a share of what is left of its component. */
export interface LayerAsk {
  readonly component: string;
  readonly grams?: number | undefined;
  readonly mm?: number | undefined;
  /** Against the other layers of the component; 1 where nothing is said. */
  readonly share?: number | undefined;
}

export interface Layer {
  readonly component: string;
  readonly grams: number;
  readonly mm: number;
  /** Share of all there is of the component: "a third now". */
  readonly ofAll: number;
}

/** A component that does not reach for its layers, or of which some is left. */
export interface Supply {
  readonly component: string;
  readonly haveG: number;
  readonly needG: number;
  /** How many times as much is to be made for every layer to have its own; 1 where there is enough. */
  readonly times: number;
  readonly leftG: number;
  /** g of its layer at the top, and of those below it together. */
  readonly topG: number;
  readonly belowG: number;
}

export interface Layered {
  readonly layers: readonly Layer[];
  readonly supplies: readonly Supply[];
  readonly heightMm: number;
  /** mm that stay free above, once there is room to bubble; below 0 it runs over. */
  readonly roomMm: number;
  readonly areaDm2: number;
}

/** g of a component that reach the dish: a little stays on spoon and bowl. */
const usable = ({ grams, spread }: DishComponent): number =>
  spread ? grams - Math.min(layering.lossG, layering.lossShare * grams) : grams;

/** g that a layer needs at least: what was asked, or what covers. */
function needOf(ask: LayerAsk, { volume, spread }: DishComponent, areaDm2: number): number {
  if (ask.grams !== undefined) return ask.grams;
  const mm = ask.mm ?? (spread ? layering.leastMm : 0);
  return volumeOf(mm, areaDm2) / volume;
}

/** Layers of one component: those that were asked for by weight or height first, the last one before the others, then by shares. */
function gramsOfLayers(
  asks: readonly LayerAsk[],
  component: DishComponent,
  areaDm2: number,
): readonly number[] {
  let left = usable(component);
  const grams = asks.map(() => 0);
  const fixed = (ask: LayerAsk) => ask.grams !== undefined || ask.mm !== undefined;
  for (let i = asks.length - 1; i >= 0; i--) {
    if (!fixed(asks[i]!)) continue;
    grams[i] = Math.min(needOf(asks[i]!, component, areaDm2), left);
    left -= grams[i]!;
  }
  const shares = asks.map((ask) => (fixed(ask) ? 0 : (ask.share ?? 1))),
    all = shares.reduce((sum, share) => sum + share, 0);
  // By shares it is shared out as it is said: where that leaves one of them bare, what it needs is told with the supply.
  shares.forEach((share, i) => {
    if (share > 0) grams[i] = (left * share) / all;
  });
  return grams;
}

/** Room for the layers of a dish: g and mm of each, what does not reach, what is left, and whether it fits. */
export function layered(
  vessel: DishVessel,
  components: readonly DishComponent[],
  asks: readonly LayerAsk[],
): Layered {
  const areaDm2 = areaOf(vessel);
  const grams = asks.map(() => 0);
  const supplies = components.map((component): Supply => {
    const places = asks.flatMap((ask, i) => (ask.component === component.id ? [i] : []));
    const own = gramsOfLayers(
      places.map((i) => asks[i]!),
      component,
      areaDm2,
    );
    own.forEach((g, k) => (grams[places[k]!] = g));
    const needs = places.map((i) => needOf(asks[i]!, component, areaDm2)),
      need = needs.reduce((all, g) => all + g, 0);
    const have = usable(component),
      used = own.reduce((all, g) => all + g, 0);
    return {
      component: component.id,
      haveG: component.grams,
      needG: need + (component.grams - have),
      times: places.length > 0 && have > 0 ? Math.max(1, need / have) : 1,
      leftG: Math.max(0, have - used),
      topG: needs.at(-1) ?? 0,
      belowG: need - (needs.at(-1) ?? 0),
    };
  });
  const of = new Map(components.map((component) => [component.id, component]));
  const layers = asks.map(({ component }, i): Layer => {
    const { volume = 1, grams: all = 0 } = of.get(component) ?? {};
    return {
      component,
      grams: grams[i]!,
      mm: heightOf(grams[i]! * volume, areaDm2),
      ofAll: all > 0 ? grams[i]! / all : 0,
    };
  });
  const heightMm = layers.reduce((all, { mm }) => all + mm, 0);
  return {
    layers,
    supplies,
    heightMm,
    roomMm: vessel.depthCm * 10 - heightMm - layering.bubblingMm,
    areaDm2,
  };
}
