import 'reflect-metadata';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Controller, Get, Module } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import { createApplication } from '../apps/server/src/application';
import { demoFormulas } from '../apps/server/src/demo/demo-formulas';
import { percentile, type Result } from './result';

const CALLS = 400,
  WARM_UP = 80;

@Controller()
class BareController {
  @Get()
  bare(): { readonly status: 'ok' } {
    return { status: 'ok' };
  }
}

@Module({ controllers: [BareController] })
class BareModule {}

/** 95th percentile of one call after another, ms. */
async function p95(call: () => Promise<Response>): Promise<number> {
  const times: number[] = [];
  for (let i = 0; i < CALLS + WARM_UP; i++) {
    const start = performance.now();
    const response = await call();
    await response.arrayBuffer();
    if (!response.ok) throw new Error(`the call answered ${response.status}`);
    if (i >= WARM_UP) times.push(performance.now() - start);
  }
  return percentile(times, 0.95);
}

export async function benchApi(): Promise<readonly Result[]> {
  const folder = mkdtempSync(join(tmpdir(), 'alterum-bench-'));
  process.env['DATABASE_FILE'] = join(folder, 'bench.sqlite');
  const app = await createApplication({ demo: true }),
    bare = await NestFactory.create(BareModule, { logger: false });
  await app.listen(0, '127.0.0.1');
  await bare.listen(0, '127.0.0.1');
  const at = (await app.getUrl()).replace('[::1]', '127.0.0.1'),
    bareAt = (await bare.getUrl()).replace('[::1]', '127.0.0.1');
  const send = (method: string, path: string, body: unknown) =>
    fetch(`${at}${path}`, {
      method,
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
  const [first] = (await (await fetch(`${at}/api/formulas`)).json()) as { id: string }[];
  const view = (await (await fetch(`${at}/api/formulas/${first?.id}`)).json()) as {
    id: string;
    version: number;
    updatedAt: string;
  };
  const { id, version: started, updatedAt: _updatedAt, favourite: _favourite, ...content } = view;
  let version = started;
  const pot = {
    lines: demoFormulas[0]?.lines?.map(({ id: _id, ...line }) => line),
    process: demoFormulas[0]?.process,
    serve: demoFormulas[0]?.serve,
  };

  const floor = await p95(() => fetch(bareAt));
  const read = await p95(() => fetch(`${at}/api/formulas/${id}`));
  const predicted = await p95(() => send('POST', '/api/predict', pot));
  const write = await p95(() => send('PUT', `/api/formulas/${id}`, { ...content, version: version++ }));
  await app.close();
  await bare.close();
  rmSync(folder, { recursive: true, force: true });
  return [
    { name: 'bare handler, p95', value: floor, unit: 'ms', goal: 20, sense: 'most' },
    { name: 'reading a formula, p95', value: read, unit: 'ms', goal: 25, sense: 'most' },
    {
      name: 'reading a formula against a bare handler',
      value: read / floor,
      unit: 'times',
      goal: 8,
      sense: 'most',
    },
    { name: 'saving a formula (on the disk), p95', value: write, unit: 'ms', goal: 60, sense: 'most' },
    { name: 'predicting a pot, p95', value: predicted, unit: 'ms', goal: 40, sense: 'most' },
    {
      name: 'predicting a pot against a bare handler',
      value: predicted / floor,
      unit: 'times',
      goal: 15,
      sense: 'most',
    },
  ];
}
