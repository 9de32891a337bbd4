import { mkdirSync } from 'node:fs';
import { dirname, resolve } from 'node:path';
import { defineConfig } from '@mikro-orm/core';
import { Migrator } from '@mikro-orm/migrations';
import { DurableDriver } from './durable-driver.js';
import { migrationsList } from './migrations/index.js';
import { rows } from './rows.js';

interface RawConnection {
  exec(sql: string): void;
}

/** How long a request waits for its turn with the database, ms. */
const QUEUE_MS = 5000;

/** Write-ahead log, a write acknowledged only once it is on the disk, and references that must hold; waiting for another process is done in `DurableClient`. */
const PRAGMAS =
  'pragma journal_mode = wal; pragma synchronous = full; pragma busy_timeout = 50; pragma foreign_keys = on;';

/** `DATABASE_FILE` wins; a relative path is taken from the current directory. */
export function databaseFile(): string {
  const file = process.env['DATABASE_FILE'] ?? 'data/alterum.sqlite';
  if (file === ':memory:') return file;
  const path = resolve(file);
  mkdirSync(dirname(path), { recursive: true });
  return path;
}

export function ormConfig(dbName: string = databaseFile(), { snapshot = false } = {}) {
  return defineConfig({
    driver: DurableDriver,
    driverOptions: { acquireConnectionTimeout: QUEUE_MS },
    dbName,
    entities: rows,
    extensions: [Migrator],
    metadataCache: { enabled: false },
    forceUtcTimezone: true,
    debug: process.env['SQL_DEBUG'] === '1',
    pool: {
      min: 1,
      max: 1,
      // Runs for every raw connection, so a reopened one gets the same settings.
      afterCreate: (
        connection: RawConnection,
        done: (error?: Error | null, connection?: RawConnection) => void,
      ) => {
        connection.exec(PRAGMAS);
        done(null, connection);
      },
    },
    migrations: {
      migrationsList,
      path: resolve(__dirname, 'migrations'),
      pathTs: resolve(__dirname, '../../src/storage/migrations'),
      // Otherwise up() rewrites the snapshot in the source tree at run time.
      snapshot,
      snapshotName: '.snapshot',
      silent: true,
      allOrNothing: true,
      disableForeignKeys: true,
    },
  });
}
