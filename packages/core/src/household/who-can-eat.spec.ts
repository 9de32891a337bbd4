import { type AllergenId, allergenIds, covers, headsOf } from '../allergen/allergen.js';
import { ingredientById, larderTable } from '../larder/catalog/larder-table.js';
import type { Need, Strictness } from './need/need.js';
import type { Eater } from './eater.js';
import type { Portion, PortionLine } from './portion/portion.js';
import { whoCanEat } from './who-can-eat.js';

const pot = (...ids: string[]): Portion => ({
  lines: ids.map((id, i) => ({ id: `l${i}`, ingredient: ingredientById(id), named: id })),
});
const avoids = (allergen: AllergenId, strictness: Strictness = 'allergy', traces = false): Need => ({
  kind: 'allergen',
  allergen,
  strictness,
  traces,
});
const judge = (needs: readonly Need[], served: Portion) =>
  whoCanEat({ id: 'e', name: 'E', eatsTonight: true, needs }, served);

test('the legal lists have nine and fourteen heads', () => {
  expect(headsOf('us')).toHaveLength(9);
  expect(headsOf('eu')).toHaveLength(14);
  expect(headsOf('us')).toContain('wheat');
  expect(headsOf('eu')).toEqual(expect.arrayContaining(['gluten', 'celery', 'lupin', 'mollusc']));
});

test.each([
  ['milk', 'goat-cheese', 'does-not', 'goat’s milk'],
  ['milk', 'ghee', 'does-not', 'cow’s milk'],
  ['tree-nut', 'cashew', 'does-not', 'cashew'],
  ['gluten', 'barley-miso', 'does-not', 'barley'],
  ['gluten', 'oat-drink', 'does-not', 'oat'],
  ['gluten', 'oat-drink-gluten-free', 'ask', '20 mg'],
  ['tree-nut', 'pine-nut', 'ask', 'pine nut'],
  ['tree-nut', 'pumpkin-seed', 'ask', 'read the label'],
  ['wheat', 'spelt-flour', 'does-not', 'spelt'],
  ['almond', 'cashew', 'ask', 'tree nuts'],
] as const)('%s and %s: %s', (allergen, ingredient, verdict, reason) => {
  const result = judge([avoids(allergen)], pot('water', ingredient));
  expect(result.verdict).toBe(verdict);
  expect(result.findings[0]?.line).toBe('l1');
  expect(result.findings.map((finding) => finding.reason).join(' ')).toContain(reason);
});

test.each([
  ['milk', 'coconut-milk'],
  ['milk', 'butter-bean-boiled'],
  ['tree-nut', 'chestnut-boiled'],
  ['gluten', 'rice-flour'],
  ['soya', 'white-bean-boiled'],
] as const)('a need for %s finds nothing against %s', (allergen, ingredient) => {
  const result = judge([avoids(allergen)], pot(ingredient));
  expect(result).toMatchObject({ verdict: 'fits', findings: [], checked: 1 });
});

test('a certain conflict stands before a question, and each says its line', () => {
  const result = judge([avoids('soya', 'diet'), avoids('wheat')], pot('mustard', 'soy-sauce'));
  expect(result.verdict).toBe('does-not');
  expect(result.findings.map((finding) => [finding.verdict, finding.line])).toEqual([
    ['does-not', 'l1'],
    ['does-not', 'l1'],
    ['ask', 'l0'],
  ]);
});

test('a dislike never forbids, and does not ask about traces', () => {
  const dislike: Need = { kind: 'ingredient', ingredient: 'nutritional-yeast', strictness: 'dislike' };
  expect(judge([dislike], pot('nutritional-yeast')).verdict).toBe('ask');
  expect(judge([avoids('tree-nut', 'dislike')], pot('pumpkin-seed')).verdict).toBe('fits');
});

test('salt is judged a portion, and a doubtful one is asked about', () => {
  const need: Need = { kind: 'salt-limit', gramsPerPortion: 1.2 };
  const { lines } = pot('potato');
  const salted = (mid: number, high: number) => judge([need], { lines, salt: { mid, high } });
  expect(salted(1.0, 1.1).verdict).toBe('fits');
  expect(salted(1.15, 1.3).verdict).toBe('ask');
  expect(salted(1.4, 1.6)).toMatchObject({
    verdict: 'does-not',
    findings: [{ reason: '1.4 g salt a portion; limit 1.2 g' }],
  });
  expect(judge([need], { lines }).verdict).toBe('ask');
});

test('an ingredient that is gone from the larder is a question, never a yes', () => {
  expect(judge([avoids('milk')], pot('gone-cheese')).verdict).toBe('ask');
});

test('no ingredient that holds an allergen ever fits somebody allergic to it or to its group', () => {
  for (const ingredient of larderTable) {
    for (const allergen of allergenIds) {
      if (!ingredient.contains.some((held) => covers(allergen, held) !== 'unrelated')) continue;
      expect([ingredient.id, allergen, judge([avoids(allergen)], pot(ingredient.id)).verdict]).not.toContain(
        'fits',
      );
    }
  }
});

test('words never promise safety', () => {
  const reasons = larderTable.flatMap((ingredient) =>
    judge(
      allergenIds.map((id) => avoids(id, 'allergy', true)),
      pot(ingredient.id),
    ).findings.map((finding) => finding.reason),
  );
  expect(reasons.filter((reason) => /\bsafe\b/i.test(reason))).toEqual([]);
});

test('where nothing is in it there is no verdict, whatever somebody needs, a base without lines included', () => {
  const eater: Eater = {
    id: 'e',
    name: 'E',
    eatsTonight: true,
    needs: [
      { kind: 'allergen', allergen: 'milk', strictness: 'allergy', traces: true },
      { kind: 'salt-limit', gramsPerPortion: 1 },
    ],
  };
  const base: PortionLine = { id: 'base', ingredient: undefined, named: 'Base', inside: [] };
  for (const lines of [[], [base]])
    expect(whoCanEat(eater, { lines })).toMatchObject({ verdict: 'none', findings: [], checked: 0 });
  const gone: PortionLine = { id: 'x', ingredient: undefined, named: 'moon dust' };
  expect(whoCanEat(eater, { lines: [gone] }).verdict).toBe('ask');
});
