import { randomUUID } from 'node:crypto';
import { KeptEveningBody, KeptEveningUpdate, type KeptEveningView, kitchenLimits } from '@alterum/contract';
import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import { TonightChecks } from '../household/tonight-checks.js';
import { refuseBeyond } from '../platform/ceiling.js';
import { Clock } from '../platform/clock.js';
import { invalidInput } from '../platform/failure.js';
import { VersionedRows } from '../storage/versioned-row.js';
import { columnsOfEvening, viewOfEvening } from './evening-row.mapping.js';
import { EveningRow } from './evening.row.js';

const evenings = new VersionedRows<EveningRow>(
  EveningRow,
  {
    absent: 'There is no evening of this id. It may have been deleted; look in the list of evenings.',
    never: 'This evening was never here, so it cannot be brought back.',
    changed: ({ version }, theirs) =>
      `This evening was kept as version ${version} somewhere else; you changed version ${theirs}. Keep yours under another name, or over it.`,
  },
  viewOfEvening,
);

/** Evenings that are kept to be cooked again. */
@Injectable()
export class EveningService {
  constructor(
    private readonly em: EntityManager,
    private readonly checks: TonightChecks,
    private readonly clock: Clock,
  ) {}

  /** Last changed first. */
  async list(): Promise<readonly KeptEveningView[]> {
    const rows = await this.em.find(
      EveningRow,
      { deletedAt: null },
      { orderBy: { updatedAt: 'desc', id: 'asc' } },
    );
    return rows.map(viewOfEvening);
  }

  async read(id: string): Promise<KeptEveningView> {
    return viewOfEvening(await evenings.inSight(this.em, id));
  }

  async create(body: KeptEveningBody): Promise<KeptEveningView> {
    await this.check(body);
    refuseBeyond(kitchenLimits.evenings, await this.em.count(EveningRow, { deletedAt: null }), 'evenings');
    const row = this.em.create(EveningRow, {
      id: randomUUID(),
      version: 1,
      ...columnsOfEvening(body),
      updatedAt: this.clock.now(),
      deletedAt: null,
    });
    await this.em.persistAndFlush(row);
    return viewOfEvening(row);
  }

  /** Writes over the version that was read; an older one is refused with what stands now, and nothing is lost. */
  async update(id: string, body: KeptEveningUpdate): Promise<KeptEveningView> {
    return this.em.transactional(async (em) => {
      const row = await evenings.inSight(em, id);
      evenings.refuseOlder(row, body.version);
      await this.check(body);
      Object.assign(row, columnsOfEvening(body), {
        version: body.version + 1,
        updatedAt: this.clock.now(),
      });
      await em.flush();
      return viewOfEvening(row);
    });
  }

  async remove(id: string, version: number | undefined): Promise<void> {
    await this.em.transactional(async (em) => {
      evenings.putAway(await evenings.inSight(em, id), version, this.clock.now());
    });
  }

  async restore(id: string): Promise<KeptEveningView> {
    return this.em.transactional(async (em) => {
      const row = await evenings.everHere(em, id);
      if (evenings.bringBack(row)) row.updatedAt = this.clock.now();
      await em.flush();
      return viewOfEvening(row);
    });
  }

  private async check({ name, evening, tonight }: KeptEveningBody): Promise<void> {
    if (name.trim() === '') throw invalidInput([{ field: 'name', message: 'Give the evening a name.' }]);
    this.checks.evening(evening, 'evening.');
    await this.checks.tonight(tonight, 'tonight.');
  }
}
