import type { FormulaContent } from '@alterum/contract';
import type {
  Brief,
  Family,
  Hold,
  Method,
  Preparation,
  Process,
  Role,
  Serve,
  Stage,
  UnitId,
} from '@alterum/core';
import { defineEntity, type InferEntity, p } from '@mikro-orm/core';
import { briefShape } from '../brief/brief.shape.js';
import { StoredJson } from '../storage/stored-json.js';
import { contentShape, holdShape, methodShape, processShape, serveShape } from './formula.shapes.js';

/** One saved formula; `version` grows with every write, `deletedAt` keeps a deleted one for undo. */
export const FormulaRow = defineEntity({
  name: 'FormulaRow',
  tableName: 'formula',
  properties: {
    id: p.uuid().primary(),
    version: p.integer(),
    name: p.string().length(120),
    family: p.string().length(40).$type<Family>(),
    portions: p.float(),
    note: p.text(),
    process: p.type(new StoredJson(processShape)).$type<Process>(),
    method: p.type(new StoredJson(methodShape)).$type<Method>().nullable(),
    /** The app writes the method; never beside one of the cook's own. */
    writesItself: p.boolean().default(false),
    serve: p.type(new StoredJson(serveShape)).$type<Serve>(),
    brief: p.type(new StoredJson(briefShape)).$type<Brief>().nullable(),
    createdAt: p.datetime(),
    updatedAt: p.datetime(),
    deletedAt: p.datetime().nullable(),
    /** Place in the list, larger with every change of any formula; none while it is put away. Written by `FormulaList` alone. */
    turn: p.integer().nullable().unique(),
    /** The household’s own mark; no part of what is versioned. */
    favourite: p.boolean().default(false),
    lines: () => p.oneToMany(FormulaLineRow).mappedBy('formula').orphanRemoval().orderBy({ position: 'asc' }),
  },
  checks: [
    { name: 'formula_name_given', expression: 'length(trim(name)) > 0' },
    { name: 'formula_portions_positive', expression: 'portions > 0' },
    { name: 'formula_version_counts', expression: 'version >= 1' },
    { name: 'formula_one_method', expression: 'not (writes_itself and method is not null)' },
  ],
});
export type FormulaRow = InferEntity<typeof FormulaRow>;

/** One line of a formula, by position. */
export const FormulaLineRow = defineEntity({
  name: 'FormulaLineRow',
  tableName: 'formula_line',
  properties: {
    key: p.integer().primary().autoincrement(),
    formula: () => p.manyToOne(FormulaRow).deleteRule('cascade'),
    lineId: p.string().length(64),
    position: p.integer(),
    ingredient: p.string().length(120).index(),
    amount: p.float().nullable(),
    unit: p.string().length(10).$type<UnitId>(),
    /** Ends of an amount that was said loosely, in its unit. */
    least: p.float().nullable(),
    most: p.float().nullable(),
    role: p.string().length(20).$type<Role>(),
    preparation: p.string().length(20).$type<Preparation>(),
    stage: p.string().length(20).$type<Stage>(),
    ready: p.type(new StoredJson(methodShape)).$type<Method>().nullable(),
    weighed: p.string().length(10).$type<'ready'>().nullable(),
    hold: p.type(new StoredJson(holdShape)).$type<Hold>().nullable(),
  },
  uniques: [{ properties: ['formula', 'lineId'] }],
  checks: [
    { name: 'formula_line_amount_not_negative', expression: 'amount >= 0' },
    {
      name: 'formula_line_range_holds',
      expression:
        '(least is null) = (most is null) and (least is null or (least >= 0 and least <= amount and amount <= most))',
    },
    { name: 'formula_line_weighed_known', expression: `weighed is null or weighed = 'ready'` },
  ],
});
export type FormulaLineRow = InferEntity<typeof FormulaLineRow>;

/** A version of a formula that the cook kept, whole, as it stood. */
export const FormulaVersionRow = defineEntity({
  name: 'FormulaVersionRow',
  tableName: 'formula_version',
  properties: {
    id: p.uuid().primary(),
    formula: () => p.manyToOne(FormulaRow).deleteRule('cascade'),
    name: p.string().length(80),
    why: p.text(),
    content: p.type(new StoredJson(contentShape)).$type<FormulaContent>(),
    keptAt: p.datetime(),
    deletedAt: p.datetime().nullable(),
  },
  // A forgotten version can be brought back; its name is free in the meantime.
  indexes: [
    {
      name: 'formula_version_name_once',
      expression:
        'create unique index `formula_version_name_once` on `formula_version` (`formula_id`, `name`) where `deleted_at` is null',
    },
  ],
  checks: [{ name: 'formula_version_name_given', expression: 'length(trim(name)) > 0' }],
});
export type FormulaVersionRow = InferEntity<typeof FormulaVersionRow>;
