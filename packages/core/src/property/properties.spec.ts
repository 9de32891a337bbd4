import { potOf } from '../larder/pot-of.js';
import { assess } from './assess.js';
import { contributionsOf, linedIds } from './contributions.js';
import { properties, propertyOf } from './properties.js';
import { rails, wordFor } from './rail.js';

const sauce = potOf(
  [
    ['cashew', 90],
    ['water', 320],
    ['tapioca-starch', 16],
    ['lemon-juice', 14],
    ['salt', 5],
  ],
  { maxTemperatureC: 92, holdMin: 5, blenderPower: 0.6, blendSeconds: 60 },
  { atC: 62 },
);
const assessed = assess(sauce, 4);

test('a property has one id and one name', () => {
  for (const key of ['id', 'name'] as const) {
    const all = properties.map((property) => property[key]);
    expect(new Set(all).size).toBe(all.length);
  }
});

test.each(properties.map((property) => [property.id, property] as const))(
  '%s: a finite figure, words from low to high, and a law with a source wherever lines hold it',
  (_id, property) => {
    const { low, mid, high } = property.value(assessed);
    expect([low, mid, high].every(Number.isFinite)).toBe(true);
    expect(low <= mid && mid <= high).toBe(true);
    const from = property.words.map((word) => word.from);
    expect(from).toEqual([...from].sort((a, b) => a - b));
    for (const word of property.words) expect(wordFor(property, word.from)).toBe(word.word);
    if (property.lines) expect(property.why?.sources.length).toBeGreaterThan(0);
    if (property.heldAs) expect(linedIds).toContain(property.heldAs);
  },
);

test('what stands large or among the usual has a rail, and what is at the table alone has none', () => {
  for (const { place, scale } of properties) expect(scale === undefined).toBe(place === 'table');
  expect(rails.filter(({ place }) => place === 'large').map(({ id }) => id)).toEqual([
    'fat',
    'thickness',
    'stretch',
    'savoriness',
  ]);
});

test('where parts add up they add up to the figure', () => {
  const [fat, salt] = contributionsOf(sauce, ['fat', 'salt']);
  for (const entry of [fat, salt]) {
    const sum = entry?.lines.reduce((all, { amount }) => all + amount, 0);
    expect(sum).toBeCloseTo(propertyOf(entry?.property ?? 'fat').value(assessed).mid, 9);
  }
});

test('a name that is no property’s is refused', () => {
  expect(() => propertyOf('crunch' as 'fat')).toThrow(/crunch/);
});
