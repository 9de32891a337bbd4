import type { DishContent, KeptDishView } from '@alterum/contract';
import { dishBodyOf, dishOfContent } from '@alterum/contract/convert';
import type { WrittenDish } from '@alterum/core';
import { autosaveOf } from '../saving/autosave';
import { api } from '../server/api';
import { openDish, rebaseDish, useDish } from './dish-store';
import { knowParts } from '../household/known-to-dish';

/** Saves the open dish by itself. */
export const dishSaving = autosaveOf<KeptDishView, DishContent, WrittenDish>({
  open: () => {
    const { open } = useDish.getState();
    return open && { id: open.id, version: open.version, work: open.dish };
  },
  watch: (changed) => useDish.subscribe(changed),
  put: openDish,
  rebase: rebaseDish,
  contentOf: dishBodyOf,
  workOf: dishOfContent,
  know: (content) => knowParts([dishOfContent(content)]),
  update: (id, body) => api.updateDish(id, body),
  restore: (id) => api.restoreDish(id),
  create: (content) => api.createDish(content),
});
