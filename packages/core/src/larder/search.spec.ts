import { larderTable } from './catalog/larder-table.js';
import { searchIngredients } from './search.js';
import { neverFound, searches } from '../../science/larder/search.table.js';

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
  for (const [few, many] of [
    ['oat', 'oat drink'],
    ['starch', 'potato starch'],
    ['nut', 'nut butter'],
  ] as const) {
    const wide = new Set(found(few));
    expect(found(many).every((id) => wide.has(id))).toBe(true);
    expect(found(many).length).toBeLessThan(wide.size);
  }
  expect(found('cashew anvil')).toEqual([]);
});

test('the start of a word is enough while typing; a name that starts with it comes before one that holds it', () => {
  const hits = found('coco');
  expect(hits.length).toBeGreaterThan(1);
  const first = larderTable.find(({ id }) => id === hits[0]);
  expect(first?.name.toLowerCase()).toMatch(/^coco/);
});

const asked = Object.entries(searches).flatMap(([id, texts]) => texts.map((text) => [text, id] as const));

test('at least three hundred searches are committed, each once', () => {
  expect(asked.length).toBeGreaterThanOrEqual(300);
  expect(new Set(asked.map(([text]) => text)).size).toBe(asked.length);
  const known = new Set(larderTable.map(({ id }) => id));
  expect(Object.keys(searches).filter((id) => !known.has(id))).toEqual([]);
});

test.each(asked)('“%s” finds %s first', (text, id) => {
  expect(found(text)[0]).toBe(id);
});

test.each(neverFound)('“%s” never finds %s', (text, id) => {
  expect(found(text)).not.toContain(id);
});

test('words may stand in different names of one ingredient', () => {
  // “canola” and “cold-pressed” stand in two other names of rapeseed oil.
  expect(found('cold-pressed canola')[0]).toBe('rapeseed-oil');
  expect(found('masoor split')[0]).toBe('red-lentil-dry');
});

test('a slip is forgiven in five letters, not in four', () => {
  for (const slip of ['onoin', 'oniom', 'onionn', 'onin'])
    expect([slip, found(slip)[0]]).toEqual([slip, slip.length >= 5 ? 'onion' : found(slip)[0]]);
  expect(found('kaje')).toEqual([]);
});

test('a larder that grows is searched anew', () => {
  const [first] = larderTable;
  if (!first) throw new Error('the larder is empty');
  const own = [{ ...first, id: 'own-1', name: 'Grandmother’s nut cream', otherNames: [] }, ...larderTable];
  expect(searchIngredients(own, 'grandmothers')[0]?.id).toBe('own-1');
});

test.each(['<script>', '\\', '(((', '%', '\u0000', 'a'.repeat(5000), 'x '.repeat(500)])(
  'odd characters (%j) are harmless',
  (text) => {
    expect(() => found(text)).not.toThrow();
  },
);

test('of what answers about as well, the household’s own habit comes first; what is named just so stays first', () => {
  const withUse = (text: string, ...used: readonly string[]) =>
    searchIngredients(larderTable, text, new Map(used.map((id) => [id, 6]))).map(({ id }) => id);
  const plain = found('milk');
  const third = plain[2]!;
  expect(plain[0]).not.toBe(third);
  expect(withUse('milk', third)[0]).toBe(third);
  expect(withUse('salt', 'celery-salt')[0]).toBe('salt');
  expect(withUse('cashew', 'cashew-butter')[0]).toBe('cashew');
  // Which kind is meant was not said, however often one of them is used.
  expect(withUse('miso', 'barley-miso')[0]).toBe('miso');
  // Use finds nothing that was not asked for.
  expect([...withUse('milk', 'salt')].sort()).toEqual([...plain].sort());
});
