import { seededChance } from '../src/numeric/chance.js';
import { processOfMethod } from '../src/recipe/method/flat-process.js';
import type { Method, Operation } from '../src/recipe/method/operation.js';
import type { Recipe } from '../src/recipe/recipe.js';
import { randomRecipe } from './random-pots.js';

/** One operation on the pot with figures of a kitchen. */
function randomOperation(chance: () => number): Operation {
  const roll = chance();
  if (roll < 0.04) return { kind: 'strain', through: chance() < 0.5 ? 'squeezed' : 'sieve' };
  if (roll < 0.07)
    return { kind: 'settle', minutes: chance() * 600, keep: chance() < 0.5 ? 'bottom' : 'top' };
  if (roll < 0.25) return { kind: 'blend', seconds: chance() * 120, tool: chance() < 0.5 ? 'jug' : 'stick' };
  if (roll < 0.5)
    return { kind: 'heat', temperatureC: 55 + chance() * 45, minutes: chance() * 12, lossG: chance() * 15 };
  if (roll < 0.65) return { kind: 'boil-down', minutes: chance() * 8, panCm: 16 + chance() * 12 };
  if (roll < 0.75) return { kind: 'cool', temperatureC: 20 + chance() * 40, minutes: chance() * 30 };
  if (roll < 0.85) return { kind: 'stand', minutes: chance() * 30 };
  return roll < 0.93
    ? { kind: 'hold', minutes: chance() * 30 }
    : { kind: 'bake', minutes: chance() * 30, ovenC: 150 + chance() * 60 };
}

/** What is done to a line before the pot. */
function randomReady(chance: () => number): Method {
  const roll = chance();
  if (roll < 0.5) return [];
  if (roll < 0.7) return [{ kind: 'soak', minutes: chance() * 900, temperatureC: 5 + chance() * 20 }];
  if (roll < 0.8)
    return [
      { kind: 'soak', minutes: chance() * 600 },
      { kind: 'boil-soft', minutes: chance() * 60, water: 'drained' },
    ];
  if (roll < 0.83) return [{ kind: 'trim' }, { kind: 'drain', rinse: 'rinsed' }];
  if (roll < 0.86)
    return [
      { kind: 'salt', minutes: chance() * 60 },
      { kind: 'press', minutes: chance() * 60 },
    ];
  return roll < 0.93
    ? [{ kind: 'roast', minutes: chance() * 50 }]
    : [{ kind: 'fry', minutes: chance() * 30, flame: 'medium' }];
}

/** A random pot with a random method: some lines go in late, some stay in pieces, some are made ready. */
export function randomMethodRecipe(chance: () => number): Recipe {
  const recipe = randomRecipe(chance);
  const operations = Array.from({ length: 3 + Math.floor(chance() * 6) }, () => randomOperation(chance));
  const late: string[] = [],
    whole: string[] = [];
  const lines = recipe.lines.map((line, i) => {
    const id = `line-${i}`,
      roll = chance();
    if (i > 0 && roll < 0.2) late.push(id);
    else if (i > 0 && roll < 0.3) whole.push(id);
    return {
      ...line,
      id,
      preparation: 'as-is' as const,
      stage: 'start' as const,
      ready: randomReady(chance),
    };
  });
  const at = Math.floor(chance() * (operations.length + 1));
  const method: Method = [
    ...operations.slice(0, at),
    ...(late.length > 0 ? [{ kind: 'put-in', lines: late } as const] : []),
    ...operations.slice(at),
    ...(whole.length > 0 ? [{ kind: 'stir-in', lines: whole } as const] : []),
  ];
  return { ...recipe, lines, method, process: processOfMethod(method) };
}

export function randomMethodRecipes(count: number, seed: number): readonly Recipe[] {
  const chance = seededChance(seed);
  return Array.from({ length: count }, () => randomMethodRecipe(chance));
}
