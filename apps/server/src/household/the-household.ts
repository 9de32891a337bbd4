import { HERE } from '@alterum/contract';
import type { EntityManager } from '@mikro-orm/core';
import { HouseholdRow } from './household.row.js';

/** The one row of the household, made where nothing was chosen yet; within a transaction. */
export async function theHousehold(em: EntityManager, now: Date): Promise<HouseholdRow> {
  const found = await em.findOne(HouseholdRow, { id: HERE });
  if (found) return found;
  const made = em.create(HouseholdRow, {
    id: HERE,
    law: null,
    kitchen: null,
    evening: null,
    pots: [],
    dishes: null,
    versions: null,
    cooking: null,
    saidAt: now,
  });
  em.persist(made);
  return made;
}
