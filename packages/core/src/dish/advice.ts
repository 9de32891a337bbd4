import { componentOfIngredient, type DishComponent } from './component.js';
import { friedFor } from './fried-for.js';
import { AIMED_AT, moistureEdges } from './moisture.params.js';
import { bakedWater, type Stack } from './moisture.js';
import { type MoistureWord, moistureWord } from './moisture-verdict.js';
import type { OvenStage } from './oven.js';

/** One thing that can be done about a dish that is too wet or too dry, and what becomes of it. */
export interface MoistureAdvice {
  readonly kind:
    'fry' | 'less-sauce' | 'boil-down' | 'uncover' | 'bake-longer' | 'rest' | 'add-water' | 'cover';
  /** The component it is done to, where it is done to one. */
  readonly component: string | undefined;
  /** min, or g of sauce or water. */
  readonly amount: number;
  readonly unit: 'min' | 'g';
  readonly perLayer: number;
  readonly word: MoistureWord;
}

/** What may be tried, as a share of how much: 0 is nothing of it, 1 the most a cook would do. */
interface Remedy {
  readonly kind: MoistureAdvice['kind'];
  readonly component?: string;
  readonly unit: 'min' | 'g';
  readonly most: number;
  readonly at: (amount: number) => Stack;
}

const perLayerOf = (stack: Stack): number => {
  const { feltG, wetLayers } = bakedWater(stack);
  return feltG / (stack.areaDm2 * wetLayers);
};

const withComponent = (stack: Stack, component: DishComponent): Stack => ({
  ...stack,
  components: new Map(stack.components).set(component.id, component),
});
const withLayers = (stack: Stack, id: string, factor: number): Stack => ({
  ...stack,
  layers: stack.layers.map((layer) =>
    layer.component === id ? { ...layer, grams: layer.grams * factor, mm: layer.mm * factor } : layer,
  ),
});
const layeredG = ({ layers }: Stack, id: string): number =>
  layers.reduce((all, { component, grams }) => (component === id ? all + grams : all), 0);

/** The sauce whose water most can be reached. */
const wettest = (stack: Stack): DishComponent | undefined =>
  [...stack.components.values()]
    .filter(({ reach, id }) => reach > 0 && layeredG(stack, id) > 0)
    .sort((a, b) => b.reach * b.water * layeredG(stack, b.id) - a.reach * a.water * layeredG(stack, a.id))[0];

/** A sauce with so many g of water more (below 0: less) in the whole of it. */
function watered(stack: Stack, sauce: DishComponent, g: number): Stack {
  const all = layeredG(stack, sauce.id),
    after = all + g;
  const water = (sauce.water * all + g) / after;
  const changed = {
    ...sauce,
    water,
    grams: sauce.grams + g,
    reach: Math.min(
      0.95,
      (sauce.reach * sauce.water * all + Math.max(g, -sauce.reach * sauce.water * all)) / (water * after),
    ),
  };
  return withComponent(withLayers(stack, sauce.id, after / all), changed);
}

/** Most of things that a cook would do. @source kitchen habit, assumed */
const most = {
  fryMin: 15,
  restMin: 30,
  bakeMin: 25,
  lessShare: 0.35,
  waterShare: 0.4,
  boilShare: 0.3,
} as const;

/** A vegetable that is fried, or fried longer, before it goes in. */
function friedLonger(stack: Stack, { id, plain }: DishComponent): Remedy | undefined {
  if (!plain?.ingredient.handling?.frying) return undefined;
  const { ingredient, weighedG, ready } = plain;
  const before = stack.components.get(id)!;
  return {
    kind: 'fry',
    component: id,
    unit: 'min',
    most: most.fryMin,
    at: (minutes) => {
      if (!(minutes > 0)) return stack;
      const now = componentOfIngredient(id, ingredient, weighedG, friedFor(ready, minutes), before.name);
      return withLayers(withComponent(stack, now), id, now.grams / before.grams);
    },
  };
}

/** The last covered minutes uncovered, or the open ones covered; from the end on. */
export function recovered(
  stages: readonly OvenStage[],
  minutes: number,
  open: boolean,
): readonly OvenStage[] {
  let left = minutes;
  const changed: OvenStage[] = [];
  for (const stage of [...stages].reverse()) {
    const turns = (stage.cover === 'open') !== open ? Math.min(left, stage.minutes) : 0;
    left -= turns;
    // What is uncovered is uncovered at the end, what is covered at the beginning.
    const kept = { ...stage, minutes: stage.minutes - turns },
      other: OvenStage = { ...stage, minutes: turns, cover: open ? 'open' : 'foil' };
    changed.push(...(open ? [other, kept] : [kept, other]));
  }
  return changed.filter((stage) => stage.minutes > 0).reverse();
}

const minutesOf = (stack: Stack, open: boolean): number =>
  stack.oven.reduce((all, { cover, minutes }) => ((cover === 'open') === open ? all + minutes : all), 0);

function remediesWhenWet(stack: Stack): readonly Remedy[] {
  const sauce = wettest(stack);
  const last = stack.oven.at(-1);
  const fries = [...stack.components.values()]
    .filter(({ id, gives }) => gives.share * layeredG(stack, id) > LEAST_WORTH)
    .flatMap((component) => friedLonger(stack, component) ?? []);
  return [
    {
      kind: 'rest',
      unit: 'min',
      most: most.restMin,
      at: (min) => ({ ...stack, restMin: stack.restMin + min }),
    },
    ...fries,
    ...(minutesOf(stack, false) > 0
      ? [
          {
            kind: 'uncover' as const,
            unit: 'min' as const,
            most: minutesOf(stack, false),
            at: (min: number) => ({ ...stack, oven: recovered(stack.oven, min, true) }),
          },
        ]
      : []),
    ...(last
      ? [
          {
            kind: 'bake-longer' as const,
            unit: 'min' as const,
            most: most.bakeMin,
            at: (min: number) => ({
              ...stack,
              oven: [...stack.oven, { ...last, cover: 'open' as const, minutes: min }],
            }),
          },
        ]
      : []),
    ...(sauce
      ? [
          {
            kind: 'less-sauce' as const,
            component: sauce.id,
            unit: 'g' as const,
            most: most.lessShare * layeredG(stack, sauce.id),
            at: (g: number) => withLayers(stack, sauce.id, 1 - g / layeredG(stack, sauce.id)),
          },
          {
            kind: 'boil-down' as const,
            component: sauce.id,
            unit: 'g' as const,
            most: most.boilShare * layeredG(stack, sauce.id) * sauce.water,
            at: (g: number) => watered(stack, sauce, -g),
          },
        ]
      : []),
  ];
}
/** g that a vegetable must let go for frying it to be worth a word. @source assumed: three spoons */
const LEAST_WORTH = 40;

function remediesWhenDry(stack: Stack): readonly Remedy[] {
  const sauce = wettest(stack);
  return [
    ...(minutesOf(stack, true) > 0
      ? [
          {
            kind: 'cover' as const,
            unit: 'min' as const,
            most: minutesOf(stack, true),
            at: (min: number) => ({ ...stack, oven: recovered(stack.oven, min, false) }),
          },
        ]
      : []),
    ...(sauce
      ? [
          {
            kind: 'add-water' as const,
            component: sauce.id,
            unit: 'g' as const,
            most: most.waterShare * layeredG(stack, sauce.id),
            at: (g: number) => watered(stack, sauce, g),
          },
        ]
      : []),
  ];
}

const HALVINGS = 14;

/** How much of a remedy brings the dish to what is aimed at; all of it where that does not reach; undefined where it does not help. */
function solved(remedy: Remedy, now: number): MoistureAdvice | undefined {
  const { kind, component, unit, most: all, at } = remedy;
  const far = perLayerOf(at(all));
  const towards = (value: number) => Math.abs(Math.log((value + 0.5) / (AIMED_AT + 0.5)));
  const crosses = (now - AIMED_AT) * (far - AIMED_AT) <= 0;
  let low = 0,
    high = all;
  if (crosses)
    for (let k = 0; k < HALVINGS; k++) {
      const mid = (low + high) / 2;
      if ((perLayerOf(at(mid)) - AIMED_AT) * (now - AIMED_AT) > 0) low = mid;
      else high = mid;
    }
  const amount = unit === 'min' ? Math.max(1, Math.round(high)) : Math.max(5, Math.round(high / 5) * 5);
  const perLayer = perLayerOf(at(Math.min(amount, all)));
  if (!(towards(perLayer) < towards(now) - LEAST_HELP)) return undefined;
  return { kind, component, amount, unit, perLayer, word: moistureWord(perLayer) };
}
/** Log by which a dish must come nearer for something to be worth doing. @source assumed */
const LEAST_HELP = 0.1;

/**
 * What can be done about a dish that is soupy or dry, each alone: first what makes it set, then what only helps. A dish that is set or
 * soft is left alone.
 */
export function moistureAdvice(stack: Stack): readonly MoistureAdvice[] {
  const now = perLayerOf(stack);
  const word = moistureWord(now);
  if (word === 'just set' || (word === 'soft' && now < (moistureEdges.soft + moistureEdges.soupy) / 2))
    return [];
  const remedies = word === 'dry' ? remediesWhenDry(stack) : remediesWhenWet(stack);
  return remedies
    .flatMap((remedy) => solved(remedy, now) ?? [])
    .sort((a, b) => Number(b.word === 'just set') - Number(a.word === 'just set'));
}

/** Things that are done to the dish itself, and how many of them a cook would do at once. */
const toTheDish: ReadonlySet<MoistureAdvice['kind']> = new Set([
  'fry',
  'uncover',
  'cover',
  'bake-longer',
  'rest',
  'less-sauce',
]);
const AT_ONCE = 3;

interface Step {
  readonly advice: MoistureAdvice;
  readonly after: Stack;
}

/** The one thing that helps most now: what makes it set first. */
function bestStep(stack: Stack, done: readonly MoistureAdvice[]): Step | undefined {
  const now = perLayerOf(stack),
    word = moistureWord(now);
  const isDone = ({ kind, component }: Remedy) =>
    done.some((one) => one.kind === kind && one.component === component);
  const steps = (word === 'dry' ? remediesWhenDry(stack) : remediesWhenWet(stack))
    .filter((remedy) => toTheDish.has(remedy.kind) && !isDone(remedy))
    .flatMap((remedy): readonly Step[] => {
      const advice = solved(remedy, now);
      return advice ? [{ advice, after: remedy.at(Math.min(advice.amount, remedy.most)) }] : [];
    });
  const off = ({ advice }: Step) => Math.abs(Math.log((advice.perLayer + 0.5) / (AIMED_AT + 0.5)));
  return steps.find(({ advice }) => advice.word === 'just set') ?? steps.sort((a, b) => off(a) - off(b))[0];
}

/**
 * What to do together, one after the other, where no single thing makes it set: each on the dish as the ones before leave it. Empty where
 * one is enough, where nothing is wanted, or where three are not enough either.
 */
export function togetherAdvice(stack: Stack): readonly MoistureAdvice[] {
  if (moistureAdvice(stack).length === 0) return [];
  const done: MoistureAdvice[] = [];
  let now = stack;
  while (done.length < AT_ONCE) {
    const step = bestStep(now, done);
    if (!step) return [];
    done.push(step.advice);
    now = step.after;
    if (step.advice.word === 'just set') return done.length > 1 ? done : [];
  }
  return [];
}
