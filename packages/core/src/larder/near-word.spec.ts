import { editsBetween, NearWords } from './near-word.js';

test.each([
  ['almond', 'almond', 0],
  ['almnd', 'almond', 1],
  ['allmond', 'almond', 1],
  ['alnond', 'almond', 1],
  ['amlond', 'almond', 1],
  ['alnnod', 'almond', 2],
  ['hazlenut', 'hazelnut', 1],
  ['pistacio', 'pistachio', 1],
])('%s is %s with %i slips of the pen', (a, b, edits) => {
  expect(editsBetween(a, b, 3)).toBe(edits);
  expect(editsBetween(b, a, 3)).toBe(edits);
});

test('counting stops past what matters', () => {
  expect(editsBetween('milk', 'buttermilk', 2)).toBeGreaterThan(2);
});

const near = new NearWords([
  'almond',
  'hazelnut',
  'macadamia',
  'mustard',
  'custard',
  'walnut',
  'egg',
  'soya',
]);

test.each([
  ['almnd', 'almond'],
  ['hazlenut', 'hazelnut'],
  ['macademia', 'macadamia'],
  ['maccadamia', 'macadamia'],
  ['mustrad', 'mustard'],
])('%s was meant to be %s', (typed, meant) => {
  expect(near.nearest(typed)).toBe(meant);
});

test.each(['oat', 'eg', 'soy', 'e322', 'pepper', 'almanac'])(
  '“%s” is left as it is: too short, a number, or a word of its own',
  (typed) => {
    expect(near.nearest(typed)).toBeUndefined();
  },
);

test('a word that differs in its first letter is another word: custard is not mustard', () => {
  expect(new NearWords(['mustard']).nearest('custard')).toBeUndefined();
});

test('any single slip inside a long word is forgiven', () => {
  const word = 'hazelnut';
  for (let i = 1; i < word.length; i++) {
    expect(near.nearest(word.slice(0, i) + word.slice(i + 1))).toBe(word);
    expect(near.nearest(`${word.slice(0, i)}q${word.slice(i)}`)).toBe(word);
    expect(near.nearest(`${word.slice(0, i)}q${word.slice(i + 1)}`)).toBe(word);
  }
});

test('a word that is longer than any name is not looked up, however long it is', () => {
  const near = new NearWords(['hazelnut', 'aubergine']);
  for (const length of [41, 2000, 100_000])
    expect(near.nearest('hazelnut'.repeat(length).slice(0, length))).toBeUndefined();
  expect(near.nearest('hazlenut')).toBe('hazelnut');
});
