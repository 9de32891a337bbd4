import type { Preparation, Stage } from '@alterum/core';

/** Kitchen words for how a line is made ready and when it goes in. */
export const preparationNames: Readonly<Record<Preparation, string>> = {
  'as-is': 'as it is',
  soaked: 'soaked',
  boiled: 'boiled soft',
};
export const stageNames: Readonly<Record<Stage, string>> = {
  start: 'from the start',
  slurry: 'cold slurry',
  roux: 'roux in fat',
  'dry-hot': 'dry into hot',
  end: 'at the end',
};
