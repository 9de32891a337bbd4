import type { MoistureAdvice } from './advice.js';
import { recovered } from './remedies.js';
import type { DishReport } from './dish.js';
import { layeredG } from './dish-portion.js';
import { friedFor } from './fried-for.js';
import type { DishLayer, DishPart, KeptMoment, WrittenDish } from './written-dish.js';

/** A part that comes in, in a layer of its own at the top. */
export const withPart = (dish: WrittenDish, part: DishPart, layer: string): WrittenDish => ({
  ...dish,
  parts: [...dish.parts, part],
  layers: [...dish.layers, { id: layer, component: part.id }],
});

/** A part that goes, with its layers. */
export const withoutPart = (dish: WrittenDish, id: string): WrittenDish => ({
  ...dish,
  parts: dish.parts.filter((part) => part.id !== id),
  layers: dish.layers.filter(({ component }) => component !== id),
});

export const partChanged = (dish: WrittenDish, id: string, to: Partial<DishPart>): WrittenDish => ({
  ...dish,
  parts: dish.parts.map((part) => (part.id === id ? { ...part, ...to } : part)),
});

/** A part that is one version of its formula; undefined is the formula as it is. */
export const partOfVersion = (dish: WrittenDish, id: string, version: string | undefined): WrittenDish => ({
  ...dish,
  parts: dish.parts.map(({ version: before, ...part }) => {
    const named = part.id === id ? version : before;
    return named === undefined ? part : { ...part, version: named };
  }),
});

/** A part that only some eat of; nobody named is everybody. */
export const partOnlyFor = (dish: WrittenDish, id: string, eaters: readonly string[]): WrittenDish => ({
  ...dish,
  parts: dish.parts.map(({ onlyFor: before = [], ...part }) => {
    const only = part.id === id ? eaters : before;
    return only.length === 0 ? part : { ...part, onlyFor: only };
  }),
});

/** The dish with how it stands now kept under a name; a version of that name is taken the place of. */
export function withMoment(dish: WrittenDish, { id, name, keptAt }: Omit<KeptMoment, 'dish'>): WrittenDish {
  const { kept = [], ...now } = dish;
  return { ...dish, kept: [...kept.filter((one) => one.name !== name), { id, name, keptAt, dish: now }] };
}

/** The dish as a version of it was kept; its name and its versions stay. */
export function atMoment(dish: WrittenDish, id: string): WrittenDish {
  const { kept = [], name } = dish,
    moment = kept.find((one) => one.id === id);
  return moment ? { ...moment.dish, name, kept } : dish;
}

export const withoutMoment = (dish: WrittenDish, id: string): WrittenDish => ({
  ...dish,
  kept: (dish.kept ?? []).filter((one) => one.id !== id),
});

/** A part of which nothing is said how much any more: all that a formula makes. */
export const partUnweighed = (dish: WrittenDish, id: string): WrittenDish => ({
  ...dish,
  parts: dish.parts.map(({ grams, ...part }) =>
    part.id === id || grams === undefined ? part : { ...part, grams },
  ),
});

/** How much of its part a layer takes: g, mm, or a share of what the others leave. */
export type LayerAmount =
  { readonly by: 'grams' | 'mm'; readonly value: number } | { readonly by: 'share'; readonly value?: number };

export const amountOfLayer = ({ grams, mm, share }: DishLayer): LayerAmount =>
  grams !== undefined
    ? { by: 'grams', value: grams }
    : mm !== undefined
      ? { by: 'mm', value: mm }
      : { by: 'share', ...(share === undefined ? {} : { value: share }) };

export const layerAmounted = (dish: WrittenDish, id: string, amount: LayerAmount): WrittenDish => ({
  ...dish,
  layers: dish.layers.map((layer) =>
    layer.id === id
      ? {
          id,
          component: layer.component,
          ...(amount.value === undefined ? {} : { [amount.by]: amount.value }),
        }
      : layer,
  ),
});

/** One layer more, right above another one, or at the top. */
export function layerAdded(dish: WrittenDish, layer: DishLayer, above?: string): WrittenDish {
  const at = dish.layers.findIndex(({ id }) => id === above);
  const layers = [...dish.layers];
  layers.splice(at < 0 ? layers.length : at + 1, 0, layer);
  return { ...dish, layers };
}

export const withoutLayer = (dish: WrittenDish, id: string): WrittenDish => ({
  ...dish,
  layers: dish.layers.filter((layer) => layer.id !== id),
});

/** A layer taken to the place of another one. */
export function layerMoved(dish: WrittenDish, id: string, onto: string): WrittenDish {
  const from = dish.layers.findIndex((layer) => layer.id === id),
    to = dish.layers.findIndex((layer) => layer.id === onto);
  if (from < 0 || to < 0 || from === to) return dish;
  const layers = [...dish.layers];
  layers.splice(to, 0, ...layers.splice(from, 1));
  return { ...dish, layers };
}

/** All that is laid of a part, times so much; what was not said by weight is said by it from then on where it has to be. */
function lessOf(dish: WrittenDish, id: string, factor: number, report: DishReport): WrittenDish {
  const scaled = {
    ...dish,
    layers: dish.layers.map((layer) => ({
      ...layer,
      ...(layer.component === id && layer.grams !== undefined
        ? { grams: Math.round(layer.grams * factor) }
        : {}),
      ...(layer.component === id && layer.mm !== undefined
        ? { mm: Math.round(layer.mm * factor * 10) / 10 }
        : {}),
    })),
  };
  return partChanged(scaled, id, { grams: Math.round(layeredG(report, id) * factor) });
}

/**
 * The dish with a proposal taken; undefined where it is not the dish that has to change but a sauce in it (water boiled off or stirred in),
 * or where what it is about is gone.
 */
export function withAdvice(
  dish: WrittenDish,
  { kind, component, amount }: Pick<MoistureAdvice, 'kind' | 'component' | 'amount'>,
  report: DishReport,
): WrittenDish | undefined {
  const part = dish.parts.find(({ id }) => id === component),
    last = dish.oven.at(-1);
  switch (kind) {
    case 'rest':
      return { ...dish, restMin: dish.restMin + amount };
    case 'fry':
      return part && partChanged(dish, part.id, { ready: friedFor(part.ready, amount) });
    case 'uncover':
    case 'cover':
      return { ...dish, oven: recovered(dish.oven, amount, kind === 'uncover') };
    case 'bake-longer':
      if (!last) return undefined;
      return {
        ...dish,
        oven:
          last.cover === 'open'
            ? [...dish.oven.slice(0, -1), { ...last, minutes: last.minutes + amount }]
            : [...dish.oven, { ...last, cover: 'open', minutes: amount }],
      };
    case 'less-sauce': {
      const laid = part ? layeredG(report, part.id) : 0;
      return part && laid > amount ? lessOf(dish, part.id, 1 - amount / laid, report) : undefined;
    }
    case 'boil-down':
    case 'add-water':
      return undefined;
  }
}
