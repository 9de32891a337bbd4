import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Problem } from '@alterum/contract';
import type { NestExpressApplication } from '@nestjs/platform-express';
import request from 'supertest';
import { createApplication } from './application.js';

/** A whole server on a database file of its own. */
export interface KitchenServer {
  readonly app: NestExpressApplication;
  readonly file: string;
  readonly ask: () => ReturnType<typeof request>;
  /** Stops the server and starts another one on the same file. */
  readonly restart: () => Promise<KitchenServer>;
  readonly close: () => Promise<void>;
}

async function serverOn(folder: string, demo: boolean, web?: string): Promise<KitchenServer> {
  const file = join(folder, 'kitchen.sqlite');
  process.env['DATABASE_FILE'] = file;
  const app = await createApplication({ demo, ...(web === undefined ? {} : { web }) });
  await app.init();
  return {
    app,
    file,
    ask: () => request(app.getHttpServer()),
    restart: async () => {
      await app.close();
      return serverOn(folder, demo, web);
    },
    close: async () => {
      await app.close();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

export const startKitchenServer = ({
  demo = false,
  web,
}: { demo?: boolean; web?: string } = {}): Promise<KitchenServer> =>
  serverOn(mkdtempSync(join(tmpdir(), 'alterum-api-')), demo, web);

/** The problem document of an answer, after checking that it is one. */
export function problemOf(response: request.Response): Problem {
  expect(response.headers['content-type']).toContain('application/problem+json');
  const problem = JSON.parse(response.text) as Problem;
  expect(problem.status).toBe(response.status);
  expect(problem.detail.length).toBeGreaterThan(10);
  expect(problem.title).not.toBe('');
  return problem;
}

export const cashewSauce = {
  name: 'Cashew sauce',
  family: 'pouring-sauce',
  portions: 4,
  lines: [
    { id: 'a', ingredient: 'cashew', amount: 1, unit: 'cup', preparation: 'soaked' },
    { id: 'b', ingredient: 'water', amount: 360, unit: 'ml' },
    { id: 'c', ingredient: 'salt', amount: 0.5, unit: 'tsp' },
  ],
};
