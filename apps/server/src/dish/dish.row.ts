import type { DishContent } from '@alterum/contract';
import { defineEntity, type InferEntity, p } from '@mikro-orm/core';
import { StoredJson } from '../storage/stored-json.js';
import { dishShape } from './dish.shape.js';

/** One kept dish; `version` grows with every write, `deletedAt` keeps a deleted one for undo. */
export const DishRow = defineEntity({
  name: 'DishRow',
  tableName: 'dish',
  properties: {
    id: p.uuid().primary(),
    version: p.integer(),
    name: p.string().length(120),
    content: p.type(new StoredJson(dishShape)).$type<Omit<DishContent, 'name'>>(),
    createdAt: p.datetime(),
    updatedAt: p.datetime(),
    deletedAt: p.datetime().nullable(),
  },
  checks: [
    { name: 'dish_name_given', expression: 'length(trim(name)) > 0' },
    { name: 'dish_version_counts', expression: 'version >= 1' },
  ],
});
export type DishRow = InferEntity<typeof DishRow>;
