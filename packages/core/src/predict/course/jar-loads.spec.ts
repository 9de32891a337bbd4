import type { Method } from '../../recipe/method/operation.js';
import { cookedBy } from '../cooked-by.fixture.js';
import { assemble } from '../assemble/assemble.js';
import { courseOf, lastWorked } from './course.js';
import { jarLoads, toolOf } from './jar-loads.js';

const loadsOf = (g: number, method: Method) => {
  const recipe = cookedBy([['water', g]], method, 20);
  return jarLoads(courseOf(recipe), assemble(recipe));
};
const heat = { kind: 'heat', temperatureC: 90, minutes: 1 } as const;

test('a jar is filled to four fifths, and hot only to half; a stick needs none', () => {
  const cold = loadsOf(2600, [{ kind: 'blend', tool: 'jug', seconds: 60 }]);
  expect(cold).toHaveLength(1);
  expect(cold[0]).toMatchObject({ at: 0, loads: 3, hot: false });
  expect(cold[0]!.loadMl).toBeCloseTo(1200, 6);
  expect(cold[0]!.volumeMl).toBeCloseTo(2600, -2);
  const hot = loadsOf(2600, [heat, { kind: 'blend', tool: 'jug', seconds: 60 }]);
  expect(hot[0]).toMatchObject({ at: 1, loads: 4, hot: true });
  expect(hot[0]!.loadMl).toBeCloseTo(750, 6);
  expect(loadsOf(100, [{ kind: 'pulse', tool: 'small-cup', seconds: 10 }])[0]).toMatchObject({
    loads: 1,
    loadMl: 480,
  });
  expect(loadsOf(2600, [{ kind: 'blend', tool: 'stick', seconds: 60 }])).toEqual([]);
});

test('what goes in later is not in the jar yet', () => {
  const method: Method = [
    { kind: 'blend', tool: 'jug', seconds: 60 },
    { kind: 'put-in', lines: ['oat-drink'] },
  ];
  const recipe = cookedBy(
    [
      ['water', 500],
      ['oat-drink', 2000],
    ],
    method,
    20,
  );
  const { volumeMl } = jarLoads(courseOf(recipe), assemble(recipe))[0]!;
  expect(volumeMl).toBeGreaterThan(450);
  expect(volumeMl).toBeLessThan(520);
});

test('a bare power is the jar nearest to it; no blade is no tool', () => {
  expect(toolOf({ kind: 'blend', power: 0.9, seconds: 10 })?.jarMl).toBe(1800);
  expect(toolOf({ kind: 'blend', power: 0.62, seconds: 10 })?.jarMl).toBe(1500);
  expect(toolOf({ kind: 'blend', power: 0.1, seconds: 10 })?.jarMl).toBeUndefined();
  expect(toolOf({ kind: 'blend', power: 0.1, seconds: 10 })?.power).toBe(0.35);
  expect(toolOf({ kind: 'blend', seconds: 10 })?.power).toBe(0.6);
  expect(toolOf({ kind: 'blend', seconds: 0 })).toBeUndefined();
  expect(toolOf(heat)).toBeUndefined();
});

test('how warm the pot was at the last blade, and how hot it became after', () => {
  const worked = (...method: Method) => lastWorked(courseOf(cookedBy([['water', 500]], method, 20)));
  const blend = { kind: 'blend', tool: 'jug', seconds: 60 } as const;
  expect(worked(heat)).toBeUndefined();
  expect(worked(blend, heat)).toEqual({ atC: 20, thenC: 90 });
  expect(worked(heat, blend)).toEqual({ atC: 90, thenC: 90 });
  expect(worked(blend, heat, blend, { ...heat, temperatureC: 95 }, { ...heat, temperatureC: 70 })).toEqual({
    atC: 90,
    thenC: 95,
  });
  expect(worked(heat, blend, { ...heat, temperatureC: 60 })).toEqual({ atC: 90, thenC: 90 });
});

test('a cloth and a standing part the pot; a standing of no time does not', () => {
  const parts = (...method: Method) => courseOf(cookedBy([['water', 500]], method, 20)).separations;
  expect(parts({ kind: 'strain' })).toEqual([{ at: 0, by: 'strain', through: 'squeezed' }]);
  expect(parts(heat, { kind: 'strain', through: 'sieve' })).toEqual([
    { at: 1, by: 'strain', through: 'sieve' },
  ]);
  expect(parts({ kind: 'settle', minutes: 30, keep: 'top' })).toEqual([
    { at: 0, by: 'settle', minutes: 30, keep: 'top' },
  ]);
  expect(parts({ kind: 'settle', minutes: 30 })).toEqual([
    { at: 0, by: 'settle', minutes: 30, keep: 'bottom' },
  ]);
  expect(parts({ kind: 'settle', minutes: 0 })).toEqual([]);
  expect(parts(heat)).toEqual([]);
});
