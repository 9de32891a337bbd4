import { type AllergenId, allergenIds } from '../allergen/allergen.js';
import { ingredientById } from '../larder/catalog/larder-table.js';
import { judgeVersions } from './evening/base-and-versions.js';
import {
  contactsOf,
  judgeEvening,
  judgePots,
  type Pot,
  strictestFirst,
} from './evening/course-of-cooking.js';
import type { Eater } from './eater.js';
import {
  allergenFacts,
  clearFacts,
  factHeads,
  lineFacts,
  oftenFacts,
} from '../../science/household/facts.table.js';
import { cliniciansQuestions } from './need/cross-reaction.js';
import type { Need } from './need/need.js';
import { allergensOfLabel } from '../label/label-knowledge.js';
import { readLabel } from '../label/read-label.js';
import { packLabel } from './portion/pack-label.js';
import { asOneLine, mealOf } from './portion/meal.js';
import type { Portion, PortionLine } from './portion/portion.js';
import { portionOfLines } from './portion/portion-of-lines.js';
import type { VerdictOrNone } from './verdict.js';
import { whoCanEat } from './who-can-eat.js';

const line = (id: string, more: Partial<PortionLine> = {}): PortionLine => ({
  id: `l-${id}`,
  ingredient: ingredientById(id),
  named: id,
  gramsPerPortion: 40,
  ...more,
});
const allergy = (allergen: AllergenId, traces = false): Need => ({
  kind: 'allergen',
  allergen,
  strictness: 'allergy',
  traces,
});
const person = (...needs: readonly Need[]): Eater => ({ id: 'e', name: 'E', eatsTonight: true, needs });
const verdict = (needs: readonly Need[], served: Portion): VerdictOrNone =>
  whoCanEat(person(...needs), served).verdict;

const facts = Object.entries(allergenFacts).flatMap(([ingredient, held]) =>
  factHeads.map((head) => [ingredient, head, held.split(' ').includes(head)] as const),
);

const pairsOf = (table: Readonly<Record<string, string>>) =>
  Object.entries(table).flatMap(([ingredient, heads]) =>
    heads.split(' ').map((head) => [ingredient, head as AllergenId] as const),
  );

test('there are more than 600 facts, a good part of them questions', () => {
  expect(facts.length).toBeGreaterThan(600);
  expect(pairsOf(oftenFacts).length + pairsOf(lineFacts).length).toBeGreaterThan(200);
});

test.each(pairsOf(oftenFacts))('%s often holds %s: ask', (ingredient, head) => {
  for (const traces of [false, true])
    expect(verdict([allergy(head, traces)], { lines: [line(ingredient)] })).toBe('ask');
});

test.each(pairsOf(lineFacts))('%s shares its lines with %s: ask where traces matter', (ingredient, head) => {
  expect(verdict([allergy(head, true)], { lines: [line(ingredient)] })).toBe('ask');
  expect(
    verdict([{ kind: 'allergen', allergen: head, strictness: 'dislike', traces: true }], {
      lines: [line(ingredient)],
    }),
  ).toBe('fits');
});

test.each(pairsOf(clearFacts))('%s: a need for %s finds nothing against it', (ingredient, head) => {
  for (const traces of [false, true])
    expect(verdict([allergy(head, traces)], { lines: [line(ingredient)] })).toBe('fits');
});

test.each(facts)('%s holds %s: %s', (ingredient, head, holds) => {
  const found = verdict([allergy(head)], { lines: [line(ingredient)] });
  if (holds) expect(found).toBe('does-not');
  else expect(found).not.toBe('does-not');
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
    { name: 'plain', added: { lines: [] } },
    { name: 'with nuts', added: { lines: [line('cashew')] } },
  ];
  for (const { people } of judgeVersions(base, versions, [milk])) {
    expect(people[0]?.verdict).toBe('does-not');
    expect(people[0]?.findings[0]?.chain.slice(0, 2)).toEqual(['White base', 'Butter, salted']);
  }
});

const pot = (id: string, ids: readonly string[], more: Partial<Pot> = {}): Pot => ({
  id,
  name: id,
  portion: portionOfLines(ids.map((i) => line(i))),
  tools: ['spoon'],
  washedBefore: false,
  ...more,
});

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

test('the strictest is cooked first, and nothing is washed where nobody would be the better for it', () => {
  const people = [person(allergy('tree-nut')), person(allergy('milk'))];
  const order = strictestFirst(
    [pot('cheese', ['butter', 'cashew']), pot('nuts', ['cashew']), pot('beans', ['white-bean-boiled'])],
    people,
  );
  expect(order.map(({ id }) => id)).toEqual(['beans', 'nuts', 'cheese']);
  expect(order.map(({ washedBefore }) => washedBefore)).toEqual([false, false, false]);
  expect(contactsOf(order, 1)).toHaveLength(1);
});

test('the tools are washed wherever the next pot would carry something to somebody who could eat it', () => {
  const people = [person(allergy('tree-nut')), person(allergy('milk'))];
  const order = strictestFirst([pot('nuts', ['cashew']), pot('cheese', ['butter'])], people);
  expect(order.map(({ washedBefore }) => washedBefore)).toEqual([false, true]);
  expect(judgePots(order, people)[1]?.people[0]?.verdict).toBe('fits');
  // A question that is carried over counts too; frying fat cannot be washed.
  const asked = strictestFirst(
    [pot('melt', ['plant-butter-block']), pot('beans', ['white-bean-boiled', 'butter'])],
    [person(allergy('soya')), person(allergy('milk'))],
  );
  expect(asked.map(({ id, washedBefore }) => [id, washedBefore])).toEqual([
    ['melt', false],
    ['beans', true],
  ]);
  const fried = strictestFirst(
    [
      pot('nuts', ['cashew'], { tools: ['frying fat'] }),
      pot('cheese', ['butter'], { tools: ['frying fat'] }),
    ],
    people,
  );
  expect(fried.map(({ washedBefore }) => washedBefore)).toEqual([false, false]);
});

test('salt and burn of an evening are those of all its pots: each alone fits, together they do not', () => {
  const seasoned = (id: string) => ({
    ...pot(id, []),
    portion: portionOfLines([
      line('salt', { gramsPerPortion: 0.8 }),
      line('cayenne', { gramsPerPortion: 0.09 }),
      line('potato', { gramsPerPortion: 120 }),
    ]),
  });
  const watcher = person({ kind: 'salt-limit', gramsPerPortion: 1.2 }),
    mild = person({ kind: 'rule', rule: 'mild' });
  const pots = [seasoned('one'), seasoned('two')];
  expect(
    judgePots(pots, [watcher, mild]).flatMap(({ people }) => people.map(({ verdict: said }) => said)),
  ).toEqual(['fits', 'fits', 'fits', 'fits']);
  expect(judgeEvening(pots, [watcher, mild]).map(({ verdict: said }) => said)).toEqual(['does-not', 'ask']);
});

test('soya sauce and cayenne added to one version turn the salt-watcher and the mild eater, of that version only', () => {
  const watcher = person({ kind: 'salt-limit', gramsPerPortion: 1.2 }),
    mild = person({ kind: 'rule', rule: 'mild' });
  const base = {
    name: 'Base',
    ...portionOfLines([line('potato', { gramsPerPortion: 150 }), line('salt', { gramsPerPortion: 0.6 })]),
  };
  const added = portionOfLines([
    line('soy-sauce', { gramsPerPortion: 8 }),
    line('cayenne', { gramsPerPortion: 0.4 }),
  ]);
  const unweighed = portionOfLines([line('soy-sauce', { gramsPerPortion: undefined as unknown as number })]);
  const said = judgeVersions(
    base,
    [
      { name: 'plain', added: portionOfLines([]) },
      { name: 'hot', added },
      { name: 'unweighed', added: unweighed },
    ],
    [watcher, mild],
  );
  expect(said.map(({ people }) => people.map(({ verdict: one }) => one))).toEqual([
    ['fits', 'fits'],
    ['does-not', 'ask'],
    ['ask', 'fits'],
  ]);
});

test('a dislike, whole nuts and lactose are summed through what stands inside', () => {
  const inner = (id: string, grams: number) =>
    asOneLine(`f-${id}`, 'Inner', portionOfLines([line(id, { gramsPerPortion: grams, whole: true })]));
  const both = (id: string, grams: number) =>
    mealOf([portionOfLines([line(id, { gramsPerPortion: grams })]), inner(id, grams)], 'mixed');
  const dislike: Need = { kind: 'ingredient', ingredient: 'nutritional-yeast', strictness: 'dislike' };
  expect(verdict([dislike], inner('nutritional-yeast', 0.3))).toBe('fits');
  expect(verdict([dislike], both('nutritional-yeast', 0.3))).toBe('ask');
  expect(verdict([{ kind: 'rule', rule: 'small-child' }], inner('almond', 5))).toBe('does-not');
  const lactose: Need = { kind: 'compound', compound: 'lactose', gramsPerPortion: 1 };
  expect(verdict([lactose], inner('cow-milk', 12))).toBe('fits');
  expect(verdict([lactose], both('cow-milk', 12))).toBe('does-not');
});

test('what was only likened by its numbers, or of which nothing was said, is asked about under every need it may bear on', () => {
  const plain = ingredientById('oat-drink');
  if (!plain) throw new Error('no oat drink');
  const guessed = {
    ...plain,
    id: 'own-x',
    name: 'Own X',
    guessed: ['water'],
    contains: [],
    askFor: [],
    per100: { ...plain.per100, sugars: 8, fat: 3 },
  };
  const own = (more: object = {}, label?: string) =>
    portionOfLines([
      {
        id: 'a',
        ingredient: { ...guessed, ...more },
        named: 'x',
        gramsPerPortion: 60,
        whole: true,
        ...(label === undefined ? {} : labelled(label)),
      },
    ]);
  const rule = (name: Extract<Need, { kind: 'rule' }>['rule']): Need => ({ kind: 'rule', rule: name });
  const lactose: Need = { kind: 'compound', compound: 'lactose', gramsPerPortion: 0.5 };
  const garlic: Need = { kind: 'ingredient', ingredient: 'garlic', strictness: 'allergy' };
  for (const need of [
    rule('mild'),
    rule('small-child'),
    rule('no-added-oil'),
    rule('no-added-sugar'),
    rule('gluten-free'),
    lactose,
    garlic,
  ])
    expect([need, verdict([need], own())]).toEqual([need, 'ask']);
  const said = { contains: ['rice' as const], like: 'rice-drink', likened: true };
  for (const need of [
    rule('mild'),
    rule('small-child'),
    rule('no-added-oil'),
    rule('no-added-sugar'),
    lactose,
  ])
    expect([need, verdict([need], own(said))]).toEqual([need, 'fits']);
  // A label that says all answers what is in it.
  expect(verdict([rule('no-added-oil')], own({}, 'Ingredients: water, rice, salt.'))).toBe('fits');
  expect(verdict([rule('no-added-oil')], own({}, 'Ingredients: water, rice, rapeseed oil.'))).toBe(
    'does-not',
  );
  expect(verdict([garlic], own({}, 'Ingredients: water, rice, garlic.'))).toBe('ask');
  expect(verdict([garlic], own({}, 'Ingredients: water, rice, salt.'))).toBe('fits');
});

test('whether something stays in pieces is asked about where its preparation is not known', () => {
  const child: Need = { kind: 'rule', rule: 'small-child' };
  const almonds = (more: Partial<PortionLine>) =>
    verdict([child], portionOfLines([line('almond', { gramsPerPortion: 5, ...more })]));
  expect([almonds({}), almonds({ preparationUnknown: true }), almonds({ whole: true })]).toEqual([
    'fits',
    'ask',
    'does-not',
  ]);
  expect(
    verdict(
      [child],
      portionOfLines([line('almond-butter', { gramsPerPortion: 5, preparationUnknown: true })]),
    ),
  ).toBe('fits');
});

test('who is allergic to garlic is asked about garlic powder and about what is bought ready', () => {
  const garlic: Need = { kind: 'ingredient', ingredient: 'garlic', strictness: 'allergy' };
  for (const [id, said] of [
    ['garlic', 'does-not'],
    ['garlic-powder', 'ask'],
    ['vegetable-stock', 'ask'],
    ['chickpea-dip', 'ask'],
    ['potato', 'fits'],
  ] as const)
    expect([id, verdict([garlic], { lines: [line(id)] })]).toEqual([id, said]);
});

test('what a spoon carries is certain for an allergy and a question for an intolerance; a dislike and a salt limit do not mind', () => {
  const carried = (need: Need) =>
    verdict([need], {
      ...portionOfLines([line('potato')]),
      contacts: [{ by: 'spoon', from: 'nuts', lines: [line('cashew'), line('salt')] }],
    });
  const need = (strictness: Extract<Need, { kind: 'allergen' }>['strictness']): Need => ({
    kind: 'allergen',
    allergen: 'tree-nut',
    strictness,
    traces: false,
  });
  expect([carried(need('allergy')), carried(need('intolerance')), carried(need('dislike'))]).toEqual([
    'does-not',
    'ask',
    'fits',
  ]);
  expect(carried({ kind: 'ingredient', ingredient: 'cashew', strictness: 'allergy' })).toBe('does-not');
  expect(carried({ kind: 'salt-limit', gramsPerPortion: 0.5 })).toBe('fits');
});

test('of an own ingredient that was written down without a word on traces, what shares its lines is asked about', () => {
  const walnut = ingredientById('walnut');
  if (!walnut) throw new Error('no walnut');
  const own = (askFor: readonly AllergenId[]): PortionLine => ({
    id: 'a',
    ingredient: { ...walnut, id: 'own-x', guessed: ['water'], askFor },
    named: 'x',
  });
  expect(verdict([allergy('sesame', true)], { lines: [own([])] })).toBe('ask');
  expect(verdict([allergy('sesame', true)], { lines: [own(['peanut'])] })).toBe('fits');
  expect(verdict([allergy('sesame', false)], { lines: [own([])] })).toBe('fits');
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
  const yeast = (gramsPerPortion: number): Portion => ({
    lines: [line('nutritional-yeast', { gramsPerPortion })],
  });
  expect(verdict([dislike], yeast(0.2))).toBe('fits');
  expect(verdict([dislike], yeast(4))).toBe('ask');
  const fructans: Need = { kind: 'compound', compound: 'fructans', gramsPerPortion: 0.3 };
  const onion = (gramsPerPortion: number): Portion => ({ lines: [line('onion', { gramsPerPortion })] });
  expect([2, 9, 30].map((g) => verdict([fructans], onion(g)))).toEqual(['fits', 'ask', 'does-not']);
});

test('rules: oil, sugar, gluten, mild, small child', () => {
  const rule = (name: Extract<Need, { kind: 'rule' }>['rule'], served: Portion) =>
    verdict([{ kind: 'rule', rule: name }], served);
  const calm = { salt: { mid: 0.2, high: 0.25 }, pungency: { bite: 0, burn: 0 } };
  expect(rule('no-added-oil', { lines: [line('olive-oil')] })).toBe('does-not');
  expect(rule('no-added-sugar', { lines: [line('maple-syrup')] })).toBe('does-not');
  expect(rule('gluten-free', { lines: [line('barley-miso')] })).toBe('does-not');
  expect(rule('mild', { lines: [line('potato')], pungency: { bite: 0.25, burn: 15 } })).toBe('ask');
  expect(rule('small-child', { ...calm, lines: [line('almond', { whole: true })] })).toBe('does-not');
  expect(rule('small-child', { ...calm, lines: [line('almond', { whole: false })] })).toBe('fits');
  expect(rule('small-child', { lines: [line('potato')], salt: { mid: 1.4, high: 1.6 } })).toBe('ask');
});

test('related foods are a question for a clinician, never a verdict', () => {
  const questions = (allergen: AllergenId) => cliniciansQuestions(person(allergy(allergen))).join('; ');
  expect(questions('cashew')).toContain('pistachio');
  expect(questions('walnut')).toContain('pecan');
  expect(questions('peanut')).toMatch(/lupin.*chickpea|chickpea.*lupin/s);
  expect(cliniciansQuestions(person({ kind: 'salt-limit', gramsPerPortion: 1 }))).toEqual([]);
  expect(verdict([allergy('cashew')], { lines: [line('pistachio-butter')] })).not.toBe('does-not');
});
