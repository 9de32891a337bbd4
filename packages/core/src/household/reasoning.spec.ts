import { type AllergenId, allergenIds } from '../allergen/allergen.js';
import { ingredientById, larderTable } from '../larder/catalog/larder-table.js';
import { seededChance } from '../predict/numeric/chance.js';
import { judgeVersions } from './base-and-versions.js';
import { contactsOf, judgePots, type Pot, strictestFirst } from './course-of-cooking.js';
import { cliniciansQuestions } from './cross-reaction.js';
import type { Eater } from './eater.js';
import { allergenFacts, factHeads } from './facts.table.js';
import type { Need } from './need.js';
import { allergensOfLabel, readLabel } from '../allergen/label/read-label.js';
import { packLabel } from './pack-label.js';
import { type Served, type ServedLine, type VerdictOrNone, whoCanEat } from './who-can-eat.js';

const line = (id: string, more: Partial<ServedLine> = {}): ServedLine => ({ id: `l-${id}`, ingredient: ingredientById(id), named: id, gramsPerPortion: 40, ...more }); // prettier-ignore
const allergy = (allergen: AllergenId, traces = false): Need => ({
  kind: 'allergen',
  allergen,
  strictness: 'allergy',
  traces,
});
const person = (...needs: readonly Need[]): Eater => ({ id: 'e', name: 'E', eatsTonight: true, needs });
const verdict = (needs: readonly Need[], served: Served): VerdictOrNone =>
  whoCanEat(person(...needs), served).verdict;
const rank: Readonly<Record<VerdictOrNone, number>> = { none: 0, fits: 0, ask: 1, 'does-not': 2 };

const facts = Object.entries(allergenFacts).flatMap(([ingredient, held]) =>
  factHeads.map((head) => [ingredient, head, held.split(' ').includes(head)] as const),
);

test('there are more than 400 facts', () => {
  expect(facts.length).toBeGreaterThan(400);
});

test.each(facts)('%s holds %s: %s', (ingredient, head, holds) => {
  const found = verdict([allergy(head)], { lines: [line(ingredient)] });
  if (holds) expect(found).toBe('does-not');
  else expect(found).not.toBe('does-not');
});

const chance = seededChance(77);
const anyOf = <T>(list: readonly T[]): T => list[Math.floor(chance() * list.length)] as T;
const randomServed = (): Served => ({ lines: Array.from({ length: 1 + Math.floor(chance() * 5) }, () => line(anyOf(larderTable).id)), saltPerPortion: { mid: chance() * 2, high: 2 }, pungent: chance() }); // prettier-ignore
const randomNeeds = (): readonly Need[] => Array.from({ length: 1 + Math.floor(chance() * 3) }, () => anyOf<Need>([allergy(anyOf(allergenIds), chance() < 0.5), { kind: 'allergen', allergen: anyOf(allergenIds), strictness: 'diet', traces: false }, { kind: 'salt-limit', gramsPerPortion: 1 }, { kind: 'rule', rule: 'no-added-oil' }, { kind: 'compound', compound: 'fructans', gramsPerPortion: 0.2 }])); // prettier-ignore

test('over random pots: another line or a shared spoon never makes anything better, and one need less never worse', () => {
  for (let i = 0; i < 400; i++) {
    const served = randomServed(),
      needs = randomNeeds();
    const before = rank[verdict(needs, served)];
    expect(rank[verdict(needs, { ...served, lines: [...served.lines, line(anyOf(larderTable).id)] })]).toBeGreaterThanOrEqual(before); // prettier-ignore
    expect(rank[verdict(needs, { ...served, contacts: [{ by: 'spoon', from: 'x', lines: randomServed().lines }] })]).toBeGreaterThanOrEqual(before); // prettier-ignore
    expect(rank[verdict(needs.slice(1), served)]).toBeLessThanOrEqual(before);
  }
});

test('what is not known never fits somebody with an allergy', () => {
  const plain = ingredientById('oat-drink');
  if (!plain) throw new Error('no oat drink');
  const unsaid = { ...plain, id: 'own-x', guessed: ['water'], contains: [], askFor: [] };
  for (const allergen of allergenIds.slice(0, 20)) {
    expect(
      verdict([allergy(allergen)], { lines: [{ id: 'a', ingredient: undefined, named: 'gone' }] }),
    ).not.toBe('fits');
    expect(verdict([allergy(allergen)], { lines: [{ id: 'a', ingredient: unsaid, named: 'x' }] })).not.toBe(
      'fits',
    );
  }
});

test('a version never fits better than its base: butter in the base forbids both', () => {
  const milk = person(allergy('milk'));
  const base = { name: 'White base', lines: [line('oat-drink'), line('butter')] };
  const versions = [
    { name: 'plain', lines: [] },
    { name: 'with nuts', lines: [line('cashew')] },
  ];
  for (const { people } of judgeVersions(base, versions, [milk])) {
    expect(people[0]?.verdict).toBe('does-not');
    expect(people[0]?.findings[0]?.chain.slice(0, 2)).toEqual(['White base', 'Butter, salted']);
  }
  for (let i = 0; i < 60; i++) {
    const random = randomServed(),
      eater = person(...randomNeeds().filter(({ kind }) => kind === 'allergen'));
    const [judged] = judgeVersions(
      { name: 'b', ...random },
      [{ name: 'v', lines: randomServed().lines }],
      [eater],
    );
    expect(rank[judged?.people[0]?.verdict ?? 'fits']).toBeGreaterThanOrEqual(
      rank[whoCanEat(eater, random).verdict],
    );
  }
});

const pot = (id: string, ids: readonly string[], more: Partial<Pot> = {}): Pot => ({ id, name: id, lines: ids.map((i) => line(i)), tools: ['spoon'], washedBefore: false, ...more }); // prettier-ignore

test('a spoon carries from pot to pot until it is washed; frying fat cannot be washed', () => {
  const teo = person(allergy('tree-nut'));
  const nuts = pot('nuts', ['cashew']),
    beans = pot('beans', ['white-bean-boiled']);
  const after = (pots: readonly Pot[]) =>
    judgePots(pots, [teo]).find(({ pot: id }) => id === 'beans')?.people[0];
  expect(after([beans, nuts])?.verdict).toBe('fits');
  expect(after([nuts, beans])).toMatchObject({ verdict: 'does-not' });
  expect(after([nuts, beans])?.findings[0]?.reason).toContain('by the spoon used for nuts');
  expect(after([nuts, { ...beans, washedBefore: true }])?.verdict).toBe('fits');
  const fat = { tools: ['frying fat'] as const };
  expect(
    after([
      { ...nuts, ...fat },
      { ...beans, ...fat, washedBefore: true },
    ])?.verdict,
  ).toBe('does-not');
});

test('the strictest is cooked first, and the tools are washed before what somebody cannot eat', () => {
  const people = [person(allergy('tree-nut')), person(allergy('milk'))];
  const order = strictestFirst([pot('cheese', ['butter', 'cashew']), pot('nuts', ['cashew']), pot('beans', ['white-bean-boiled'])], people); // prettier-ignore
  expect(order.map(({ id }) => id)).toEqual(['beans', 'nuts', 'cheese']);
  expect(order.map(({ washedBefore }) => washedBefore)).toEqual([false, true, true]);
  expect(contactsOf(order, 1)).toEqual([]);
});

test('traces are asked about only where they matter', () => {
  expect(verdict([allergy('peanut', true)], { lines: [line('walnut')] })).toBe('ask');
  expect(verdict([allergy('sesame', false)], { lines: [line('walnut')] })).toBe('fits');
  expect(verdict([allergy('sesame', true)], { lines: [line('walnut')] })).toBe('ask');
});

const now = Date.parse('2026-11-20T10:00:00Z');
const labelled = (text: string, readOn = '2026-11-01T10:00:00Z') => ({
  label: packLabel({ ...allergensOfLabel(readLabel(text)), readOn }, now),
});
const withLabel = (ingredient: string, text: string, need: Need, readOn?: string) =>
  verdict([need], { lines: [line(ingredient, labelled(text, readOn))] });
const whole = 'Ingredients: water, rapeseed oil, coconut oil, salt.';

test('a label clears what is only often so, if it is a list and every word was understood; until it is old', () => {
  expect(verdict([allergy('milk')], { lines: [line('plant-butter-block')] })).toBe('ask');
  expect(withLabel('plant-butter-block', whole, allergy('milk'))).toBe('fits');
  expect(withLabel('plant-butter-block', whole, allergy('milk'), '2025-11-01T10:00:00Z')).toBe('ask');
  expect(withLabel('plant-butter-block', 'x', allergy('milk'))).toBe('ask');
  expect(withLabel('plant-butter-block', 'water, salt', allergy('milk'))).toBe('ask');
  expect(withLabel('plant-butter-block', `${whole.slice(0, -1)}, zorblax.`, allergy('milk'))).toBe('ask');
});

test('what the table is sure of and the label does not name is asked about, as if it were the wrong pack', () => {
  const need = allergy('oat');
  expect(withLabel('oat-drink', 'Ingredients: water, rapeseed oil, salt.', need)).toBe('ask');
  expect(withLabel('oat-drink', 'Ingredients: water, oats, rapeseed oil, salt.', need)).toBe('does-not');
  // A label of another pack clears nothing else either.
  expect(
    verdict([allergy('milk')], {
      lines: [line('oat-drink', labelled('Ingredients: water, oats, rapeseed oil, salt.'))],
    }),
  ).toBe('fits');
});

test('a word that was not understood is asked about by name, but not for a dislike', () => {
  const text = 'Ingredients: water, rapeseed oil, zorblax, salt.';
  const found = whoCanEat(person(allergy('egg')), { lines: [line('plant-butter-block', labelled(text))] });
  expect(found.verdict).toBe('ask');
  expect(found.findings[0]?.reason).toContain('“zorblax” was not understood');
  expect(withLabel('plant-butter-block', text, { ...allergy('egg'), strictness: 'dislike' } as Need)).toBe(
    'fits',
  );
});

test('a label adds what the table does not know; of several words the most severe wins', () => {
  expect(withLabel('tomato-paste', 'Ingredients: tomato, salt, celery.', allergy('celery'))).toBe('does-not');
  expect(withLabel('tomato-paste', 'Ingredients: nuts (cashew, almond), tomato.', allergy('cashew'))).toBe(
    'does-not',
  );
  expect(withLabel('tomato-paste', 'Ingredients: tomato, salt. May contain celery.', allergy('celery'))).toBe(
    'ask',
  );
});

test('shared lines stay a question where the label is silent about traces', () => {
  expect(withLabel('walnut', 'Ingredients: walnuts, salt, water.', allergy('sesame', true))).toBe('ask');
  expect(
    withLabel(
      'walnut',
      'Ingredients: walnuts, salt, water. May contain traces of peanut.',
      allergy('sesame', true),
    ),
  ).toBe('fits');
});

test('a dislike counts by amount, a compound by grams with its doubt', () => {
  const dislike: Need = { kind: 'ingredient', ingredient: 'nutritional-yeast', strictness: 'dislike' };
  const yeast = (gramsPerPortion: number): Served => ({
    lines: [line('nutritional-yeast', { gramsPerPortion })],
  });
  expect(verdict([dislike], yeast(0.2))).toBe('fits');
  expect(verdict([dislike], yeast(4))).toBe('ask');
  const fructans: Need = { kind: 'compound', compound: 'fructans', gramsPerPortion: 0.3 };
  const onion = (gramsPerPortion: number): Served => ({ lines: [line('onion', { gramsPerPortion })] });
  expect([2, 9, 30].map((g) => verdict([fructans], onion(g)))).toEqual(['fits', 'ask', 'does-not']);
});

test('rules: oil, sugar, gluten, mild, small child', () => {
  const rule = (name: Extract<Need, { kind: 'rule' }>['rule'], served: Served) =>
    verdict([{ kind: 'rule', rule: name }], served);
  const calm = { saltPerPortion: { mid: 0.2, high: 0.25 }, pungent: 0 };
  expect(rule('no-added-oil', { lines: [line('olive-oil')] })).toBe('does-not');
  expect(rule('no-added-sugar', { lines: [line('maple-syrup')] })).toBe('does-not');
  expect(rule('gluten-free', { lines: [line('barley-miso')] })).toBe('does-not');
  expect(rule('mild', { lines: [line('potato')], pungent: 2 })).toBe('ask');
  expect(rule('small-child', { ...calm, lines: [line('almond', { whole: true })] })).toBe('does-not');
  expect(rule('small-child', { ...calm, lines: [line('almond', { whole: false })] })).toBe('fits');
  expect(rule('small-child', { lines: [line('potato')], saltPerPortion: { mid: 1.4, high: 1.6 } })).toBe(
    'ask',
  );
});

test('related foods are a question for a clinician, never a verdict', () => {
  const questions = (allergen: AllergenId) => cliniciansQuestions(person(allergy(allergen))).join('; ');
  expect(questions('cashew')).toContain('pistachio');
  expect(questions('walnut')).toContain('pecan');
  expect(questions('peanut')).toMatch(/lupin.*chickpea|chickpea.*lupin/s);
  expect(cliniciansQuestions(person({ kind: 'salt-limit', gramsPerPortion: 1 }))).toEqual([]);
  expect(verdict([allergy('cashew')], { lines: [line('pistachio-butter')] })).not.toBe('does-not');
});
