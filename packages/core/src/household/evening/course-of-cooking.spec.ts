import type { AllergenId } from '../../allergen/allergen.js';
import { ingredientById } from '../../larder/catalog/larder-table.js';
import type { Eater } from '../eater.js';
import { portionOfLines } from '../portion/portion-of-lines.js';
import { contactsOf, judgeEvening, judgePots, type Pot, strictestFirst } from './course-of-cooking.js';

const pot = (id: string, ids: readonly string[], more: Partial<Pot> = {}): Pot => ({
  id,
  name: id,
  portion: portionOfLines(
    ids.map((one) => ({
      id: `l-${one}`,
      ingredient: ingredientById(one),
      named: one,
      gramsPerPortion: 40,
    })),
  ),
  tools: ['spoon'],
  washedBefore: false,
  ...more,
});
const allergic = (...allergens: readonly AllergenId[]): Eater => ({
  id: allergens.join(),
  name: allergens.join(),
  eatsTonight: true,
  needs: allergens.map((allergen) => ({ kind: 'allergen', allergen, strictness: 'allergy', traces: false })),
});

test('only what goes through the same tool is met, and where no pot is there is nothing to meet', () => {
  const pots = [
    pot('nuts', ['cashew'], { tools: ['jar'] }),
    pot('beans', ['white-bean-boiled'], { tools: ['spoon'] }),
    pot('cream', ['oat-drink'], { tools: ['jar', 'spoon'] }),
  ];
  expect(contactsOf(pots, 1)).toEqual([]);
  expect(contactsOf(pots, 2).map(({ by, from }) => [by, from])).toEqual([
    ['jar', 'nuts'],
    ['spoon', 'beans'],
  ]);
  expect(contactsOf(pots, 0)).toEqual([]);
  expect(contactsOf(pots, 3)).toEqual([]);
  expect(judgePots(pots, [allergic('tree-nut')])[2]).toMatchObject({
    contacts: [{ by: 'jar' }, { by: 'spoon' }],
    people: [{ verdict: 'does-not' }],
  });
});

test('washing ends what one tool carries, not what another does', () => {
  const pots = [
    pot('nuts', ['cashew'], { tools: ['jar', 'frying fat'] }),
    pot('cream', ['oat-drink'], { tools: ['jar', 'frying fat'], washedBefore: true }),
    pot('beans', ['white-bean-boiled'], { tools: ['jar', 'frying fat'] }),
  ];
  expect(contactsOf(pots, 1).map(({ by, from }) => [by, from])).toEqual([['frying fat', 'nuts']]);
  expect(contactsOf(pots, 2).map(({ by, from }) => [by, from])).toEqual([
    ['jar', 'cream'],
    ['frying fat', 'cream'],
    ['frying fat', 'nuts'],
  ]);
});

test('of pots with as many certain conflicts the one with fewer questions is first; of equal ones the order stays', () => {
  const people = [allergic('milk')];
  const order = (...pots: readonly Pot[]) => strictestFirst(pots, people).map(({ id }) => id);
  // A bought block may hold milk: that is a question, no conflict.
  expect(order(pot('block', ['plant-butter-block']), pot('beans', ['white-bean-boiled']))).toEqual([
    'beans',
    'block',
  ]);
  expect(order(pot('b', ['white-bean-boiled']), pot('a', ['oat-drink']), pot('c', ['leek']))).toEqual([
    'b',
    'a',
    'c',
  ]);
  expect(
    order(pot('butter', ['butter']), pot('block', ['plant-butter-block']), pot('beans', ['leek'])),
  ).toEqual(['beans', 'block', 'butter']);
});

test('the spoon is washed though the fat beside it cannot be: one way fewer', () => {
  const people = [allergic('tree-nut'), allergic('milk')];
  const shared = { tools: ['frying fat', 'spoon'] as const };
  const washed = (first: Partial<Pot>) =>
    strictestFirst([pot('nuts', ['cashew'], first), pot('cheese', ['butter'], shared)], people).map(
      ({ id, washedBefore }) => [id, washedBefore],
    );
  expect(washed(shared)).toEqual([
    ['nuts', false],
    ['cheese', true],
  ]);
  expect(washed({ tools: ['spoon'] })).toEqual([
    ['nuts', false],
    ['cheese', true],
  ]);
  // Where only the fat is shared, washing would change nothing.
  expect(washed({ tools: ['frying fat'] })).toEqual([
    ['nuts', false],
    ['cheese', false],
  ]);
});

test('each is judged by what they get of a pot, and by what touches it', () => {
  const whole = pot('bake', ['rice-dry', 'cashew']),
    plain = pot('bake', ['rice-dry']).portion;
  const nuts = { by: 'vessel', from: 'Cashew', lines: pot('nuts', ['cashew']).portion.lines };
  const shared: Pot = {
    ...whole,
    portionOf: (eater) =>
      eater === 'wheat' ? plain : eater === 'tree-nut' ? { ...plain, contacts: [nuts] } : whole.portion,
  };
  const eaters = [allergic('wheat'), allergic('tree-nut'), { ...allergic('tree-nut'), id: 'eats it' }];
  for (const verdicts of [judgePots([shared], eaters)[0]!.people, judgeEvening([shared], eaters)]) {
    expect(verdicts.map(({ verdict }) => verdict)).toEqual(['fits', 'does-not', 'does-not']);
    expect(verdicts[1]!.findings[0]!.reason).toContain('by the vessel used for Cashew');
    expect(verdicts[2]!.findings[0]!.reason).not.toContain('vessel');
  }
});
