import { cookingAfter, CookingSaid, type CookingView, HERE, nothingCooked } from '@alterum/contract';
import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import { Clock } from '../platform/clock.js';
import { invalidInput } from '../platform/failure.js';
import { HouseholdRow } from './household.row.js';
import { theHousehold } from './the-household.js';

/** Most that is kept of one evening, all lists together. @source assumed: five of everything that an evening can hold */
const MOST_SAID = 2000;

/** How far tonight’s cooking is: said from any device, task by task. */
@Injectable()
export class CookingService {
  constructor(
    private readonly em: EntityManager,
    private readonly clock: Clock,
  ) {}

  async read(): Promise<CookingView> {
    return (await this.em.findOne(HouseholdRow, { id: HERE }))?.cooking ?? nothingCooked('');
  }

  /** Adds what is said to what stands; what two say of two tasks stands both. */
  async say(said: CookingSaid): Promise<CookingView> {
    return this.em.transactional(async (em) => {
      const row = await theHousehold(em, this.clock.now());
      const cooking = cookingAfter(row.cooking ?? nothingCooked(said.day), said);
      const { begun, done, pinned, by } = cooking;
      const count = [begun, done, pinned, by].reduce((all, part) => all + Object.keys(part).length, 0);
      if (count > MOST_SAID)
        throw invalidInput([
          { field: 'day', message: `More than ${MOST_SAID} things were said of one evening; begin it anew.` },
        ]);
      row.cooking = cooking;
      await em.flush();
      return cooking;
    });
  }
}
