import type { AllergenId, NutritionLabel, Role } from '@alterum/core';
import { defineEntity, type InferEntity, p } from '@mikro-orm/core';
import { allergensShape } from '../label/label.shapes.js';
import { StoredJson } from '../storage/stored-json.js';
import { nutritionLabelShape } from './own-ingredient.shape.js';

/** An ingredient of the cook's own, as written down from its label; the rest is inferred when it is read. */
export const OwnIngredientRow = defineEntity({
  name: 'OwnIngredientRow',
  tableName: 'own_ingredient',
  properties: {
    id: p.string().length(60).primary(),
    version: p.integer(),
    name: p.string().length(120),
    like: p.string().length(120).nullable(),
    role: p.string().length(20).$type<Role>().nullable(),
    label: p.type(new StoredJson(nutritionLabelShape)).$type<NutritionLabel>(),
    contains: p.type(new StoredJson(allergensShape)).$type<readonly AllergenId[]>(),
    askFor: p.type(new StoredJson(allergensShape)).$type<readonly AllergenId[]>(),
    density: p.float().nullable(),
    pricePerKg: p.float().nullable(),
    createdAt: p.datetime(),
    deletedAt: p.datetime().nullable(),
  },
  checks: [
    { name: 'own_ingredient_name_given', expression: 'length(trim(name)) > 0' },
    { name: 'own_ingredient_version_counts', expression: 'version >= 1' },
    { name: 'own_ingredient_id_is_its_own', expression: "id like 'own-%'" },
  ],
});
export type OwnIngredientRow = InferEntity<typeof OwnIngredientRow>;
