import type { Brief } from '@alterum/core';
import { defineEntity, type InferEntity, p } from '@mikro-orm/core';
import { StoredJson } from '../storage/stored-json.js';
import { briefShape } from './brief.shape.js';

/** A brief kept under a name, so that several formulas can be made to it. */
export const SavedBriefRow = defineEntity({
  name: 'SavedBriefRow',
  tableName: 'saved_brief',
  properties: {
    id: p.uuid().primary(),
    name: p.string().length(80).unique(),
    brief: p.type(new StoredJson(briefShape)).$type<Brief>(),
    keptAt: p.datetime(),
  },
  checks: [{ name: 'saved_brief_name_given', expression: 'length(trim(name)) > 0' }],
});
export type SavedBriefRow = InferEntity<typeof SavedBriefRow>;
