import type { ChoiceName, ChoiceOf, FigureName } from './operation-field.js';

/** What is usual of an operation where nothing is said. */
type Usual = { readonly [F in FigureName]?: number } & { readonly [C in ChoiceName]?: ChoiceOf<C> };

/** One thing that is done. */
export interface OperationKind {
  readonly name: string;
  /** Done to the whole pot, to one thing before it meets the pot, or to either. */
  readonly place: 'pot' | 'line' | 'either';
  /** Share of its time that wants hands, 0..1. @source assumed: from a cook who stands there to one who only looks in */
  readonly hands: number;
  /** Heat is on. */
  readonly heats?: true;
  /** Fields it has, in the order in which they are shown; one without a usual value is left open. */
  readonly figures: readonly FigureName[];
  readonly choices: readonly ChoiceName[];
  readonly usual: Usual;
}

const kind = (
  name: string,
  place: OperationKind['place'],
  hands: number,
  fields: Partial<Pick<OperationKind, 'figures' | 'choices' | 'usual' | 'heats'>> = {},
): OperationKind => ({ name, place, hands, figures: [], choices: [], usual: {}, ...fields });

/** Every kind of operation, in the order in which they are offered. Usual values: a domestic kitchen of one household. */
export const operationKinds = {
  'put-in': kind('Put in', 'pot', 1, { figures: ['minutes'], usual: { minutes: 2 } }),
  'stir-in': kind('Stir in, in pieces', 'pot', 1, {
    figures: ['minutes'],
    usual: { minutes: 2 },
  }),
  soak: kind('Soak', 'line', 0.02, {
    figures: ['minutes', 'mostMinutes', 'temperatureC'],
    choices: ['pour', 'water'],
    usual: { minutes: 600, temperatureC: 5, pour: 'cold', water: 'drained' },
  }),
  'boil-soft': kind('Boil soft', 'line', 0.1, {
    heats: true,
    figures: ['minutes', 'mostMinutes'],
    choices: ['water'],
    usual: { water: 'drained' },
  }),
  roast: kind('Roast', 'line', 0.1, {
    heats: true,
    figures: ['minutes', 'mostMinutes', 'ovenC', 'sizeMm'],
    usual: { minutes: 30, ovenC: 200, sizeMm: 25 },
  }),
  fry: kind('Fry gently', 'line', 0.7, {
    heats: true,
    figures: ['minutes', 'mostMinutes', 'panCm', 'sizeMm'],
    choices: ['flame', 'lid'],
    usual: { minutes: 10, panCm: 24, sizeMm: 5, flame: 'gentle', lid: 'open' },
  }),
  cut: kind('Cut or grate', 'line', 1, {
    figures: ['sizeMm', 'minutes'],
    usual: { sizeMm: 10, minutes: 3 },
  }),
  trim: kind('Peel, seed and trim', 'line', 1, { figures: ['minutes'], usual: { minutes: 3 } }),
  pluck: kind('Pluck the leaves', 'line', 1, { figures: ['minutes'], usual: { minutes: 3 } }),
  juice: kind('Press the juice', 'line', 1, { figures: ['minutes'], usual: { minutes: 2 } }),
  drain: kind('Drain the can', 'line', 1, {
    figures: ['minutes'],
    choices: ['rinse'],
    usual: { minutes: 1, rinse: 'drained' },
  }),
  press: kind('Press the water out', 'line', 0.05, {
    figures: ['minutes', 'mostMinutes'],
    usual: { minutes: 20 },
  }),
  salt: kind('Salt and let weep', 'line', 0.1, {
    figures: ['minutes', 'mostMinutes', 'saltPct'],
    choices: ['rinse'],
    usual: { minutes: 30, saltPct: 1.5, rinse: 'drained' },
  }),
  swell: kind('Swell', 'line', 0.05, { figures: ['minutes'], usual: { minutes: 30 } }),
  stand: kind('Stand', 'pot', 0, { figures: ['minutes'], usual: { minutes: 10 } }),
  settle: kind('Settle and pour off', 'pot', 0.02, {
    figures: ['minutes', 'mostMinutes'],
    choices: ['keep'],
    usual: { minutes: 480, keep: 'bottom' },
  }),
  strain: kind('Strain', 'pot', 1, {
    figures: ['minutes'],
    choices: ['through'],
    usual: { minutes: 5, through: 'squeezed' },
  }),
  blend: kind('Blend', 'pot', 1, {
    figures: ['seconds', 'power'],
    choices: ['tool'],
    usual: { seconds: 60, tool: 'jug' },
  }),
  pulse: kind('Pulse', 'pot', 1, {
    figures: ['seconds', 'power'],
    choices: ['tool'],
    usual: { seconds: 10, tool: 'processor' },
  }),
  heat: kind('Heat', 'pot', 0.8, {
    heats: true,
    figures: ['temperatureC', 'minutes', 'rateCPerMin', 'lossG'],
    usual: { temperatureC: 90, minutes: 5, rateCPerMin: 5, lossG: 0 },
  }),
  'boil-down': kind('Boil down', 'pot', 0.3, {
    heats: true,
    figures: ['minutes', 'mostMinutes', 'toG', 'panCm', 'testLossG'],
    choices: ['vigour', 'lid', 'plate'],
    usual: { minutes: 10, panCm: 20, vigour: 'simmer', lid: 'open', plate: 'medium' },
  }),
  cool: kind('Cool', 'pot', 0.05, {
    figures: ['temperatureC', 'minutes'],
    usual: { temperatureC: 45, minutes: 20 },
  }),
  chill: kind('Chill', 'pot', 0.02, {
    figures: ['minutes', 'temperatureC'],
    usual: { minutes: 240, temperatureC: 5 },
  }),
  bake: kind('Bake', 'pot', 0.05, {
    heats: true,
    figures: ['minutes', 'mostMinutes', 'ovenC', 'layerMm'],
    choices: ['lid'],
    usual: { minutes: 25, ovenC: 190, layerMm: 20, lid: 'open' },
  }),
  hold: kind('Keep warm', 'pot', 0.1, {
    figures: ['minutes', 'noodlesG'],
    choices: ['lid'],
    usual: { minutes: 15, noodlesG: 0, lid: 'open' },
  }),
  rest: kind('Rest', 'pot', 0, { figures: ['minutes'], usual: { minutes: 10 } }),
} as const satisfies Record<string, OperationKind>;

export type OperationKindId = keyof typeof operationKinds;
export const operationKindIds = Object.keys(operationKinds) as OperationKindId[];
export const kindOf = (id: OperationKindId): OperationKind => operationKinds[id];
