import { MikroORM } from '@mikro-orm/core';
import { Logger } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import compression from 'compression';
import helmet from 'helmet';
import { AppModule } from './app.module.js';
import { DemoLoader } from './demo/demo-loader.js';
import { FormulaList } from './formula/formula-list.js';
import { OwnIngredientService } from './larder/own-ingredient.service.js';
import { RequestScope } from './storage/request-scope.js';
import { isBackup } from './backup/backup.controller.js';
import { checkShape } from './platform/body-shape.js';
import { FailureFilter } from './platform/failure.filter.js';
import { serveApiDocs } from './platform/openapi.js';
import { serveWebApp } from './platform/static-files.js';
import { noStore } from './platform/no-store.js';
import { refuseStrangers } from './platform/strangers.js';
import { Clock } from './platform/clock.js';
import { Ending } from './platform/ending.js';
import { copyBefore, copyDatabase, copyOfTheDay } from './storage/copies.js';
import { checkDatabaseFile } from './storage/file-check.js';
import { migrationsList } from './storage/migrations/index.js';
import { databaseFile } from './storage/orm.config.js';
import { HeavyWork } from './work/heavy-work.js';
import { holdDatabase } from './storage/database-lock.js';
import { contractValidation } from './platform/validation.js';

export interface ApplicationOptions {
  /** Folder of the built web app; absent serves the API alone. */
  readonly web?: string;
  /** Load the demonstration household into an empty database. */
  readonly demo: boolean;
}

/** The whole server, migrated and ready to listen. */
export async function createApplication(options: ApplicationOptions): Promise<NestExpressApplication> {
  const file = databaseFile();
  const inMemory = file === ':memory:';
  const applied = inMemory ? [] : checkDatabaseFile(file);
  const letGo = inMemory ? () => undefined : holdDatabase(file);
  try {
    if (applied.length > 0 && applied.length < migrationsList.length)
      copyDatabase(file, copyBefore(file, 'migration', new Date()));
    const app = await start(options, letGo);
    if (!inMemory) await keepDailyCopies(app, file);
    return app;
  } catch (error) {
    letGo();
    throw error;
  }
}

/** ms between two looks whether a new day has begun. */
const LOOK_MS = 3_600_000;

/** A copy of every day, made when it begins or when the server starts; a copy that fails is told and stops nothing. */
async function keepDailyCopies(app: NestExpressApplication, file: string): Promise<void> {
  const heavy = app.get(HeavyWork);
  const aside = (from: string, target: string) => heavy.run('copy-database', { file: from, target });
  const copy = async (how?: typeof aside) => {
    try {
      await copyOfTheDay(file, app.get(Clock).now(), how);
    } catch (error) {
      new Logger('copies').warn(
        `Today’s copy could not be made: ${error instanceof Error ? error.message : String(error)}`,
      );
    }
  };
  await copy();
  const timer = setInterval(() => void copy(aside), LOOK_MS);
  timer.unref();
  app.get(Ending).afterAll(() => clearInterval(timer));
}

async function start(options: ApplicationOptions, letGo: () => void): Promise<NestExpressApplication> {
  const app = await NestFactory.create<NestExpressApplication>(AppModule, {
    logger: ['error', 'warn'],
    abortOnError: false,
    // Only what is asked for below: no forms.
    bodyParser: false,
  });
  app.get(Ending).afterAll(letGo);
  app.setGlobalPrefix('api');
  app.use(
    helmet({
      // Plain http on a home network: nothing is upgraded and nothing is remembered as https-only.
      contentSecurityPolicy: {
        directives: {
          'upgrade-insecure-requests': null,
          'script-src': ["'self'"],
          'style-src': ["'self'", "'unsafe-inline'"],
          'worker-src': ["'self'"],
          'img-src': ["'self'", 'data:'],
        },
      },
      strictTransportSecurity: false,
    }),
  );
  app.use(noStore, refuseStrangers());
  app.use(compression());
  app.useBodyParser('json', {
    limit: '1mb',
    type: (request) =>
      /^application\/json\b/i.test(request.headers['content-type'] ?? '') && !isBackup(request),
  });
  app.use(checkShape);
  app.useGlobalPipes(contractValidation());
  app.useGlobalFilters(new FailureFilter());
  serveApiDocs(app);
  if (options.web) serveWebApp(app, options.web);
  await app.get(MikroORM).getMigrator().up();
  await app.get(RequestScope).run(async () => {
    await app.get(OwnIngredientService).renew();
    await app.get(FormulaList).complete();
  });
  if (options.demo) await app.get(DemoLoader).loadIfEmpty();
  return app;
}
