import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { MikroORM } from '@mikro-orm/core';
import type { EntityManager } from '@mikro-orm/libsql';
import { ormConfig } from '../storage/orm.config.js';

export interface KitchenCopy {
  readonly em: EntityManager;
  /** Closes the copy and takes it away. */
  readonly close: () => Promise<void>;
}

/** Opens a copy of a kitchen’s database, brought to the tables of this version; the original is never touched. */
export async function openCopy(copyTo: (target: string) => Promise<void> | void): Promise<KitchenCopy> {
  const folder = mkdtempSync(join(tmpdir(), 'alterum-copy-'));
  let orm: MikroORM | undefined;
  const close = async () => {
    await orm?.close(true);
    rmSync(folder, { recursive: true, force: true });
  };
  try {
    const file = join(folder, 'kitchen.sqlite');
    await copyTo(file);
    orm = await MikroORM.init(ormConfig(file));
    await orm.getMigrator().up();
    return { em: orm.em.fork() as EntityManager, close };
  } catch (error) {
    await close();
    throw error;
  }
}
