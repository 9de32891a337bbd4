import { randomUUID } from 'node:crypto';
import {
  EaterBody,
  EaterUpdate,
  type EaterView,
  type FieldProblem,
  kitchenLimits,
  needById,
  needFromInput,
  needKnowing,
  NeedInput,
} from '@alterum/contract';
import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import { LarderService } from '../larder/larder.service.js';
import { Clock } from '../platform/clock.js';
import { refuseBeyond } from '../platform/ceiling.js';
import { invalidInput } from '../platform/failure.js';
import { VersionedRows } from '../storage/versioned-row.js';
import { needToColumns, viewOfEater } from './eater-row.mapping.js';
import { EaterNeedRow, EaterRow } from './eater.row.js';
import { unknownIn } from './unknown-in.js';

const people = new VersionedRows<EaterRow>(
  EaterRow,
  {
    absent: 'There is nobody of this id at the table. They may have been removed.',
    never: 'This person was never here, so they cannot be brought back.',
    changed: ({ name }) =>
      `${name} was changed somewhere else in the meantime; look at what stands there now and change it again.`,
  },
  viewOfEater,
  { populate: ['needs'] as never },
);

/** The people of the household and what each must avoid. */
@Injectable()
export class EaterService {
  constructor(
    private readonly em: EntityManager,
    private readonly larder: LarderService,
    private readonly clock: Clock,
  ) {}

  async list(): Promise<readonly EaterView[]> {
    const rows = await this.em.find(
      EaterRow,
      { deletedAt: null },
      { populate: ['needs'], orderBy: { position: 'asc' } },
    );
    return rows.map((row) => this.viewOf(row));
  }

  async read(id: string): Promise<EaterView> {
    return this.viewOf(await people.inSight(this.em, id));
  }

  async create(body: EaterBody): Promise<EaterView> {
    this.check(body);
    await this.refuseMore();
    const position = await this.em.count(EaterRow);
    const row = this.em.create(EaterRow, {
      id: randomUUID(),
      version: 1,
      position,
      name: body.name.trim(),
      eatsTonight: body.eatsTonight ?? true,
      guest: body.guest ?? false,
      deletedAt: null,
    });
    this.writeNeeds(row, body.needs ?? []);
    await this.em.persistAndFlush(row);
    return this.viewOf(row);
  }

  async update(id: string, body: EaterUpdate): Promise<EaterView> {
    this.check(body);
    return this.em.transactional(async () => {
      const row = await people.inSight(this.em, id);
      people.refuseOlder(row, body.version);
      row.name = body.name.trim();
      row.eatsTonight = body.eatsTonight ?? row.eatsTonight;
      row.guest = body.guest ?? row.guest;
      row.version += 1;
      if (body.needs) {
        row.needs.removeAll();
        this.writeNeeds(row, body.needs);
      }
      await this.em.flush();
      return this.viewOf(row);
    });
  }

  async remove(id: string, version: number | undefined): Promise<void> {
    people.putAway(await people.inSight(this.em, id), version, this.clock.now());
    await this.em.flush();
  }

  async restore(id: string): Promise<EaterView> {
    const row = await people.everHere(this.em, id);
    if (row.deletedAt) await this.refuseMore();
    people.bringBack(row);
    await this.em.flush();
    return this.viewOf(row);
  }

  /** Everybody's needs with what the house's own ingredients among them are. */
  private viewOf(row: EaterRow): EaterView {
    const view = viewOfEater(row);
    const { plain } = this.larder,
      nameOf = (id: string) => this.larder.nameOf(id);
    return { ...view, needs: view.needs.map((need) => needKnowing(need, plain, nameOf)) };
  }

  private async refuseMore(): Promise<void> {
    refuseBeyond(
      kitchenLimits.people,
      await this.em.count(EaterRow, { deletedAt: null }),
      'people at the table',
    );
  }

  private check(body: EaterBody): void {
    const errors: FieldProblem[] = [];
    if (body.name.trim() === '') errors.push({ field: 'name', message: 'Give the person a name.' });
    errors.push(...unknownIn(body.needs ?? [], 'needs', this.larder.plain));
    if (errors.length > 0) throw invalidInput(errors);
  }

  private writeNeeds(row: EaterRow, needs: readonly NeedInput[]): void {
    needs.forEach((need, position) =>
      row.needs.add(
        this.em.create(EaterNeedRow, {
          eater: row,
          ...needToColumns(needById(needFromInput(need), this.larder.plain), position),
        }),
      ),
    );
  }
}
