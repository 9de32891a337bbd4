import type { DishComponent } from './component.js';
import type { Layer } from './layers.js';
import { AIMED_AT, baking as p, LAYER_MM, running } from './moisture.params.js';
import { lagFrom, type OvenStage, paceAt } from './oven.js';

/** A dish as it stands before the oven: layers from the bottom up. */
export interface Stack {
  readonly layers: readonly Layer[];
  readonly components: ReadonlyMap<string, DishComponent>;
  readonly areaDm2: number;
  /** °C as it goes in. */
  readonly fromC: number;
  readonly oven: readonly OvenStage[];
  readonly restMin: number;
}

/** What differs between kitchens, as factors; 1 for the middle. */
export interface MoistureFactors {
  readonly reach: number;
  readonly gives: number;
  readonly drinks: number;
  readonly dries: number;
}
export const asTheTablesSay: MoistureFactors = { reach: 1, gives: 1, drinks: 1, dries: 1 };

/** Where the water of a dish went, g. */
export interface WaterBudget {
  /** What sauces could give from the start, and what vegetables let go. */
  readonly reachableG: number;
  readonly releasedG: number;
  readonly drunkG: number;
  readonly evaporatedG: number;
  /** Bound while it rested. */
  readonly boundG: number;
  /** What is left that runs. */
  readonly freeG: number;
  readonly freeByLayer: readonly number[];
  /** What is felt as wet when it is cut: the free water that runs, and a little of what the sauces hold. */
  readonly feltG: number;
  /** How full what drinks is in the end, 0..1 of what it could hold; 1 where nothing drinks. */
  readonly filled: number;
  /** Wet layers, or what a high one counts for. */
  readonly wetLayers: number;
}

interface State {
  readonly free: number[];
  readonly drunk: number[];
  released: number;
  drunkAll: number;
  evaporated: number;
  bound: number;
}

/** g that go from what is near to what wants it: all of it where there is plenty, what comes near where there is little. */
const smoothLeast = (wanted: number, there: number): number =>
  wanted > 0 && there > 0 ? (wanted * there) / (wanted ** 4 + there ** 4) ** 0.25 : 0;

/** One step of drinking: each layer takes from its own free water and its neighbours'. */
function drink(state: State, most: readonly number[], rates: readonly number[], minutes: number): void {
  const { free, drunk } = state;
  const nearShare = 1 - Math.exp(-minutes / p.reachMin);
  most.forEach((full, i) => {
    const rate = rates[i] ?? 0;
    if (!(full > 0) || !(rate > 0)) return;
    const wanted = Math.max(0, full - drunk[i]!) * (1 - Math.exp(-minutes * rate));
    const near = [i - 1, i, i + 1].filter((k) => (free[k] ?? 0) > 0);
    const there = near.reduce((all, k) => all + free[k]!, 0);
    const taken = Math.min(smoothLeast(wanted, there * nearShare), there);
    if (!(taken > 0)) return;
    for (const k of near) free[k]! -= (taken * free[k]!) / there;
    drunk[i]! += taken;
    state.drunkAll += taken;
  });
}

/** One step of running down: what a layer cannot hold goes into the next one below. */
function runDown({ free }: State, holds: readonly number[], minutes: number): void {
  const share = 1 - Math.exp(-minutes / p.runMin);
  for (let i = free.length - 1; i > 0; i--) {
    const over = Math.max(0, free[i]! - holds[i]!) * share;
    free[i]! -= over;
    free[i - 1]! += over;
  }
}

/** One step of drying: from the top, and less from what lies under a layer that is dry already. */
function dry(state: State, wantedG: number): void {
  let wanted = wantedG;
  for (let i = state.free.length - 1; i >= 0 && wanted > 1e-9; i--) {
    const left = smoothLeast(wanted, state.free[i]!);
    const taken = Math.min(left, state.free[i]!);
    state.free[i]! -= taken;
    state.evaporated += taken;
    // Vapour from below has to come through what lies above.
    wanted = (wanted - taken) * BELOW;
  }
}
/** Share of what the top did not give that comes out of the layer below it. @source assumed: a crust, and no draught */
const BELOW = 0.85;

/** min in which the surface has been open so far, and how far a crust slows it. */
const crust = (openMin: number): number => Math.exp(-Math.max(0, openMin - p.crustFrom) / p.crustMin);

/** What the layers of a dish bring, by layer: g of water that can run and that is let go in the heat, what can be drunk, and what a layer holds. */
interface Brought {
  readonly of: readonly (DishComponent | undefined)[];
  readonly inReach: readonly number[];
  readonly lets: readonly number[];
  readonly most: readonly number[];
  readonly holds: readonly number[];
}

function broughtBy({ layers, components, areaDm2 }: Stack, by: MoistureFactors): Brought {
  const of = layers.map(({ component }) => components.get(component));
  return {
    of,
    inReach: layers.map(({ grams }, i) => {
      const { water = 0, reach = 0, reachCv = 0 } = of[i] ?? {};
      return grams * water * Math.min(1, reach * (1 + (by.reach - 1) * Math.sign(reachCv)));
    }),
    lets: layers.map(({ grams }, i) => {
      const { water = 0, gives } = of[i] ?? {};
      return Math.min(grams * (gives?.share ?? 0) * by.gives, grams * water);
    }),
    most: layers.map(({ grams }, i) => grams * (of[i]?.drinks?.most ?? 0) * by.drinks),
    holds: layers.map(({ mm }) => areaDm2 * (p.holds + p.holdsPerMm * mm)),
  };
}

/** How much of what is let go in the heat is out after so many min at the pace of the oven. */
type OutAt = (cooked: number) => number;

/** The dish through the oven and the rest after it. @returns min that it has cooked at the pace of the oven */
function bake(
  { areaDm2, fromC, oven, restMin }: Stack,
  { of, lets, most, holds }: Brought,
  state: State,
  outAt: OutAt,
  by: MoistureFactors,
): number {
  const film = of.at(-1)?.film ? p.underFilm : 1,
    dryLag = lagFrom(p.dryLag, p.dryLagPerC, fromC);
  let cooked = 0,
    open = 0,
    warm = 0;
  const step = (minutes: number, pace: number) => {
    const before = cooked;
    cooked += minutes * pace;
    lets.forEach((g, i) => {
      const out = g * (outAt(cooked) - outAt(before));
      state.free[i]! += out;
      state.released += out;
    });
    const rates = of.map((component) => {
      const { minutes: tau, lag: begins } = component?.drinks ?? { minutes: Infinity, lag: 0 };
      const share = pace * Math.min(1, Math.max(0, (cooked - begins) / Math.max(minutes * pace, 1e-9)));
      return share / tau;
    });
    drink(state, most, rates, minutes);
    runDown(state, holds, minutes);
  };
  for (const { temperatureC, minutes, cover, fan } of oven) {
    if (!(minutes > 0)) continue;
    const steps = Math.max(1, Math.ceil(minutes / p.stepMin)),
      each = minutes / steps;
    const flux =
      p.flux * Math.max(0, (temperatureC - p.dryFromC) / 100) * areaDm2 * (fan ? p.fan : 1) * film * by.dries;
    for (let k = 0; k < steps; k++) {
      step(each, paceAt(temperatureC));
      warm += each;
      const steams = Math.min(1, Math.max(0, (warm - dryLag) / each));
      const openNow = cover === 'open' ? each * steams : 0;
      dry(state, flux * p.covers[cover] * crust(open + openNow / 2) * each * steams);
      open += openNow;
    }
  }
  rest(state, restMin, step);
  return cooked;
}

/** g that are felt as wet: what runs, and where hardly anything does, what is held. */
function feltOf(
  { layers, areaDm2 }: Stack,
  { of, inReach, lets }: Brought,
  { free, released }: State,
  out: number,
  wetLayers: number,
): number {
  const freeG = free.reduce((all, g) => all + g, 0),
    native = inReach.reduce((all, g) => all + g, 0),
    thin = released / Math.max(native + released, 1e-9);
  const runs = inReach.reduce((all, g, i) => all + g * (of[i]?.runs ?? 1), 0) / Math.max(native, 1e-9);
  const held = layers.reduce((all, { grams }, i) => {
    const { water = 0, spread = false, drinks } = of[i] ?? {};
    const kept = grams * water - inReach[i]! - lets[i]! * out;
    return all + (drinks ? 0 : kept * (spread ? running.creamy : running.juicy));
  }, 0);
  // What is held keeps a dish from being dry; where water runs it adds nothing to that.
  const runsG = freeG * (thin + (1 - thin) * runs);
  return runsG + held * Math.exp(-runsG / (AIMED_AT * areaDm2 * wetLayers));
}

/** Water of a dish through oven and rest, in equal steps: none is lost that is not told. */
export function bakedWater(stack: Stack, by: MoistureFactors = asTheTablesSay): WaterBudget {
  const { layers, fromC } = stack;
  const brought = broughtBy(stack, by),
    { inReach, lets, most } = brought;
  const state: State = {
    free: [...inReach],
    drunk: layers.map(() => 0),
    released: 0,
    drunkAll: 0,
    evaporated: 0,
    bound: 0,
  };
  const lag = lagFrom(p.releaseLag, p.releaseLagPerC, fromC);
  const outAt: OutAt = (min) => 1 - Math.exp(-Math.max(0, min - lag) / p.releaseMin);
  const cooked = bake(stack, brought, state, outAt, by);
  const wants = most.reduce((all, g) => all + g, 0),
    heightMm = layers.reduce((all, { mm }) => all + mm, 0);
  const wet = layers.filter((_, i) => inReach[i]! + lets[i]! > 0).length,
    wetLayers = Math.max(wet, heightMm / LAYER_MM, 1);
  return {
    reachableG: inReach.reduce((all, g) => all + g, 0),
    feltG: feltOf(stack, brought, state, outAt(cooked), wetLayers),
    releasedG: state.released,
    drunkG: state.drunkAll,
    evaporatedG: state.evaporated,
    boundG: state.bound,
    freeG: state.free.reduce((all, g) => all + g, 0),
    freeByLayer: state.free,
    filled: wants > 0 ? state.drunkAll / wants : 1,
    wetLayers,
  };
}

/** It stands: what drinks goes on slowly, and starch binds a part of what runs. */
function rest(state: State, minutes: number, step: (minutes: number, pace: number) => void): void {
  const steps = Math.ceil(minutes / p.stepMin);
  for (let k = 0; k < steps; k++) {
    const each = minutes / steps;
    step(each, p.restPace);
    const binds = 1 - (1 - p.restBinds) ** (each / p.restMin);
    state.free.forEach((g, i) => {
      state.free[i] = g * (1 - binds);
      state.bound += g * binds;
    });
  }
}
