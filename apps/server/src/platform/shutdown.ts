import type { Server } from 'node:http';
import { MikroORM } from '@mikro-orm/core';
import type { NestExpressApplication } from '@nestjs/platform-express';

/** How long running requests may take to finish, ms; all of it together stays under five seconds. */
const FINISH_MS = 3000;

/** Takes no new requests, lets the running ones finish, and drops what is still open after that. */
function closeServer(server: Server): Promise<void> {
  return new Promise((resolve) => {
    const late = setTimeout(() => server.closeAllConnections(), FINISH_MS);
    // A connection that is kept open ends with the answer that is under way on it.
    server.on('request', (_request, response) => response.setHeader('Connection', 'close'));
    server.close(() => {
      clearTimeout(late);
      resolve();
    });
    server.closeIdleConnections();
  });
}

/** Moves what the log holds into the main file, so that this alone is whole. */
export async function foldLog(app: NestExpressApplication): Promise<void> {
  await app.get(MikroORM).em.getConnection().execute('pragma wal_checkpoint(truncate)');
}

/** Ends the server within five seconds with everything on the disk, in one file. */
export async function shutDown(app: NestExpressApplication): Promise<void> {
  await closeServer(app.getHttpServer());
  await foldLog(app);
  await app.close();
}
