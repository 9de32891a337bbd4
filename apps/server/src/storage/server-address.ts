import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';

const fileOf = (database: string): string => `${database}.address`;

/** Writes down where the server of a database can be asked, for the command-line tools. @returns what takes it away again */
export function announceAddress(database: string, address: string): () => void {
  writeFileSync(fileOf(database), `${address}\n`);
  return () => rmSync(fileOf(database), { force: true });
}

/** Where the server can be asked that holds a database; undefined when it did not say. It is only worth asking while the database is held. */
export function addressOf(database: string): string | undefined {
  const file = fileOf(database);
  return existsSync(file) ? readFileSync(file, 'utf8').trim() || undefined : undefined;
}
