import type { AllergenId } from '@alterum/core';
import { defineEntity, type InferEntity, p } from '@mikro-orm/core';
import { StoredJson } from '../storage/stored-json.js';
import { allergensShape } from './label.shapes.js';

/** The label of the pack in this house, for a larder ingredient: it adds to the generic table, and clears what of it is only often so. */
export const PackLabelRow = defineEntity({
  name: 'PackLabelRow',
  tableName: 'pack_label',
  properties: {
    ingredient: p.string().length(120).primary(),
    text: p.text(),
    contains: p.type(new StoredJson(allergensShape)).$type<readonly AllergenId[]>(),
    askFor: p.type(new StoredJson(allergensShape)).$type<readonly AllergenId[]>(),
    readOn: p.datetime(),
  },
  checks: [{ name: 'pack_label_text_given', expression: 'length(text) > 0' }],
});
export type PackLabelRow = InferEntity<typeof PackLabelRow>;
