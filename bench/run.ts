import { benchApi } from './api';
import { benchBalance } from './balance';
import { benchBrowser } from './browser';
import { benchLabels } from './labels';
import { benchPredictions } from './predictions';
import { benchEvenings } from './evenings';
import { benchOptimum } from './optimum';
import { benchReading } from './reading';
import { benchSearch } from './search';
import type { Result } from './result';

const json = process.argv.includes('--json');
const only = process.argv.find((arg) => arg.startsWith('--only='))?.slice(7);
const digits = (value: number) => (value >= 100 ? value.toFixed(0) : value.toFixed(2));

function print(results: readonly Result[]): void {
  for (const { name, value, unit, goal, sense } of results) {
    const pass = sense === 'most' ? value <= goal : value >= goal;
    if (json) console.log(JSON.stringify({ name, value, unit, goal, pass }));
    else
      console.log(
        `${pass ? 'pass' : 'MISS'}  ${name.padEnd(68)} ${digits(value).padStart(9)} ${unit.padEnd(6)} ${sense === 'most' ? 'at most' : 'at least'} ${digits(goal)}`,
      );
  }
}

async function main(): Promise<void> {
  if (!only || only === 'core') print(benchPredictions());
  if (!only || only === 'labels') print(benchLabels());
  if (!only || only === 'search') print(benchSearch());
  if (!only || only === 'evenings') print(benchEvenings());
  if (!only || only === 'optimum') print(await benchOptimum());
  if (!only || only === 'reading') print(benchReading());
  if (!only || only === 'balance') print(benchBalance());
  if (!only || only === 'api') print(await benchApi());
  if (!only || only === 'browser') print(await benchBrowser());
}

void main();
