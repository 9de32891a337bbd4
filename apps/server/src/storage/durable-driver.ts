import type { Configuration } from '@mikro-orm/core';
import { AbstractSqlDriver, LibSqlConnection, LibSqlPlatform } from '@mikro-orm/libsql';
import { DurableClient } from './durable-client.js';

class DurableConnection extends LibSqlConnection {
  override createKnex(): void {
    this.client = this.createKnexClient(DurableClient as never);
    this.connected = true;
  }

  /** The query builder hands out a transaction whose `begin` was refused as if it had begun; its error is thrown here instead. */
  override async begin(
    options: Parameters<LibSqlConnection['begin']>[0],
  ): ReturnType<LibSqlConnection['begin']> {
    const transaction = await super.begin(options);
    if (transaction.isCompleted()) await transaction.executionPromise;
    return transaction;
  }
}

/** SQLite through the same packages as before, with a client that never answers for what is not on the disk. */
export class DurableDriver extends AbstractSqlDriver<DurableConnection> {
  constructor(config: Configuration) {
    super(config, new LibSqlPlatform(), DurableConnection, ['knex', 'libsql']);
  }
}
