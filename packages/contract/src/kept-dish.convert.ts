import type { DishLayer, DishPart, NamedVessel, WrittenDish } from '@alterum/core';
import { ovenStageOfInput, vesselOfInput } from './dish.convert.js';
import type {
  DishContentBody,
  KeptDishBody,
  KeptLayerInput,
  KeptPartInput,
  KeptVesselInput,
} from './kept-dish.body.js';
import type { DishContent } from './kept-dish.view.js';
import { inputOfMethod, methodOfInput } from './operation.convert.js';

/** A dish that holds nothing yet: for four, out of an oven at the usual heat. */
export const blankDish: WrittenDish = {
  name: 'New dish',
  note: '',
  portions: 4,
  eaters: [],
  parts: [],
  layers: [],
  oven: [
    { temperatureC: 190, minutes: 25, cover: 'foil', fan: false },
    { temperatureC: 190, minutes: 15, cover: 'open', fan: false },
  ],
  restMin: 10,
  fromC: 20,
};

const namedVesselOf = (vessel: KeptVesselInput): NamedVessel => ({
  ...(vessel.name === undefined ? {} : { name: vessel.name }),
  ...vesselOfInput(vessel),
});

const partOf = ({
  id,
  name,
  formula,
  version,
  ingredient,
  grams,
  ready,
  onlyFor,
}: KeptPartInput): DishPart => ({
  id,
  ...(name === undefined ? {} : { name }),
  ...(formula === undefined ? {} : { formula }),
  ...(version === undefined ? {} : { version }),
  ...(ingredient === undefined ? {} : { ingredient }),
  ...(grams === undefined || grams === null ? {} : { grams }),
  ready: ready ? methodOfInput(ready) : [],
  ...(onlyFor === undefined || onlyFor.length === 0 ? {} : { onlyFor }),
});

const layerOf = ({ id, component, grams, mm, share }: KeptLayerInput): DishLayer => ({
  id,
  component,
  ...(grams === undefined ? {} : { grams }),
  ...(mm === undefined ? {} : { mm }),
  ...(share === undefined ? {} : { share }),
});

/** The core’s dish from what was sent, completed from what stands or from a blank one. */
export function dishFromBody(body: KeptDishBody, base: WrittenDish = blankDish): WrittenDish {
  const kept =
    body.kept?.map(({ id, name, keptAt, content }) => ({
      id,
      name: name.trim(),
      keptAt,
      dish: contentFromBody(content, blankDish),
    })) ?? base.kept;
  return { ...contentFromBody(body, base), ...(kept && kept.length > 0 ? { kept } : {}) };
}

function contentFromBody(body: DishContentBody, base: WrittenDish): Omit<WrittenDish, 'kept'> {
  const { vessel: standing, kept: _, ...rest } = base;
  const vessel =
    body.vessel === undefined ? standing : body.vessel === null ? undefined : namedVesselOf(body.vessel);
  return {
    ...rest,
    name: body.name.trim(),
    note: body.note ?? base.note,
    portions: body.portions ?? base.portions,
    eaters: body.eaters?.map(({ eater, appetite }) => ({ eater, appetite })) ?? base.eaters,
    ...(vessel ? { vessel } : {}),
    parts: body.parts?.map(partOf) ?? base.parts,
    layers: body.layers?.map(layerOf) ?? base.layers,
    oven: body.oven?.map(ovenStageOfInput) ?? base.oven,
    restMin: body.restMin ?? base.restMin,
    fromC: body.fromC ?? base.fromC,
  };
}

/** What is sent for a dish of the core. */
export const dishBodyOf = ({ kept = [], ...dish }: WrittenDish): DishContent => ({
  ...contentOf(dish),
  kept: kept.map(({ id, name, keptAt, dish: then }) => ({ id, name, keptAt, content: contentOf(then) })),
});

const contentOf = ({
  vessel,
  parts,
  layers,
  ...dish
}: Omit<WrittenDish, 'kept'>): Omit<DishContent, 'kept'> => ({
  ...dish,
  vessel: vessel ?? null,
  parts: parts.map(({ grams, ready, ...part }) => ({
    ...part,
    grams: grams ?? null,
    ready: inputOfMethod(ready),
  })),
  layers: layers.map(({ grams, mm, share, ...layer }) => ({
    ...layer,
    ...(grams === undefined ? {} : { grams }),
    ...(mm === undefined ? {} : { mm }),
    ...(share === undefined ? {} : { share }),
  })),
});

/** The core’s dish from what the server answered or a draft kept. */
export const dishOfContent = (content: DishContent): WrittenDish =>
  dishFromBody(content as unknown as KeptDishBody);
