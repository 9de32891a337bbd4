import { sauceNamed } from '../../formula/formula.fixture.js';
import { eaterWith, seedSauce } from '../balance/balance.fixture.js';
import { assess } from '../../property/assess.js';
import { finish } from '../../numeric/finish.js';
import type { Eater } from '../../household/eater.js';
import { portionOfRecipe } from '../../household/portion/portion-of-recipe.js';
import { whoCanEat } from '../../household/who-can-eat.js';
import { larderTable } from '../../larder/catalog/larder-table.js';
import { gramsIn, substitutesOf, optionsOf, swapRequestOf } from './swap.fixture.js';
import { bestFirst } from './handful.js';
import { openToAll } from './school.js';
import { linesToReplace } from './lines-to-replace.js';
import { arrivingOf } from '../../predict/assemble/weighed.js';
import { type PotLine, sumOf } from './replace-line.js';
import { swap } from './swap.js';

const allergic = (
  name: string,
  allergen: 'tree-nut' | 'gluten' | 'soya' | 'sesame' | 'milk',
  traces = false,
): Eater => eaterWith(name, { kind: 'allergen', allergen, strictness: 'allergy', traces });
const teo = eaterWith(
  'Teo',
  { kind: 'allergen', allergen: 'tree-nut', strictness: 'allergy', traces: false },
  { kind: 'allergen', allergen: 'sesame', strictness: 'allergy', traces: false },
);
const marte = allergic('Marte', 'gluten'),
  joram = allergic('Joram', 'soya'),
  sunniva = eaterWith('Sunniva', { kind: 'salt-limit', gramsPerPortion: 1.2 });
const house = [allergic('Ilva', 'milk', true), teo, marte, joram, sunniva];

const cashewMelt = [
  ['cashew', 90],
  ['potato', 120],
  ['oat-drink', 320],
  ['tapioca-starch', 36],
  ['rapeseed-oil', 20],
  ['lemon-juice', 16],
  ['barley-miso', 20],
  ['shiitake-dried', 5],
  ['salt', 3],
  ['garlic-powder', 1.5],
] as const;
const miso = seedSauce.map(([id, g]) =>
  id === 'salt' ? (['barley-miso', 40] as const) : ([id, g] as const),
);

const asks = [
  ['one nut for a nut allergy', swapRequestOf(cashewMelt, 'stretchy-melt', 'cashew', { eaters: [teo] })],
  [
    'the milk for somebody without gluten',
    swapRequestOf(cashewMelt, 'stretchy-melt', { kind: 'person', eater: 'Marte' }, { eaters: house }),
  ],
  [
    'the whole melt for all five',
    swapRequestOf(cashewMelt, 'stretchy-melt', { kind: 'everybody' }, { eaters: house }),
  ],
  ['the miso for all five', swapRequestOf(miso, 'pouring-sauce', { kind: 'everybody' }, { eaters: house })],
] as const;

test.each(asks)(
  '%s: nobody is offered what they cannot have, the mass stays, and the options differ',
  (_name, request) => {
    const options = optionsOf(request);
    expect(options.length).toBeGreaterThan(0);
    expect(options.length).toBeLessThanOrEqual(5);
    const arriving = (lines: readonly PotLine[]) => sumOf(lines, arrivingOf);
    const before = arriving(request.recipe.lines);
    for (const option of options) {
      const { after } = option;
      const lines = after.recipe.lines.filter(({ mass }) => mass > 0);
      const served = portionOfRecipe(
        { recipe: { ...after.recipe, lines }, prediction: after.prediction },
        request.portions,
      );
      const there = new Set(request.recipe.lines.map(({ ingredient }) => ingredient.id));
      for (const eater of request.eaters ?? []) {
        const cannot = whoCanEat(eater, served).findings.filter(({ verdict }) => verdict === 'does-not');
        // A swap for one person leaves what another cannot have; nothing new is ever in anybody’s way.
        if (request.ask.kind === 'everybody' || eater.name === 'Marte') expect(cannot).toEqual([]);
        for (const { ingredient = '' } of cannot) expect(there.has(ingredient)).toBe(true);
      }
      expect(Math.abs(arriving(after.recipe.lines) / before - 1)).toBeLessThan(0.05);
    }
    expect(new Set(options.map((option) => substitutesOf(option).join(' '))).size).toBe(options.length);
    expect(bestFirst(options).map(({ rank }) => rank)).toEqual(options.map(({ rank }) => rank));
  },
);

test('the same seed gives the same options', () => {
  const request = swapRequestOf(cashewMelt, 'stretchy-melt', 'oat-drink', { eaters: [marte] });
  const said = () => optionsOf(request).map((option) => [substitutesOf(option), option.amounts]);
  expect(said()).toEqual(said());
});

test('the best option meets the brief when the larder can', () => {
  const [best] = optionsOf(
    swapRequestOf(cashewMelt, 'stretchy-melt', { kind: 'everybody' }, { eaters: house, portions: 6 }),
  );
  expect(best?.outside).toEqual([]);
});

test('a school that is shut is kept to, what is in the pot included', () => {
  const schools = { ...openToAll, nutritionalYeast: 'without', addedOil: 'without' } as const;
  const request = swapRequestOf(seedSauce, 'pouring-sauce', { kind: 'everybody' }, { schools });
  expect(linesToReplace(request).map((line) => seedSauce[line]?.[0])).toEqual([
    'rapeseed-oil',
    'nutritional-yeast',
  ]);
  const options = optionsOf(request);
  expect(options.length).toBeGreaterThan(0);
  for (const option of options) {
    expect(gramsIn(option, 'nutritional-yeast')).toBe(0);
    for (const { ingredient, mass } of option.after.recipe.lines)
      if (mass > 0) expect(ingredient.role).not.toBe('fat');
  }
});

test('a soft melt leaves the stretching starches out and is not asked to pull', () => {
  const options = optionsOf(
    swapRequestOf(
      cashewMelt,
      'stretchy-melt',
      { kind: 'everybody' },
      { schools: { ...openToAll, melt: 'soft-melt' } },
    ),
  );
  for (const option of options) {
    expect(gramsIn(option, 'tapioca-starch') + gramsIn(option, 'potato-starch')).toBe(0);
    expect(option.shifts).toContainEqual(expect.objectContaining({ rail: 'stretch', as: 'lost' }));
  }
  expect(options.length).toBeGreaterThan(0);
});

test('soaked or boiled, as the school has it', () => {
  const madeAs = (how: 'soaked' | 'boiled') =>
    optionsOf(
      swapRequestOf(cashewMelt, 'stretchy-melt', 'cashew', { schools: { ...openToAll, made: how } }),
    ).flatMap(({ lines }) =>
      lines.filter(
        ({ ingredient: { id } }) => id === 'sunflower-seed' || id === 'pumpkin-seed' || id === 'hemp-seed',
      ),
    );
  const made = { soaked: madeAs('soaked'), boiled: madeAs('boiled') };
  for (const how of ['soaked', 'boiled'] as const)
    for (const { preparation } of made[how]) expect(['as-is', how]).toContain(preparation);
  expect(made.soaked.some(({ preparation }) => preparation === 'soaked')).toBe(true);
});

test('what is lost is told with its figures', () => {
  const request = swapRequestOf(cashewMelt, 'stretchy-melt', 'tapioca-starch', {
    schools: { ...openToAll, melt: 'soft-melt' },
  });
  const before = assess(request.recipe, request.portions).prediction.stretch.mid;
  const [best] = optionsOf(request);
  const pull = best?.shifts.find(({ rail }) => rail === 'stretch');
  expect(pull?.from).toBeCloseTo(before, 6);
  expect(pull?.to).toBeCloseTo(best?.after.prediction.stretch.mid ?? NaN, 6);
  expect(pull?.to).toBeLessThan(before / 2);
});

test('nothing in anybody’s way, and nothing that is allowed, are said as such', () => {
  expect(finish(swap(swapRequestOf(seedSauce, 'pouring-sauce', { kind: 'everybody' }))).kind).toBe(
    'nothing-to-swap',
  );
  const bare = swapRequestOf(cashewMelt, 'stretchy-melt', 'cashew', {
    larder: larderTable.filter(({ role }) => role !== 'body'),
  });
  expect(finish(swap(bare))).toEqual({ kind: 'none-allowed', line: 0 });
});

test('what is in the house goes before what is not', () => {
  const base = swapRequestOf(cashewMelt, 'stretchy-melt', 'cashew', { eaters: [teo] });
  const plain = optionsOf(base);
  const ids = plain.map((option) => substitutesOf(option)[0] ?? '');
  const last = ids.at(-1) ?? '';
  const [first] = optionsOf({ ...base, inHouse: new Set([...cashewMelt.map(([id]) => id), last]) });
  const missing = (option: typeof first) => option?.notInHouse.length ?? 0;
  expect(substitutesOf(first ?? plain[0]!)[0] === last || missing(first) === 1).toBe(true);
  expect(plain[0]?.notInHouse).toEqual([]);
});

test('a search that is stopped still gives what it has', () => {
  let asked = 0;
  const outcome = finish(
    swap(swapRequestOf(cashewMelt, 'stretchy-melt', 'cashew', { eaters: [teo] }), {
      stop: () => ++asked > 4,
    }),
  );
  expect(outcome).toMatchObject({ kind: 'options', stopped: true });
});

test('a sauce of the house is among the ways to do without bought shreds, and everybody can eat what is in it', () => {
  const dish = [
    ['plant-shreds', 120],
    ['tomato-canned', 200],
    ['vegetable-stock-unsalted', 500],
    ['salt', 4],
    ['corn-starch', 20],
    ['olive-oil', 20],
  ] as const;
  const sauces = [{ ingredient: sauceNamed('House melt', seedSauce) }];
  const request = swapRequestOf(dish, 'baked-topping', 'plant-shreds', { sauces, eaters: [teo] });
  const sauce = optionsOf(request).find(({ lines }) => lines.some((line) => line.sauce === 'House melt'));
  expect(sauce).toBeDefined();
  expect(gramsIn(sauce!, 'vegetable-stock-unsalted')).toBeLessThan(480);
  const nobody = eaterWith('Nils', {
    kind: 'ingredient',
    ingredient: 'sunflower-seed',
    strictness: 'allergy',
  });
  for (const { lines } of optionsOf({ ...request, eaters: [nobody] }))
    expect(lines.every((line) => line.sauce === undefined)).toBe(true);
});
