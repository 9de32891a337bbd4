import { allergensOfLabel } from './label-knowledge.js';
import { dictionary } from './label-dictionary.js';
import { readLabel } from './read-label.js';
import { knownIn, taughtKey, type TaughtWord } from './taught-word.js';

const teach = (word: string, means: TaughtWord['means']): readonly TaughtWord[] => [
  { word, means, taughtOn: '2026-11-26T10:00:00Z' },
];
const text = 'Ingredients: water, rice, zorblax fronda, salt.';
const read = (label: string, taught: readonly TaughtWord[] = []) =>
  allergensOfLabel(readLabel(label, taught));

const allergenWords = dictionary.firstWords();

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

/** What the reader finds in words that stand in no list: compounds of other languages, letters changed, digits for letters. */
const hidden = [
  ['sahnepulver', 'milk'],
  ['erdnussgranulat', 'peanut'],
  ['haselnussgranulat', 'hazelnut'],
  ['penaut', 'peanut'],
  ['m1lk', 'milk'],
  ['cashewcreme', 'cashew'],
] as const;

test.each(hidden)(
  'a phrase with %s in it, taught as nothing, hides nothing and cannot be taught',
  (word, allergen) => {
    const phrase = `zorblax ${word}`,
      label = `Ingredients: water, ${phrase}, salt.`;
    const { contains, askFor } = read(label);
    expect([...contains, ...askFor]).toContain(allergen);
    expect(read(label, teach(phrase, 'nothing'))).toMatchObject({ contains, askFor });
    expect(knownIn(phrase)).toBe(word);
  },
);

test('a word with a part in its middle that says something cannot be taught as nothing', () => {
  expect(knownIn('zorblax vollmilchkonzentrat')).toBe('vollmilchkonzentrat');
  const label = 'Ingredients: water, zorblax vollmilchkonzentrat, salt.';
  expect(read(label, teach('zorblax vollmilchkonzentrat', 'nothing')).unknown).toEqual([
    'zorblax vollmilchkonzentrat',
  ]);
});

test('no word of any list is hidden behind a made-up one, whole, closed up or in parts', () => {
  const words = [...allergenWords].filter((word) => /^[\p{L}]{4,}$/u.test(word));
  expect(words.length).toBeGreaterThan(1500);
  const hiding = words.filter((word) => {
    const label = `Ingredients: water, zorblax ${word}, salt.`;
    const plain = read(label),
      taught = read(label, teach(`zorblax ${word}`, 'nothing'));
    return [...plain.contains, ...plain.askFor].some(
      (one) => !taught.contains.includes(one) && !taught.askFor.includes(one),
    );
  });
  expect(hiding).toEqual([]);
});

test('two spellings of a phrase are one', () => {
  expect(taughtKey('Zorbläx  Frondas')).toBe(taughtKey('zorblax fronda'));
  expect(taughtKey(' … ')).toBe('');
});
