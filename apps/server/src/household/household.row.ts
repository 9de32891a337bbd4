import type { Kitchen } from '@alterum/core';
import type { CookingView, DishTonight, EveningBody, Law, PotTonight, VersionsBody } from '@alterum/contract';
import { HERE } from '@alterum/contract';
import { defineEntity, type InferEntity, p } from '@mikro-orm/core';
import { StoredJson } from '../storage/stored-json.js';
import { cookingShape, dishesShape, eveningShape, potsShape, versionsShape } from './household.shapes.js';

/** What the household chose for its table: one row. */
export const HouseholdRow = defineEntity({
  name: 'HouseholdRow',
  tableName: 'household',
  properties: {
    id: p.string().length(8).primary(),
    /** Null as long as nobody has chosen. */
    law: p.string().length(2).$type<Law>().nullable(),
    /** Whose spoons and cups; null as long as nobody has said. */
    kitchen: p.string().length(12).$type<Kitchen>().nullable(),
    evening: p.type(new StoredJson(eveningShape)).$type<EveningBody>().nullable(),
    pots: p.type(new StoredJson(potsShape)).$type<readonly PotTonight[]>(),
    dishes: p.type(new StoredJson(dishesShape)).$type<readonly DishTonight[]>().nullable(),
    versions: p.type(new StoredJson(versionsShape)).$type<VersionsBody>().nullable(),
    /** How far tonight’s cooking is; null as long as nothing was said. */
    cooking: p.type(new StoredJson(cookingShape)).$type<CookingView>().nullable(),
    saidAt: p.datetime(),
  },
  checks: [
    { name: 'household_only_one', expression: `id = '${HERE}'` },
    { name: 'household_law_known', expression: "law is null or law in ('eu', 'us')" },
    {
      name: 'household_kitchen_known',
      expression: "kitchen is null or kitchen in ('us', 'metric', 'australian', 'imperial')",
    },
  ],
});
export type HouseholdRow = InferEntity<typeof HouseholdRow>;
