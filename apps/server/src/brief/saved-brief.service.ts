import { randomUUID } from 'node:crypto';
import {
  briefOfWishes,
  kitchenLimits,
  SavedBriefBody,
  type SavedBriefView,
  wishesOfBrief,
} from '@alterum/contract';
import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import { Clock } from '../platform/clock.js';
import { refuseBeyond } from '../platform/ceiling.js';
import { Failure, invalidInput } from '../platform/failure.js';
import { SavedBriefRow } from './saved-brief.row.js';

const viewOf = ({ id, name, brief }: SavedBriefRow): SavedBriefView => ({
  id,
  name,
  wishes: wishesOfBrief(brief),
});

/** Briefs kept under a name. */
@Injectable()
export class SavedBriefService {
  constructor(
    private readonly em: EntityManager,
    private readonly clock: Clock,
  ) {}

  async list(): Promise<readonly SavedBriefView[]> {
    return (await this.em.find(SavedBriefRow, {}, { orderBy: { name: 'asc' } })).map(viewOf);
  }

  /** A name that is there already is written over: the cook keeps the brief anew. */
  async keep({ name, wishes }: SavedBriefBody): Promise<SavedBriefView> {
    const given = name.trim();
    if (given === '') throw invalidInput([{ field: 'name', message: 'Give the brief a name.' }]);
    const brief = briefOfWishes(wishes);
    let row = await this.em.findOne(SavedBriefRow, { name: given });
    if (row) row.brief = brief;
    else {
      refuseBeyond(kitchenLimits.briefs, await this.em.count(SavedBriefRow), 'kept briefs');
      row = this.em.create(SavedBriefRow, { id: randomUUID(), name: given, brief, keptAt: this.clock.now() });
      this.em.persist(row);
    }
    await this.em.flush();
    return viewOf(row);
  }

  async forget(id: string): Promise<void> {
    const row = await this.em.findOne(SavedBriefRow, { id });
    if (!row)
      throw new Failure('not-found', 'There is no brief of this id; it may have been forgotten already.');
    await this.em.removeAndFlush(row);
  }
}
