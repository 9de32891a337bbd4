import { storedShape } from '@alterum/contract';
import { type Brief, currentRailId } from '@alterum/core';

/** A brief as it is kept: wishes by property. */
export const briefShape = storedShape<Brief>('a brief', {
  to: 2,
  name: 'one-name-a-property',
  up: (old: Readonly<Record<string, unknown>>) =>
    Object.fromEntries(Object.entries(old).map(([rail, wish]) => [currentRailId(rail), wish])),
});
