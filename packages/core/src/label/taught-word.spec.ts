import { allergensOfLabel } from './label-knowledge.js';
import { readLabel } from './read-label.js';
import { knownIn, taughtKey, type TaughtWord } from './taught-word.js';

const teach = (word: string, means: TaughtWord['means']): readonly TaughtWord[] => [
  { word, means, taughtOn: '2026-11-26T10:00:00Z' },
];
const text = 'Ingredients: water, rice, zorblax fronda, salt.';
const read = (label: string, taught: readonly TaughtWord[] = []) =>
  allergensOfLabel(readLabel(label, taught));

test('a word that is not known is shown; taught as holding nothing it is explained, with its date', () => {
  expect(read(text).unknown).toEqual(['zorblax fronda']);
  const { unknown, contains } = read(text, teach('Zorblax fronda', 'nothing'));
  expect([unknown, contains]).toEqual([[], ['rice']]);
  expect(readLabel(text, teach('zorblax fronda', 'nothing')).notes).toEqual([
    expect.objectContaining({
      kind: 'taught',
      text: 'you said on 2026-11-26 that it holds none of the allergens',
    }),
  ]);
});

test('taught as a kind of something it is found, and in a warning it is a warning', () => {
  expect(read(text, teach('zorblax fronda', 'celery')).contains).toEqual(['rice', 'celery']);
  const warned = read(
    'Ingredients: water, rice, salt. May contain zorblax fronda.',
    teach('zorblax fronda', 'celery'),
  );
  expect([warned.contains, warned.askFor, warned.unknown]).toEqual([['rice'], ['celery'], []]);
});

test('what is taught of one word says nothing of another, nor of a part of it', () => {
  expect(read(text, teach('zorblax', 'nothing')).unknown).toEqual(['fronda']);
  expect(read(text, teach('fronda zorblax', 'nothing')).unknown).toEqual(['zorblax fronda']);
});

test('a taught phrase never hides what is known', () => {
  const sly = teach('zorblax milk', 'nothing');
  expect(read('Ingredients: water, zorblax milk, salt.', sly).contains).toContain('milk');
  expect(knownIn('zorblax milk')).toBe('milk');
  expect(knownIn('may contain')).toBe('may');
  expect(knownIn('water')).toBe('water');
  expect(knownIn('zorblax de fronda')).toBeUndefined();
});

test('two spellings of a phrase are one', () => {
  expect(taughtKey('Zorbläx  Frondas')).toBe(taughtKey('zorblax fronda'));
  expect(taughtKey(' … ')).toBe('');
});
