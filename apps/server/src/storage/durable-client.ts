import { LibSqlKnexDialect } from '@mikro-orm/libsql';

/** What the driver's connection can do, as far as it is used here. */
interface RawConnection {
  readonly inTransaction: boolean;
  exec(sql: string): void;
  close(): void;
  /** It met an error that leaves its state in doubt; it is thrown away when it is given back. */
  spoiled?: boolean;
}

interface Query {
  readonly sql: string;
}

/** How long a write waits for another process to let go of the database, and how often it looks, ms. */
const PATIENCE_MS = 2000,
  LOOK_MS = 25;

const wait = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

const codeOf = (error: unknown): string => (error as { code?: string } | undefined)?.code ?? '';
const messageOf = (error: unknown): string => (error instanceof Error ? error.message : String(error));

/** Somebody else holds the database. */
export const isBusy = (error: unknown): boolean =>
  /SQLITE_(BUSY|LOCKED)/.test(codeOf(error)) || /database (table )?is locked/.test(messageOf(error));

/** A mistake in a statement is told and done with; anything else leaves the connection in doubt. */
const isHarmless = (error: unknown): boolean =>
  /SQLITE_(CONSTRAINT|ERROR|MISMATCH|RANGE|TOOBIG)/.test(codeOf(error)) ||
  /constraint failed|syntax error|no such (table|column)/.test(messageOf(error));

const isWrite = (sql: string): boolean => /^\s*(insert|update|delete|replace)\b/i.test(sql);

/**
 * The driver's dialect, made safe against a database that is held by somebody else. A statement of this driver that is refused with BUSY is
 * never reset: it goes on counting as an unfinished write, and nothing that is written afterwards on that connection is ever committed, though
 * it is answered and read back. So no statement is let run into BUSY: the write lock is taken first, by `begin immediate`, through `exec`,
 * which ends its own statements; it is waited for without standing in the way of other requests; and a connection that met any other error
 * is thrown away.
 */
export class DurableClient extends LibSqlKnexDialect {
  override async _query(connection: RawConnection, query: Query): Promise<Query> {
    const word = /^\s*(begin|commit|rollback)\b(?!\s+to)/i.exec(query.sql)?.[1]?.toLowerCase();
    try {
      switch (word) {
        case 'begin':
          await beginWrite(connection);
          return { ...query, ...nothing };
        case 'commit':
          connection.exec('commit');
          return { ...query, ...nothing };
        case 'rollback':
          rollBack(connection);
          return { ...query, ...nothing };
        default:
          return await this.runStatement(connection, query);
      }
    } catch (error) {
      if (!isHarmless(error)) connection.spoiled = true;
      throw error;
    }
  }

  override validateConnection(connection: RawConnection): boolean {
    return connection.spoiled !== true;
  }

  /** A write that stands alone gets a transaction of its own, so that it too takes the lock before it begins. */
  private async runStatement(connection: RawConnection, query: Query): Promise<Query> {
    if (connection.inTransaction || !isWrite(query.sql))
      return (await super._query(connection, query)) as Query;
    await beginWrite(connection);
    try {
      const answer = (await super._query(connection, query)) as Query;
      connection.exec('commit');
      return answer;
    } catch (error) {
      rollBack(connection);
      throw error;
    }
  }
}

const nothing = { response: [], context: { lastID: 0, changes: 0 } } as const;

/** Takes the write lock, waiting for whoever holds it. @throws the driver's BUSY when it is held for longer than that */
async function beginWrite(connection: RawConnection): Promise<void> {
  const until = Date.now() + PATIENCE_MS;
  for (;;) {
    try {
      return connection.exec('begin immediate');
    } catch (error) {
      if (!isBusy(error) || Date.now() >= until) throw error;
      await wait(LOOK_MS);
    }
  }
}

/** Some errors have rolled back already. */
function rollBack(connection: RawConnection): void {
  if (connection.inTransaction) connection.exec('rollback');
}
