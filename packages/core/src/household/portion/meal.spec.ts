import { ingredientById } from '../../larder/catalog/larder-table.js';
import { asOneLine, mealOf, timesAsMuch } from './meal.js';
import { portionOfLines } from './portion-of-lines.js';
import type { Contact, Portion, PortionLine } from './portion.js';

const line = (id: string, grams?: number): PortionLine => ({
  id,
  ingredient: ingredientById(id),
  named: id,
  ...(grams === undefined ? {} : { gramsPerPortion: grams }),
});
const portion = (bite: number, massG: number, more: Partial<Portion> = {}): Portion => ({
  lines: [line('carrot', massG)],
  massG,
  salt: { mid: 0.5, high: 0.8 },
  pungency: { bite, burn: bite * massG },
  ...more,
});
const biteOf = (...args: Parameters<typeof mealOf>) => mealOf(...args).pungency!.bite;

test('grams, salt and burn of the parts add up, and what is not known of one is not known of all', () => {
  const meal = mealOf([portion(2, 100), portion(0, 50)], 'mixed');
  expect(meal).toMatchObject({ massG: 150, salt: { mid: 1, high: 1.6 }, pungency: { burn: 200 } });
  expect(meal.lines.map(({ gramsPerPortion }) => gramsPerPortion)).toEqual([100, 50]);
  expect([meal.salt!.partly, meal.pungency!.partly]).toEqual([undefined, undefined]);
  const { salt: _, pungency: __, massG: ___, ...bare } = portion(0, 10);
  expect(mealOf([portion(0, 1), bare], 'mixed')).toMatchObject({
    massG: 1,
    salt: { mid: 0.5, partly: true },
    pungency: { partly: true },
  });
});

test('in one pot what bites is thinned; what goes into a base is no milder than the base; side by side each is tasted for itself', () => {
  const hot = portion(6, 50),
    mild = portion(0, 150);
  expect(biteOf([hot, mild], 'mixed')).toBe(1.5);
  expect(biteOf([hot, mild], 'added')).toBe(6);
  expect(biteOf([mild, hot], 'added')).toBe(1.5);
  expect(biteOf([mild, hot], 'beside')).toBe(6);
  expect(biteOf([], 'beside')).toBe(0);
  // What has no weight thins nothing, and nothing bites nothing.
  const weightless = { ...portion(0, 0), pungency: { bite: 4, burn: 1 } };
  expect(biteOf([weightless, { ...weightless, pungency: { bite: 3, burn: 1 } }], 'mixed')).toBe(4);
  expect(biteOf([portion(4, 0)], 'mixed')).toBe(0);
});

test('what touched a part touches the meal; nothing is touched where nothing was', () => {
  const contact: Contact = { by: 'jar', from: 'Dip', lines: [] };
  expect(mealOf([portion(0, 1), portion(0, 1, { contacts: [contact] })], 'mixed').contacts).toEqual([
    contact,
  ]);
  expect(mealOf([portion(0, 1)], 'mixed')).not.toHaveProperty('contacts');
});

test('so many times as much of it is of everything in it, however deep inside, but for how sharp a mouthful is', () => {
  const sauce: Portion = {
    ...portion(2, 100),
    lines: [{ ...line('carrot', 80), inside: [line('garlic', 4), line('water')] }],
  };
  const twice = timesAsMuch(sauce, 2);
  expect(twice).toMatchObject({
    massG: 200,
    salt: { mid: 1, high: 1.6 },
    pungency: { bite: 2, burn: 400 },
    lines: [{ gramsPerPortion: 160, inside: [{ gramsPerPortion: 8 }, {}] }],
  });
  expect(twice.lines[0]!.inside![1]).not.toHaveProperty('gramsPerPortion');
  expect(twice.salt).not.toHaveProperty('partly');
  expect(timesAsMuch(sauce, 0).pungency).toEqual({ bite: 0, burn: 0 });
});

test('of nobody knows how much only what is not in it stays known', () => {
  const some = timesAsMuch(portion(2, 100), undefined);
  expect(some).toMatchObject({
    massG: 0,
    salt: { mid: 0, partly: true },
    pungency: { bite: 0, burn: 0, partly: true },
  });
  expect(some.lines[0]).not.toHaveProperty('gramsPerPortion');
  const none = timesAsMuch({ ...portion(0, 100), salt: { mid: 0, high: 0 } }, undefined);
  expect([none.salt!.partly, none.pungency!.partly]).toEqual([undefined, undefined]);
  expect(timesAsMuch({ ...portion(0, 1), salt: { mid: 0, high: 0, partly: true } }, 2).salt!.partly).toBe(
    true,
  );
  expect(timesAsMuch({ lines: [] }, 2)).toMatchObject({ massG: 0, salt: { partly: true } });
});

test('a portion can stand as one line of another', () => {
  expect(asOneLine('formula:1', 'White', portion(0, 20))).toMatchObject({
    massG: 20,
    lines: [{ id: 'formula:1', named: 'White', inside: [{ id: 'carrot' }] }],
  });
});

test('lines that nothing was predicted of: salt and bite by the table, unknown without a weight or an ingredient', () => {
  const salt = portionOfLines([line('salt', 2)]);
  expect(salt.salt!.mid).toBeCloseTo(2, 1);
  expect(salt.salt!.high).toBeGreaterThan(salt.salt!.mid);
  expect([salt.salt!.partly, salt.pungency!.partly]).toEqual([undefined, undefined]);
  expect(portionOfLines([line('salt')]).salt).toMatchObject({ mid: 0, partly: true });
  expect(portionOfLines([line('water')]).salt).not.toHaveProperty('partly');
  const sharp = portionOfLines([line('cayenne', 1)]).pungency!;
  expect(sharp.bite).toBeGreaterThan(0);
  expect(sharp.burn).toBeCloseTo(sharp.bite, 9);
  expect(sharp.partly).toBeUndefined();
  expect(portionOfLines([line('cayenne')]).pungency).toEqual({ bite: 0, burn: 0, partly: true });
  expect(portionOfLines([line('cayenne', 0)]).pungency!.bite).toBe(0);
  const gone: PortionLine = { id: 'x', ingredient: undefined, named: 'Gone', gramsPerPortion: 5 };
  expect(portionOfLines([gone])).toMatchObject({
    massG: 5,
    salt: { partly: true },
    pungency: { partly: true },
  });
  const likened = { ...ingredientById('carrot')!, guessed: ['salt'], likened: false };
  expect(portionOfLines([{ ...line('carrot', 5), ingredient: likened }]).pungency!.partly).toBe(true);
});
