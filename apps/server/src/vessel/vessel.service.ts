import { randomUUID } from 'node:crypto';
import { kitchenLimits, VesselBody, VesselUpdate, type VesselView } from '@alterum/contract';
import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import { refuseBeyond } from '../platform/ceiling.js';
import { Clock } from '../platform/clock.js';
import { invalidInput } from '../platform/failure.js';
import { VersionedRows } from '../storage/versioned-row.js';
import { columnsOfVessel, viewOfVessel } from './vessel-row.mapping.js';
import { VesselRow } from './vessel.row.js';

const vessels = new VersionedRows<VesselRow>(
  VesselRow,
  {
    absent: 'There is no vessel of this id; it may have been put away.',
    never: 'This vessel was never here, so it cannot be brought back.',
    changed: ({ version }, theirs) =>
      `This vessel was changed to version ${version} somewhere else; you changed version ${theirs}. Look at it again before you change it.`,
  },
  viewOfVessel,
);

/** Dishes and tins of the household’s own. */
@Injectable()
export class VesselService {
  constructor(
    private readonly em: EntityManager,
    private readonly clock: Clock,
  ) {}

  async list(): Promise<readonly VesselView[]> {
    return (await this.em.find(VesselRow, { deletedAt: null }, { orderBy: { name: 'asc', id: 'asc' } })).map(
      viewOfVessel,
    );
  }

  async create(body: VesselBody): Promise<VesselView> {
    named(body);
    refuseBeyond(kitchenLimits.vessels, await this.em.count(VesselRow, { deletedAt: null }), 'vessels');
    const row = this.em.create(VesselRow, {
      id: randomUUID(),
      version: 1,
      ...columnsOfVessel(body),
      deletedAt: null,
    });
    await this.em.persistAndFlush(row);
    return viewOfVessel(row);
  }

  async update(id: string, body: VesselUpdate): Promise<VesselView> {
    named(body);
    return this.em.transactional(async (em) => {
      const row = await vessels.inSight(em, id);
      vessels.refuseOlder(row, body.version);
      Object.assign(row, columnsOfVessel(body), { version: body.version + 1 });
      await em.flush();
      return viewOfVessel(row);
    });
  }

  async remove(id: string, version: number | undefined): Promise<void> {
    await this.em.transactional(async (em) => {
      vessels.putAway(await vessels.inSight(em, id), version, this.clock.now());
    });
  }

  async restore(id: string): Promise<VesselView> {
    return this.em.transactional(async (em) => {
      const row = await vessels.everHere(em, id);
      vessels.bringBack(row);
      await em.flush();
      return viewOfVessel(row);
    });
  }
}

function named({ name }: VesselBody): void {
  if (name.trim() === '') throw invalidInput([{ field: 'name', message: 'Give the vessel a name.' }]);
}
