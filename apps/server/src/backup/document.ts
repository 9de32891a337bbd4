import { BACKUP_FORMAT, BACKUP_VERSION, backupKinds } from '@alterum/contract';
import { EntityManager } from '@mikro-orm/libsql';
import { entriesOf } from './entries.js';

/** The text of a backup, piece by piece: one entry a line, so that two backups can be compared with any tool for texts. */
export async function* documentText(em: EntityManager, madeAt: Date): AsyncGenerator<string> {
  yield `{\n"format": ${JSON.stringify(BACKUP_FORMAT)},\n"formatVersion": ${BACKUP_VERSION},\n"madeAt": ${JSON.stringify(madeAt)}`;
  for (const kind of backupKinds) {
    yield `,\n"${kind}": [`;
    let between = '\n';
    for await (const entries of entriesOf(em, kind)) {
      if (entries.length === 0) continue;
      yield between + entries.map((entry) => JSON.stringify(entry)).join(',\n');
      between = ',\n';
    }
    yield '\n]';
  }
  yield '\n}\n';
}
