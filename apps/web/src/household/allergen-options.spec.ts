import { allergenIds } from '@alterum/core';
import { allergenGroups } from './allergen-options';

test.each([
  ['us', 9],
  ['eu', 14],
] as const)('by the %s list the %i heads come first, and every allergen is offered once', (law, heads) => {
  const groups = allergenGroups(law);
  expect(groups[0]?.ids).toHaveLength(heads);
  expect(groups.flatMap((group) => group.ids).sort()).toEqual([...allergenIds].sort());
});
