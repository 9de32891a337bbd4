import type { Method, Operation } from '../../recipe/method/operation.js';
import { kindOf } from '../../recipe/method/operation-kinds.js';
import { figureOf } from '../../recipe/method/operation.js';
import type { FigureName } from '../../recipe/method/operation-field.js';
import { scaling as p } from './scale.params.js';

/** The same pots and dishes, or ones that grow with the batch. */
export type Vessel = 'same' | 'grown';

/** Digits that a figure keeps when it is scaled: no kitchen measures finer. */
const DIGITS = 3;
export const rounded = (value: number): number => Number(value.toPrecision(DIGITS));

/** How each figure of a kind of operation follows the batch, as the exponent of its factor; what is not named stays. */
const follows: Readonly<Record<Vessel, (operation: Operation) => Partial<Record<FigureName, number>>>> = {
  same: ({ kind }) => ({
    toG: 1,
    noodlesG: 1,
    ...(kind === 'boil-down' ? { minutes: 1 } : {}),
    ...(kind === 'bake' ? { layerMm: 1 } : {}),
  }),
  grown: ({ kind }) => ({
    toG: 1,
    noodlesG: 1,
    lossG: p.simmerLoss,
    panCm: p.vesselWidth,
    ...(kind === 'boil-down' ? { minutes: p.areaMinutes } : {}),
  }),
};

/**
 * An operation for a batch so many times as large. Times of soak, swell, blade and heat stay; masses grow with the batch, and what
 * leaves the pot with its area.
 */
export function scaledOperation(operation: Operation, by: number, vessel: Vessel): Operation {
  const has = kindOf(operation.kind).figures;
  const changed = Object.entries(follows[vessel](operation)).flatMap(([name, exponent]) => {
    const figure = name as FigureName;
    // A figure that is only usual is scaled too, where it belongs to what is boiled down; nothing that was left open is made up.
    const now = has.includes(figure) ? figureOf(operation, figure) : undefined;
    return now === undefined || now === 0 ? [] : [[figure, rounded(now * by ** exponent)] as const];
  });
  return { ...operation, ...Object.fromEntries(changed) };
}

export const scaledMethod = (method: Method, by: number, vessel: Vessel): Method =>
  method.map((operation) => scaledOperation(operation, by, vessel));
