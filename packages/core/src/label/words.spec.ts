import { stemsOf, wordsOf } from './words.js';

test('words keep their place, so that a finding can be marked in the text as it was typed', () => {
  const text = 'Ingredients: Roasted ALMONDS (60 %), crème fraîche.';
  for (const { start, end, stem } of wordsOf(text)) {
    expect(start).toBeLessThan(end);
    expect(stem.length).toBeGreaterThan(0);
    expect(text.slice(start, end).toLowerCase()[0]).toBe(stem === 'creme' ? 'c' : stem[0]);
  }
  expect(stemsOf(text)).toEqual(expect.arrayContaining(['roasted', 'almond', 'creme', 'fraiche']));
});

test.each([
  ['almonds', 'almond'],
  ['Peas', 'pea'],
  ['molasses', 'molasse'],
  ['glass', 'glass'],
  ['gas', 'gas'],
  ['CELERY', 'celery'],
  ['Möhre', 'mohre'],
])('%s counts as %s', (word, stem) => {
  expect(stemsOf(word)).toEqual([stem]);
});

test.each(['E322', 'E 322', 'e-322'])('%s is one additive', (text) => {
  expect(stemsOf(text)).toEqual(['e322']);
});

test('an e that stands alone swallows no other word', () => {
  expect(stemsOf('vitamin E, 12 g')).not.toContain('e12');
});

test.each([
  ['sea salt', 'none'],
  ['sea-salt', 'none'],
  ['sea, salt', 'phrase'],
  ['sea: salt', 'phrase'],
  ['sea. Salt', 'sentence'],
  ['sea\nSalt', 'sentence'],
  ['sea\nsalt', 'statement'],
] as const)('%j keeps its words %s apart', (text, gap) => {
  expect(wordsOf(text)[1]?.gap).toBe(gap);
});

test('nothing but marks holds no word', () => {
  expect(wordsOf(' ,;. — ()')).toEqual([]);
  expect(wordsOf('')).toEqual([]);
});
