import type { Operation } from '../../recipe/method/operation.js';
import { waterToLeave } from './course.js';

const pot = { water: 500, starch: 10, gums: 0.5, solids: 10 };
const boil = (more: Partial<Operation> = {}): Operation => ({
  kind: 'boil-down',
  minutes: 20,
  panCm: 22,
  vigour: 'simmer',
  lid: 'open',
  plate: 'medium',
  ...more,
});
const leaves = (...method: readonly Operation[]) => waterToLeave({ method }, 1000, pot);

test('twenty minutes of simmering, worked by hand: what leaves, and how surely', () => {
  // 15.196 g/min · 0.609 for so thick a pot.
  expect(leaves(boil()).g).toBeCloseTo(185.08, 1);
  expect(leaves(boil()).sd).toBeCloseTo(55.52, 1);
  // From ten to thirty minutes: the middle, and as unsure as any minute between.
  expect(leaves(boil({ minutes: 10, mostMinutes: 30 })).g).toBeCloseTo(185.08, 1);
  expect(leaves(boil({ minutes: 10, mostMinutes: 30 })).sd).toBeCloseTo(77.06, 1);
  expect(leaves(boil({ testLossG: 100 })).g).toBeCloseTo(121.79, 1);
  expect(leaves(boil({ testLossG: 100 })).sd).toBeCloseTo(14.62, 1);
});

test('losses add up, their doubts as independent ones do; what is weighed at the end is certain', () => {
  const heat: Operation = { kind: 'heat', temperatureC: 90, minutes: 5, lossG: 40 };
  expect(leaves(heat)).toEqual({ g: 40, sd: 0 });
  const both = leaves(heat, boil(), boil());
  expect(both.g).toBeCloseTo(40 + 2 * 185.08, 0);
  expect(both.sd).toBeCloseTo(55.52 * Math.SQRT2, 1);
  expect(leaves(boil({ toG: 700 }))).toEqual({ g: 300, sd: 0 });
  expect(leaves(heat, boil(), boil({ toG: 700 }))).toEqual({ g: 300, sd: 0 });
  // A pot that weighs less already loses nothing to get there.
  expect(leaves(heat, boil({ toG: 990 }))).toEqual({ g: 40, sd: 0 });
  expect(leaves({ kind: 'blend', seconds: 60 })).toEqual({ g: 0, sd: 0 });
});
