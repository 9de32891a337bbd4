import 'reflect-metadata';
import { resolve } from 'node:path';
import { createApplication } from './application.js';
import { Ending } from './platform/ending.js';
import { shutDown } from './platform/shutdown.js';
import { DatabaseInUse } from './storage/database-lock.js';
import { UnusableFile } from './storage/file-check.js';
import { databaseFile } from './storage/orm.config.js';
import { announceAddress } from './storage/server-address.js';

const DEFAULT_PORT = 4173;

async function main(): Promise<void> {
  const port = Number(process.env['PORT'] ?? DEFAULT_PORT);
  if (!Number.isInteger(port) || port < 0 || port > 65_535)
    throw new RangeError(`PORT must be a port number; it is “${process.env['PORT'] ?? ''}”.`);
  const app = await createApplication({
    web: resolve(__dirname, '../../web/dist'),
    demo: process.env['ALTERUM_DEMO'] !== '0',
  });
  let ending: Promise<void> | undefined;
  for (const signal of ['SIGTERM', 'SIGINT'] as const)
    process.on(signal, () => {
      ending ??= shutDown(app).then(
        () => process.exit(0),
        (error: unknown) => {
          console.error(error instanceof Error ? error.message : error);
          process.exit(1);
        },
      );
    });
  await app.listen(port, process.env['HOST'] ?? '127.0.0.1');
  const address = (await app.getUrl()).replace(/\[::1?\]|0\.0\.0\.0/, '127.0.0.1');
  if (databaseFile() !== ':memory:') app.get(Ending).afterAll(announceAddress(databaseFile(), address));
  console.log(`Alterum is at ${address}`);
}

main().catch((error: unknown) => {
  const code = (error as { code?: string }).code;
  if (code === 'EADDRINUSE')
    console.error(
      `Port ${process.env['PORT'] ?? DEFAULT_PORT} is in use. Stop what runs there or choose another: PORT=4200 npm start`,
    );
  else if (error instanceof DatabaseInUse || error instanceof UnusableFile) console.error(error.message);
  else console.error(error);
  process.exit(1);
});
