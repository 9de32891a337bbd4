import type { EntityManager, EntityName, FindOneOptions } from '@mikro-orm/core';
import { Failure } from '../platform/failure.js';

/** A row that counts its writes and stays when it is taken out of sight. */
export interface VersionedRow {
  id: string;
  name: string;
  version: number;
  deletedAt?: Date | null | undefined;
}

/** How refusals speak of one kind of row. */
export interface RowWords<Row> {
  /** Nothing of this id is in sight. */
  readonly absent: string;
  /** Nothing of this id was ever here. */
  readonly never: string;
  /** It was written by somebody else; `theirs` is the version the refused write was made on. */
  readonly changed: (row: Row, theirs: number) => string;
}

/** What every row with versions does alike: being found, refusing older writes, going out of sight and coming back. */
export class VersionedRows<Row extends VersionedRow> {
  constructor(
    private readonly entity: EntityName<Row>,
    private readonly words: RowWords<Row>,
    /** What stands now, for whoever is refused. */
    private readonly view: (row: Row) => unknown,
    private readonly options: FindOneOptions<Row, never> = {},
  ) {}

  /** @throws Failure when it is not here, or out of sight */
  async inSight(em: EntityManager, id: string): Promise<Row> {
    const row = await this.find(em, { id, deletedAt: null });
    if (!row) throw new Failure('not-found', this.words.absent);
    return row;
  }

  /** Out of sight or not. @throws Failure when it was never here */
  async everHere(em: EntityManager, id: string): Promise<Row> {
    const row = await this.find(em, { id });
    if (!row) throw new Failure('not-found', this.words.never);
    return row;
  }

  /** @throws Failure with what stands now, when the write was made on an older version; nothing is overwritten */
  refuseOlder(row: Row, version: number): void {
    if (version === row.version) return;
    throw new Failure('conflict', `Nothing was overwritten. ${this.words.changed(row, version)}`, {
      current: this.view(row),
    });
  }

  /** Takes a row out of sight; it stays for `bringBack`. @param version the one it was seen at, where that is known */
  putAway(row: Row, version: number | undefined, now: Date): void {
    if (version !== undefined) this.refuseOlder(row, version);
    row.deletedAt = now;
    row.version += 1;
  }

  /** @returns whether it had been out of sight */
  bringBack(row: Row): boolean {
    const away = Boolean(row.deletedAt);
    if (away) {
      row.deletedAt = null;
      row.version += 1;
    }
    return away;
  }

  private find(em: EntityManager, where: object): Promise<Row | null> {
    return em.findOne<Row, never>(this.entity, where, this.options);
  }
}
