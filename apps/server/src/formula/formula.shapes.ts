import { type FormulaContent, storedShape } from '@alterum/contract';
import { currentRailId, type Hold, type Method, type Process, type Serve, uncooked } from '@alterum/core';

export const processShape = storedShape<Process>('a process', {
  to: 2,
  name: 'oven-and-warm-stove',
  // Saved before the oven was thought of: nothing was baked.
  up: (old: Partial<Process>) => ({ ...uncooked, ...old }),
});

export const methodShape = storedShape<Method>('a method');

export const serveShape = storedShape<Serve>('serving');

export const holdShape = storedShape<Hold>('a hold');

export const contentShape = storedShape<FormulaContent>('a kept version', {
  to: 2,
  name: 'one-name-a-property',
  up: (old: FormulaContent) => ({
    ...old,
    brief: old.brief?.map((wish) => ({ ...wish, rail: currentRailId(wish.rail) })) ?? null,
  }),
});
