import { componentOfIngredient, type DishComponent } from './component.js';
import { layeredG } from './dish-portion.js';
import { friedFor } from './fried-for.js';
import type { Stack } from './moisture.js';
import type { OvenStage } from './oven.js';

/** Something that can be done about a dish that is too wet or too dry. */
export type RemedyKind =
  'fry' | 'less-sauce' | 'boil-down' | 'uncover' | 'bake-longer' | 'rest' | 'add-water' | 'cover';

/** What may be tried, as a share of how much: 0 is nothing of it, 1 the most a cook would do. */
export interface Remedy {
  readonly kind: RemedyKind;
  readonly component?: string;
  readonly unit: 'min' | 'g';
  readonly most: number;
  readonly at: (amount: number) => Stack;
}

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

/** g that a vegetable must let go for frying it to be worth a word. @source assumed: three spoons */
const LEAST_WORTH = 40;

const resting = (stack: Stack): Remedy => ({
  kind: 'rest',
  unit: 'min',
  most: most.restMin,
  at: (min) => ({ ...stack, restMin: stack.restMin + min }),
});

/** Every vegetable that lets go much. */
const fryings = (stack: Stack): readonly Remedy[] =>
  [...stack.components.values()]
    .filter(({ id, gives }) => gives.share * layeredG(stack, id) > LEAST_WORTH)
    .flatMap((component) => friedLonger(stack, component) ?? []);

/** Uncovered for the last minutes, or covered. */
function coverings(stack: Stack, open: boolean): readonly Remedy[] {
  const minutes = minutesOf(stack, !open);
  if (!(minutes > 0)) return [];
  return [
    {
      kind: open ? 'uncover' : 'cover',
      unit: 'min',
      most: minutes,
      at: (min) => ({ ...stack, oven: recovered(stack.oven, min, open) }),
    },
  ];
}

function bakingLonger(stack: Stack): readonly Remedy[] {
  const last = stack.oven.at(-1);
  if (!last) return [];
  return [
    {
      kind: 'bake-longer',
      unit: 'min',
      most: most.bakeMin,
      at: (min) => ({ ...stack, oven: [...stack.oven, { ...last, cover: 'open', minutes: min }] }),
    },
  ];
}

/** Something that is done to the wettest sauce, in g; nothing where there is none. */
function toSauce(
  stack: Stack,
  kind: RemedyKind,
  mostOf: (sauce: DishComponent, layered: number) => number,
  at: (sauce: DishComponent, g: number, layered: number) => Stack,
): readonly Remedy[] {
  const sauce = wettest(stack);
  if (!sauce) return [];
  const layered = layeredG(stack, sauce.id);
  return [
    {
      kind,
      component: sauce.id,
      unit: 'g',
      most: mostOf(sauce, layered),
      at: (g) => at(sauce, g, layered),
    },
  ];
}

export const remediesWhenWet = (stack: Stack): readonly Remedy[] => [
  resting(stack),
  ...fryings(stack),
  ...coverings(stack, true),
  ...bakingLonger(stack),
  ...toSauce(
    stack,
    'less-sauce',
    (_sauce, layered) => most.lessShare * layered,
    ({ id }, g, layered) => withLayers(stack, id, 1 - g / layered),
  ),
  ...toSauce(
    stack,
    'boil-down',
    ({ water }, layered) => most.boilShare * layered * water,
    (sauce, g) => watered(stack, sauce, -g),
  ),
];

export const remediesWhenDry = (stack: Stack): readonly Remedy[] => [
  ...coverings(stack, false),
  ...toSauce(
    stack,
    'add-water',
    (_sauce, layered) => most.waterShare * layered,
    (sauce, g) => watered(stack, sauce, g),
  ),
];
