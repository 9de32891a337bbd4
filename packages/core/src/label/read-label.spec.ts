import fc from 'fast-check';
import { certainOf, labelCases, mayOf } from '../../science/labels/labels.table.js';
import { labelTotals } from '../../science/labels/label-totals.js';
import { editsBetween, NearWords } from '../larder/near-word.js';
import { readNutrition } from './nutrition-table.js';
import { allergensOfLabel } from './label-knowledge.js';
import { readLabel } from './read-label.js';

test('there are at least 150 labels, each once', () => {
  expect(labelCases.length).toBeGreaterThanOrEqual(150);
  expect(new Set(labelCases.map(([text]) => text)).size).toBe(labelCases.length);
});

test.each(labelCases.map((entry) => [entry[0].slice(0, 90), entry] as const))('%s', (_name, entry) => {
  const { contains, askFor } = allergensOfLabel(readLabel(entry[0]));
  // Recall is what nobody may miss: every certain allergen is certain, every doubtful one at least asked about.
  for (const allergen of certainOf(entry)) expect(contains).toContain(allergen);
  for (const allergen of mayOf(entry)) expect([...contains, ...askFor]).toContain(allergen);
});

test('recall of “contains” is whole, and what is found beyond it is rare', () => {
  const [recall, precision] = labelTotals();
  expect(recall?.value).toBe(recall?.of);
  expect((precision?.value ?? 0) / (precision?.of ?? 1)).toBeGreaterThan(0.95);
});

test('honest labels do not end in a question: of those without allergens at least 95 % are understood to the last word', () => {
  const plain = labelCases.filter((entry) => certainOf(entry).length + mayOf(entry).length === 0);
  const understood = plain.filter(([text]) => allergensOfLabel(readLabel(text)).unknown.length === 0);
  expect(plain.length).toBeGreaterThan(20);
  expect(understood.length / plain.length).toBeGreaterThanOrEqual(0.95);
});

test('every finding quotes its place, and nothing is silently dropped', () => {
  for (const [text] of labelCases) {
    const read = readLabel(text);
    for (const { start, end, because } of read.findings) {
      expect(end).toBeGreaterThan(start);
      expect(because).toContain(text.slice(start, end));
    }
    for (const { start, end, text: said } of read.unrecognised) expect(text.slice(start, end)).toBe(said);
  }
});

test('what is not known is said, and a capital word that is not known is marked', () => {
  const { unrecognised } = readLabel('Ingredients: water, zorblax gum, QUORVIN, salt.');
  expect(unrecognised.map(({ text }) => text)).toEqual(['zorblax', 'QUORVIN']);
  expect(unrecognised[1]?.emphasised).toBe(true);
});

test('claims and names that mislead are explained without being findings', () => {
  const { notes, findings } = readLabel('Dairy-free. Cocoa butter, buckwheat.');
  expect(notes.map(({ kind }) => kind)).toEqual(['claim', 'misleading', 'misleading']);
  expect(findings.map(({ allergen }) => allergen)).toEqual(['buckwheat']);
});

test('any text is read without failing, places in order, markup harmless', () => {
  fc.assert(
    fc.property(fc.string({ maxLength: 400, unit: 'binary' }), (text) => {
      const read = readLabel(text);
      let last = 0;
      for (const { start, end } of read.unrecognised) {
        expect(start).toBeGreaterThanOrEqual(last);
        expect(end).toBeLessThanOrEqual(text.length);
        last = end;
      }
    }),
    { seed: 11, numRuns: 300 },
  );
});

test('two labels read together hold what each holds alone', () => {
  for (let i = 0; i + 1 < labelCases.length; i += 7) {
    const [a] = labelCases[i] ?? [''],
      [b] = labelCases[i + 1] ?? [''];
    const together = allergensOfLabel(readLabel(`${a}\n\n${b}`)).contains;
    for (const one of [a, b])
      for (const id of allergensOfLabel(readLabel(one)).contains) expect(together).toContain(id);
  }
});

test('a misspelt word is read only where one word is near', () => {
  const near = new NearWords(['almond', 'hazelnut', 'mustard']);
  expect(near.nearest('almnod')).toBe('almond');
  expect(near.nearest('hazlenut')).toBe('hazelnut');
  expect(near.nearest('custard')).toBeUndefined();
  expect(near.nearest('salt')).toBeUndefined();
  expect(editsBetween('almond', 'almnod', 2)).toBe(1);
});

test('a nutrition table is read, sodium becomes salt, and half a table is none', () => {
  expect(
    readNutrition(
      'Nutrition per 100 g: Energy 250 kJ / 60 kcal; Fat 3,0 g; of which saturates 0.3 g; Carbohydrate 6.6 g; of which sugars 3.4 g; Protein 1.0 g; Salt 0.10 g',
    ),
  ).toEqual({
    perG: 100,
    energyKJ: 250,
    energyKcal: 60,
    fat: 3,
    saturatedFat: 0.3,
    carbohydrate: 6.6,
    sugars: 3.4,
    protein: 1,
    salt: 0.1,
  });
  expect(
    readNutrition(
      'Nutrition facts\nServing size 30 g\nTotal fat 9 g\nSodium 200 mg\nTotal carbohydrate 8 g\nProtein 2 g',
    ),
  ).toMatchObject({ perG: 30, fat: 9, carbohydrate: 8, protein: 2, salt: 0.5 });
  expect(readNutrition('Energy 60 kcal, Fat 3 g')).toBeUndefined();
  expect(readNutrition('water, salt')).toBeUndefined();
});
