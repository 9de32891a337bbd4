import type { Method } from '../../recipe/method/operation.js';
import { aromaMinutes, heatCourse, heatSince } from './heat-course.js';
import { AT_START } from './entry.js';

const heat = (temperatureC: number, minutes: number, rateCPerMin = 5) =>
  ({ kind: 'heat', temperatureC, minutes, rateCPerMin }) as const;
const warmth = (method: Method) => heatCourse(method).before;

test('how warm the pot is before each operation: it cools on the counter, in cold water and not by being boiled down', () => {
  // 20 + 77·e^(−30/45).
  const standing = warmth([heat(97, 10), { kind: 'stand', minutes: 30 }]);
  expect(standing.slice(0, 2)).toEqual([20, 97]);
  expect(standing[2]).toBeCloseTo(59.53, 2);
  expect(warmth([heat(97, 10), { kind: 'rest', minutes: 30 }])[2]).toBeCloseTo(59.53, 2);
  expect(warmth([heat(97, 10), { kind: 'chill', minutes: 120, temperatureC: 5 }])).toEqual([20, 97, 5]);
  expect(warmth([heat(97, 10), { kind: 'cool', minutes: 10, temperatureC: 40 }])[2]).toBe(40);
  // What is colder is not warmed by cooling, and no minutes cool nothing.
  expect(warmth([{ kind: 'cool', minutes: 10, temperatureC: 40 }])[1]).toBe(20);
  expect(warmth([heat(97, 10), { kind: 'cool', minutes: 0, temperatureC: 40 }])[2]).toBe(97);
  // Blending neither warms nor cools.
  expect(warmth([heat(97, 10), { kind: 'blend', seconds: 60 }])[2]).toBe(97);
  // Boiling down is at the boil; a pot that was fried hotter stays so, and a heat sets what it says.
  expect(warmth([heat(60, 1), { kind: 'boil-down', minutes: 5, panCm: 22 }])[2]).toBe(98);
  expect(warmth([heat(120, 1), { kind: 'boil-down', minutes: 5, panCm: 22 }])[2]).toBe(120);
  expect(warmth([heat(97, 1), heat(60, 1)])[2]).toBe(60);
  expect(warmth([{ kind: 'bake', minutes: 20, ovenC: 200, layerMm: 20 }])[1]).toBe(90);
  expect(warmth([{ kind: 'bake', minutes: 0, ovenC: 200, layerMm: 20 }])[1]).toBe(20);
  expect(warmth([heat(97, 1), { kind: 'bake', minutes: 20, ovenC: 200, layerMm: 20 }])[2]).toBe(97);
});

test('what it met since it went in: all heats at what they are worth at the hottest, in between only those', () => {
  const course = heatCourse([heat(80, 20), { kind: 'blend', seconds: 30 }, heat(97, 10)]);
  // 10 + 20·e^(0.08·(80 − 97)).
  expect(heatSince(course, AT_START).maxTemperature).toBe(97);
  expect(heatSince(course, AT_START).hold).toBeCloseTo(15.133, 3);
  expect(heatSince(course, AT_START, 1)).toEqual({ maxTemperature: 80, hold: 20 });
  expect(heatSince(course, 0.75)).toEqual({ maxTemperature: 97, hold: 10 });
  // What goes in with a heat meets it; what stands at its very place does not.
  expect(heatSince(course, 1.75).hold).toBe(10);
  expect(heatSince(course, 2).hold).toBe(0.5);
});

test('stirred in off the heat it meets what the pot still holds for half a minute, ten degrees cooler', () => {
  const hot = heatCourse([heat(97, 10), { kind: 'stir-in', lines: ['yeast'] }]);
  expect(heatSince(hot, 0.75)).toEqual({ maxTemperature: 87, hold: 0.5 });
  const lukewarm = heatCourse([heat(25, 10), { kind: 'stir-in', lines: ['yeast'] }]);
  expect(heatSince(lukewarm, 0.75)).toEqual({ maxTemperature: 20, hold: 0.5 });
  const cold = heatCourse([{ kind: 'blend', seconds: 60 }]);
  expect(heatSince(cold, AT_START)).toEqual({ maxTemperature: 20, hold: 0 });
  // Where it goes in after everything, the pot is as the last operation left it.
  expect(heatSince(hot, 1.75)).toEqual({ maxTemperature: 87, hold: 0.5 });
  expect(
    heatSince(heatCourse([heat(97, 10), { kind: 'chill', minutes: 60, temperatureC: 5 }]), 1.75),
  ).toEqual({
    maxTemperature: 5,
    hold: 0,
  });
});

test('what the heat is worth to an aroma: the minutes there and the way up, faster when hotter', () => {
  // Ten minutes at 97 °C and the way from 20 °C at 5 °C/min, with 1.6 times the pace for every ten degrees.
  expect(aromaMinutes(heatCourse([heat(97, 10)]), AT_START)).toBeCloseTo(14.141, 3);
  expect(aromaMinutes(heatCourse([heat(80, 10, 10)]), AT_START)).toBeCloseTo(5.398, 3);
  // From a pot that is warm already the way is shorter; what came before does not count.
  const twice = heatCourse([heat(60, 5), heat(97, 10)]);
  expect(aromaMinutes(twice, 0.75)).toBeCloseTo(13.508, 3);
  expect(aromaMinutes(twice, AT_START)).toBeGreaterThan(13.508);
  // From a hotter pot there is no way at all.
  expect(aromaMinutes(heatCourse([heat(97, 10), heat(87, 2)]), 0.75)).toBeCloseTo(1.25, 6);
  expect(aromaMinutes(heatCourse([heat(97, 10), { kind: 'stir-in', lines: ['a'] }]), 0.75)).toBeCloseTo(
    0.3125,
    6,
  );
  expect(aromaMinutes(heatCourse([{ kind: 'blend', seconds: 60 }]), AT_START)).toBe(0);
});
