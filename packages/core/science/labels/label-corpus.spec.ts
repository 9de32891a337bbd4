import { whoCanEat } from '../../src/household/who-can-eat.js';
import { packLabel } from '../../src/household/portion/pack-label.js';
import type { Verdict } from '../../src/household/verdict.js';
import { ingredientById } from '../../src/larder/catalog/larder-table.js';
import { type AllergenId, covers, headsOf, isGroupOf } from '../../src/allergen/allergen.js';
import { allergensOfLabel } from '../../src/label/label-knowledge.js';
import { readLabel } from '../../src/label/read-label.js';
import { type CorpusLabel, labelCorpus } from './label-corpus.js';

const plain = ingredientById('water');
if (!plain) throw new Error('no water');
/** Something of which only its label is known. */
const own = { ...plain, id: 'own-x', name: 'Own thing', guessed: ['all'] };
const readOn = '2026-11-01T10:00:00Z';
const now = Date.parse('2026-11-20T10:00:00Z');

const expected = ({ certain, may, noList }: CorpusLabel, head: AllergenId): Verdict => {
  const relations = certain.map((held) => covers(head, held));
  if (relations.includes('covers')) return 'does-not';
  const mayHold = may.some((held) => covers(head, held) !== 'unrelated' || isGroupOf(held, head));
  return relations.includes('ask') || mayHold || noList ? 'ask' : 'fits';
};

const found = (one: CorpusLabel, head: AllergenId): Verdict => {
  const label = packLabel({ ...allergensOfLabel(readLabel(one.text)), readOn }, now);
  const need = { kind: 'allergen', allergen: head, strictness: 'allergy', traces: false } as const;
  return whoCanEat(
    { id: 'e', name: 'E', eatsTonight: true, needs: [need] },
    { lines: [{ id: 'a', ingredient: own, named: 'x', label }] },
  ).verdict as Verdict;
};

const heads = headsOf('eu');
const judged = labelCorpus.flatMap((one) =>
  heads.map((head) => ({ one, head, wanted: expected(one, head), said: found(one, head) })),
);

test('there are at least 700 packs in thirteen languages', () => {
  expect(new Set(labelCorpus.map(({ text }) => text)).size).toBeGreaterThanOrEqual(700);
  expect(new Set(labelCorpus.map(({ language }) => language)).size).toBe(13);
});

test('no verdict is a false “fits”', () => {
  const wrong = judged.filter(({ wanted, said }) => said === 'fits' && wanted !== 'fits');
  expect(wrong.map(({ one, head }) => `${one.language}, ${head}: ${one.text}`)).toEqual([]);
});

test('what a label certainly holds is not only asked about', () => {
  const weak = judged.filter(({ wanted, said }) => wanted === 'does-not' && said !== 'does-not');
  expect(weak.map(({ one, head }) => `${one.language}, ${head}: ${one.text}`)).toEqual([]);
});

test('false alarms are at most 3 % of what should fit, in every language at most 6 %', () => {
  const clear = judged.filter(({ wanted }) => wanted === 'fits');
  const alarms = clear.filter(({ said }) => said !== 'fits');
  if (process.env['SHOW_ALARMS'])
    console.log(
      [
        ...new Set(
          alarms.map(
            ({ one, head }) =>
              `${one.language} ${head}: ${one.text} :: ${allergensOfLabel(readLabel(one.text)).unknown.join(', ')}`,
          ),
        ),
      ].join('\n'),
    );
  expect(alarms.length / clear.length).toBeLessThanOrEqual(0.03);
  for (const language of new Set(labelCorpus.map((one) => one.language))) {
    const share =
      alarms.filter(({ one }) => one.language === language).length /
      clear.filter(({ one }) => one.language === language).length;
    expect([language, share > 0.06]).toEqual([language, false]);
  }
});

test('of the packs without any allergen of the law at least 95 % fit everybody', () => {
  const free = labelCorpus.filter(
    ({ certain, may, noList }) => certain.length === 0 && may.length === 0 && !noList,
  );
  const fit = free.filter((one) => heads.every((head) => found(one, head) === 'fits'));
  expect(free.length).toBeGreaterThan(200);
  expect(fit.length / free.length).toBeGreaterThanOrEqual(0.95);
});
