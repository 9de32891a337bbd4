import type { EveningContent } from '@alterum/contract';
import { defineEntity, type InferEntity, p } from '@mikro-orm/core';
import { StoredJson } from '../storage/stored-json.js';
import { eveningContentShape } from './evening.shape.js';

/** One kept evening; `version` grows with every write, `deletedAt` keeps a deleted one for undo. */
export const EveningRow = defineEntity({
  name: 'EveningRow',
  tableName: 'evening',
  properties: {
    id: p.uuid().primary(),
    version: p.integer(),
    name: p.string().length(120),
    content: p.type(new StoredJson(eveningContentShape)).$type<EveningContent>(),
    updatedAt: p.datetime(),
    deletedAt: p.datetime().nullable(),
  },
  checks: [
    { name: 'evening_name_given', expression: 'length(trim(name)) > 0' },
    { name: 'evening_version_counts', expression: 'version >= 1' },
  ],
});
export type EveningRow = InferEntity<typeof EveningRow>;
