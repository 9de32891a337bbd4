import { formulaWith } from '../formula/formula.fixture.js';
import { ingredientById } from '../larder/catalog/larder-table.js';
import { versionNamed } from '../household/evening/divide-base.js';
import { partOnlyFor } from './dish-edits.js';
import { portionOfDish } from './dish-portion.js';
import { readDish } from './read-dish.js';
import { shareOfPart } from './sharing.js';
import { portionsOfDish, type WrittenDish } from './written-dish.js';

const white = {
  ...formulaWith([
    ['oat-drink', 500],
    ['wheat-flour', 35],
    ['salt', 5],
  ]),
  name: 'White',
};
const known = {
  larder: (id: string) => ingredientById(id),
  formulaOf: (id: string) =>
    id === 'white' ? white : id === 'empty' ? { ...white, name: 'Empty', lines: [] } : undefined,
};
const bake: WrittenDish = {
  name: 'Bake',
  note: '',
  portions: 4,
  eaters: [],
  vessel: { shape: 'rectangular', lengthCm: 30, widthCm: 24, depthCm: 6 },
  parts: [
    { id: 'sauce', formula: 'white', ready: [] },
    { id: 'sheets', ingredient: 'pasta-sheet-dry', grams: 200, ready: [] },
  ],
  layers: [
    { id: '1', component: 'sauce' },
    { id: '2', component: 'sheets' },
    { id: '3', component: 'sauce' },
  ],
  oven: [{ temperatureC: 190, minutes: 35, cover: 'foil', fan: false }],
  restMin: 10,
  fromC: 20,
};
const fields = (dish: WrittenDish) => readDish(dish, known).problems.map(({ field }) => field);

test('a whole dish is worked out: layers, portions by what really is in it', () => {
  const { report, portion, problems, parts } = readDish(bake, known);
  expect(problems).toEqual([]);
  expect(report!.layers.map(({ component }) => component)).toEqual(['sauce', 'sheets', 'sauce']);
  // 5 g of salt in the sauce and nearly all of it is laid; four eat of it.
  expect(portion!.saltG * 4).toBeGreaterThan(4.8);
  expect(portion!.saltG * 4).toBeLessThan(5.8);
  // 200 g of dry sheets have some 700 kcal, the sauce some 350.
  expect(portion!.energyKcal * 4).toBeGreaterThan(900);
  expect(portion!.energyKcal * 4).toBeLessThan(1250);
  expect(portion!.grams * 4).toBeCloseTo(report!.massG - report!.moisture.budget.evaporatedG, 6);
  expect(parts.map(({ component }) => component.id)).toEqual(['sauce', 'sheets']);
});

test('a version of a base is a part with what is added to it; one that is gone is told, and hides nothing else', () => {
  const versions = {
    inBase: [],
    versions: [
      { name: 'Mild', added: [] },
      { name: 'Salty', added: [{ ingredient: 'salt', grams: 2 }] },
    ],
  };
  const house = {
    ...known,
    versionOf: (id: string, name: string) =>
      id === 'white' ? versionNamed(white, known.larder, versions, name) : undefined,
  };
  const of = (version: string) =>
    readDish({ ...bake, parts: [{ ...bake.parts[0]!, version }, bake.parts[1]!] }, house);
  // 2 g in each of the four portions of the sauce.
  // Less what stays on the spoon.
  const more = of('Salty').portion!.saltG - of('Mild').portion!.saltG;
  expect(more).toBeGreaterThan(1.9);
  expect(more).toBeLessThan(2);
  expect(of('Mild').portion!.saltG).toBeCloseTo(readDish(bake, house).portion!.saltG, 9);
  expect(of('Salty').parts[0]!.component.name).toBe('White, Salty');
  const gone = of('Hot');
  expect(gone.problems).toMatchObject([{ field: 'parts', part: 'sauce', stops: false }]);
  expect(gone.problems[0]!.message).toContain('“Hot”');
  expect(gone.report!.layers.map(({ component }) => component)).toEqual(['sheets']);
});

test('twice the appetites are half the portion', () => {
  const eaters = [
    { eater: 'a', appetite: 1.5 },
    { eater: 'b', appetite: 0.5 },
  ];
  expect(portionsOfDish({ portions: 9, eaters })).toBe(2);
  const four = readDish(bake, known).portion!,
    two = readDish({ ...bake, eaters }, known).portion!;
  expect(two.energyKcal).toBeCloseTo(2 * four.energyKcal, 6);
});

const withChicken: WrittenDish = {
  ...bake,
  eaters: [
    { eater: 'ann', appetite: 1.5 },
    { eater: 'bo', appetite: 1 },
    { eater: 'cy', appetite: 0.5 },
  ],
  parts: [
    ...bake.parts,
    { id: 'chicken', ingredient: 'chicken-cooked', grams: 300, ready: [], onlyFor: ['ann', 'cy'] },
  ],
  layers: [...bake.layers, { id: '4', component: 'chicken' }],
};

test('what only some eat of is in their portions alone, by appetite, and all portions are the dish', () => {
  const { report, parts, sharing, portion, problems } = readDish(withChicken, known);
  const of = (eater?: string) => portionOfDish(report!, parts, sharing, eater);
  expect(problems).toEqual([]);
  expect(of('bo')).toEqual(portion);
  expect(of('ann').proteinG).toBeGreaterThan(portion!.proteinG + 40);
  expect(of('ann')).toEqual(of('cy'));
  // 300 g of chicken are shared by one and a half and half a portion.
  expect(shareOfPart(sharing, 'chicken', 'ann') * 300).toBe(150);
  expect([shareOfPart(sharing, 'chicken', 'bo'), shareOfPart(sharing, 'chicken')]).toEqual([0, 0]);
  const eaten = 1.5 * of('ann').grams + of('bo').grams + 0.5 * of('cy').grams;
  expect(eaten).toBeCloseTo(report!.massG - report!.moisture.budget.evaporatedG, 6);
  const fat = 1.5 * of('ann').fatG + of('bo').fatG + 0.5 * of('cy').fatG;
  const { sharing: all } = readDish(partOnlyFor(withChicken, 'chicken', []), known);
  expect(fat).toBeCloseTo(3 * portionOfDish(report!, parts, all).fatG, 6);
});

test('what is only for people who do not eat of it is told; where nobody is named, each of them is a portion', () => {
  const strange = readDish(partOnlyFor(withChicken, 'chicken', ['dee']), known);
  expect(strange.problems).toMatchObject([{ field: 'parts', part: 'chicken', stops: false }]);
  const open = readDish({ ...withChicken, eaters: [] }, known);
  expect(open.problems).toEqual([]);
  expect(shareOfPart(open.sharing, 'chicken', 'ann')).toBe(0.5);
});

test('what is missing is told on its field and hides nothing else', () => {
  const { vessel: _, ...without } = bake;
  expect(fields(without)).toEqual(['vessel']);
  expect(fields({ ...bake, portions: 0 })).toEqual(['portions']);
  expect(fields({ ...bake, layers: [] })).toEqual(['layers']);
  const gone = readDish(
    {
      ...bake,
      parts: [
        ...bake.parts,
        { id: 'gone', formula: 'put away', ready: [] },
        { id: 'none', formula: 'empty', ready: [] },
        { id: 'strange', ingredient: 'nothing-like-it', grams: 3, ready: [] },
        { id: 'open', ingredient: 'mushroom', ready: [] },
      ],
      layers: [...bake.layers, { id: '4', component: 'open' }],
    },
    known,
  );
  expect(gone.problems.map(({ part, stops }) => [part, stops])).toEqual([
    ['gone', false],
    ['none', false],
    ['strange', false],
    ['open', false],
  ]);
  expect(gone.problems.at(-1)!.message).toMatch(/Say how much/);
  expect(gone.report!.layers).toHaveLength(3);
});

test('boiled pasta has its energy, protein and cost once, as much as was bought dry', () => {
  const bought = ingredientById('pasta-wheat-dry')!;
  const dish: WrittenDish = {
    name: 'Pasta and sauce',
    note: '',
    portions: 1,
    eaters: [],
    vessel: { shape: 'rectangular', lengthCm: 30, widthCm: 20, depthCm: 8 },
    parts: [{ id: 'pasta', ingredient: bought.id, grams: 200, ready: [{ kind: 'boil-soft', minutes: 9 }] }],
    layers: [{ id: 'l', component: 'pasta' }],
    oven: [],
    restMin: 0,
    fromC: 20,
  };
  const { portion } = readDish(dish, { larder: ingredientById, formulaOf: () => undefined });
  expect(portion!.grams).toBeGreaterThan(380);
  // 200 g of dry pasta: some 350 kcal and 12 to 13 g of protein in 100 g; a little goes with the water.
  expect(portion!.energyKcal).toBeGreaterThan(600);
  expect(portion!.energyKcal).toBeLessThan(740);
  expect(portion!.proteinG).toBeGreaterThan(20);
  expect(portion!.proteinG).toBeLessThan(28);
});
