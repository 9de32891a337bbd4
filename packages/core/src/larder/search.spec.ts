import { larderTable } from './catalog/larder-table.js';
import { searchIngredients } from './search.js';

const found = (text: string): readonly string[] => searchIngredients(larderTable, text).map(({ id }) => id);

test('an empty search shows the whole larder in its own order', () => {
  expect(found('')).toEqual(larderTable.map(({ id }) => id));
  expect(found('  ')).toHaveLength(larderTable.length);
});

test.each(['cashew', 'Cashews', 'CASHEW', 'câshew', ' cashew '])(
  'however it is typed, %s finds the cashew first',
  (text) => {
    expect(found(text)[0]).toBe('cashew');
  },
);

test('every ingredient is found by its own full name, on the first page', () => {
  const lost = larderTable.filter(({ id, name }) => !found(name).slice(0, 3).includes(id));
  expect(lost.map(({ name }) => name)).toEqual([]);
});

test('every other name a cook may use finds its ingredient', () => {
  const lost = larderTable.flatMap(({ id, otherNames }) =>
    otherNames.filter((name) => !found(name).includes(id)),
  );
  expect(lost).toEqual([]);
});

test('each word must be there: more words never find more', () => {
  for (const [few, many] of [['oat', 'oat drink'], ['starch', 'potato starch'], ['nut', 'nut butter']] as const) {
    const wide = new Set(found(few));
    expect(found(many).every((id) => wide.has(id))).toBe(true);
    expect(found(many).length).toBeLessThan(wide.size);
  }
  expect(found('cashew anvil')).toEqual([]);
}); // prettier-ignore

test('the start of a word is enough while typing; a name that starts with it comes before one that holds it', () => {
  expect(found('casn')).toEqual([]);
  const hits = found('coco');
  expect(hits.length).toBeGreaterThan(1);
  const first = larderTable.find(({ id }) => id === hits[0]);
  expect(first?.name.toLowerCase()).toMatch(/^coco/);
});

test.each(['<script>', '\\', '(((', '%', '\u0000'])('odd characters (%j) are harmless', (text) => {
  expect(() => found(text)).not.toThrow();
});
