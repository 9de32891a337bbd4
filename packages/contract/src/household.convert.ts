import type { VersionsOfBase } from '@alterum/core';
import type { AddedInput, VersionsBody } from './household.body.js';

const known = (added: readonly Readonly<AddedInput>[]) =>
  added.flatMap(({ ingredient, grams }) => (grams === null ? [] : [{ ingredient, grams }]));

/** The core’s versions of a base; what has no amount yet is in none of them. */
export const versionsOfBase = ({
  inBase,
  versions,
  dividedAfter,
}: Readonly<VersionsBody>): VersionsOfBase => ({
  inBase: known(inBase),
  versions: versions.map(({ name, added }) => ({ name, added: known(added) })),
  dividedAfter,
});
