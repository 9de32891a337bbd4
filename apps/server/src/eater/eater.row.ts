import type { AllergenId, Compound, Need, Rule, Strictness } from '@alterum/core';
import { defineEntity, type InferEntity, p } from '@mikro-orm/core';

/** Somebody at the table. */
export const EaterRow = defineEntity({
  name: 'EaterRow',
  tableName: 'eater',
  properties: {
    id: p.uuid().primary(),
    version: p.integer(),
    position: p.integer(),
    name: p.string().length(60),
    eatsTonight: p.boolean(),
    guest: p.boolean().default(false),
    deletedAt: p.datetime().nullable(),
    needs: () => p.oneToMany(EaterNeedRow).mappedBy('eater').orphanRemoval().orderBy({ position: 'asc' }),
  },
  checks: [
    { name: 'eater_name_given', expression: 'length(trim(name)) > 0' },
    { name: 'eater_version_counts', expression: 'version >= 1' },
  ],
});
export type EaterRow = InferEntity<typeof EaterRow>;

/** One need of a person; which columns are filled follows from its kind. */
export const EaterNeedRow = defineEntity({
  name: 'EaterNeedRow',
  tableName: 'eater_need',
  properties: {
    key: p.integer().primary().autoincrement(),
    eater: () => p.manyToOne(EaterRow).deleteRule('cascade'),
    position: p.integer(),
    kind: p.string().length(20).$type<Need['kind']>(),
    allergen: p.string().length(40).$type<AllergenId>().nullable(),
    ingredient: p.string().length(120).nullable(),
    strictness: p.string().length(20).$type<Strictness>().nullable(),
    traces: p.boolean(),
    gramsPerPortion: p.float().nullable(),
    compound: p.string().length(20).$type<Compound>().nullable(),
    rule: p.string().length(20).$type<Rule>().nullable(),
  },
  checks: [
    {
      name: 'eater_need_has_its_fields',
      expression:
        "(kind = 'allergen' and allergen is not null and strictness is not null) or (kind = 'ingredient' and ingredient is not null and strictness is not null) or (kind = 'salt-limit' and grams_per_portion > 0) or (kind = 'compound' and compound is not null and grams_per_portion > 0) or (kind = 'rule' and rule is not null)",
    },
  ],
});
export type EaterNeedRow = InferEntity<typeof EaterNeedRow>;
