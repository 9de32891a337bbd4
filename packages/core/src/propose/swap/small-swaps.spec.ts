import { ingredientById } from '../../larder/catalog/larder-table.js';
import { finish } from '../../numeric/finish.js';
import type { Ingredient } from '../../ingredient/ingredient.js';
import { eaterWith } from '../balance/balance.fixture.js';
import { linesToReplace, schoolsOf } from './lines-to-replace.js';
import { replaceLine, type PotLine } from './replace-line.js';
import { openToAll, preparationsOf, schoolAllows } from './school.js';
import { swap, type SwapOutcome } from './swap.js';
import { searchFor } from './swap-search.js';
import { swapRequestOf } from './swap.fixture.js';
import type { SwapAsk, SwapRequest } from './swap-request.js';

const get = (id: string): Ingredient => ingredientById(id)!;
/** A cream of few lines, and a larder of few things: every way through a swap is taken in a moment. */
const cream = [
  ['cashew', 100],
  ['water', 300],
  ['rapeseed-oil', 20],
  ['salt', 4],
] as const;
const larder = (...ids: readonly string[]) => ids.map(get);
const asking = (ask: SwapAsk | string, more: Partial<SwapRequest> = {}): SwapRequest =>
  swapRequestOf(cream, 'cream-sauce', ask, {
    inHouse: new Set<string>(),
    brief: { fat: { low: 8, high: 14 } },
    larder: larder('sunflower-seed', 'hazelnut', 'olive-oil', 'almond', 'white-bean-boiled', 'coconut-oil'),
    ...more,
  });
const quick = { starts: 1, iterations: 6, passes: 1 };
const swapped = (request: SwapRequest, more = {}): SwapOutcome =>
  finish(swap(request, { ...quick, ...more }));
const waysOf = (outcome: SwapOutcome): readonly string[] =>
  outcome.kind === 'options'
    ? outcome.options
        .flatMap((option) => [option, ...option.alike])
        .map(({ lines }) =>
          lines
            .flatMap(({ origin, ingredient }) => (origin === undefined ? [ingredient.id] : []))
            .join(' + '),
        )
    : [];
const allergic = (name: string, allergen: 'tree-nut' | 'almond' | 'cashew') =>
  eaterWith(name, { kind: 'allergen', allergen, strictness: 'allergy', traces: false });

test('a nut is replaced by what does its work; by another nut only where nobody minds', () => {
  const ways = waysOf(swapped(asking('cashew')));
  expect(ways).toContain('sunflower-seed');
  expect(ways.some((way) => way.includes('hazelnut') || way.includes('almond'))).toBe(true);
  const forTeo = waysOf(swapped(asking('cashew', { eaters: [allergic('Teo', 'tree-nut')] })));
  expect(forTeo.length).toBeGreaterThan(0);
  expect(forTeo.some((way) => way.includes('hazelnut') || way.includes('almond'))).toBe(false);
});

test('another nut for somebody allergic to one comes only where there is nothing else', () => {
  const nuts = { larder: larder('hazelnut', 'olive-oil'), eaters: [allergic('Ilva', 'cashew')] };
  const outcome = swapped(asking('cashew', nuts));
  if (outcome.kind !== 'options') throw new Error(outcome.kind);
  expect(waysOf(outcome)).toEqual(['hazelnut']);
  expect(outcome.options[0]!.regard).toBe('same-group');
  expect(
    waysOf(swapped(asking('cashew', { ...nuts, larder: larder('hazelnut', 'sunflower-seed') }))),
  ).toEqual(['sunflower-seed']);
  expect(swapped(asking('cashew', { ...nuts, larder: larder('olive-oil', 'coconut-oil') }))).toEqual({
    kind: 'none-allowed',
    line: 0,
  });
});

test('nothing in anybody’s way is nothing to swap; what is done without is found by itself', () => {
  expect(swapped(asking({ kind: 'everybody' })).kind).toBe('nothing-to-swap');
  expect(linesToReplace(asking({ kind: 'without', what: 'oil' }))).toEqual([2]);
  expect(linesToReplace(asking({ kind: 'without', what: 'nuts' }))).toEqual([0]);
  expect(
    linesToReplace(asking({ kind: 'in-house' }, { inHouse: new Set(['cashew', 'salt', 'water']) })),
  ).toEqual([2]);
  expect(
    linesToReplace(
      asking({ kind: 'person', eater: 'Teo' }, { eaters: [allergic('Teo', 'tree-nut'), eaterWith('Ove')] }),
    ),
  ).toEqual([0]);
  expect(
    linesToReplace(
      asking({ kind: 'person', eater: 'Ove' }, { eaters: [allergic('Teo', 'tree-nut'), eaterWith('Ove')] }),
    ),
  ).toEqual([]);
  const noYeast = { ...openToAll, nutritionalYeast: 'without' } as const;
  expect(schoolsOf(asking({ kind: 'without', what: 'oil' }, { schools: noYeast }))).toEqual({
    ...noYeast,
    addedOil: 'without',
  });
  expect(schoolsOf(asking({ kind: 'without', what: 'nuts' }, { schools: noYeast }))).toEqual(noYeast);
  expect(schoolsOf(asking('cashew', { schools: noYeast }))).toEqual(noYeast);
});

test('what stays short gets one thing more beside the substitute, where the house has it; what was replaced does not come back', () => {
  const beans = { larder: larder('white-bean-boiled'), brief: { fat: { low: 12, high: 16 } } };
  const bare = waysOf(swapped(asking('cashew', beans)));
  expect(bare).toEqual(['white-bean-boiled']);
  const helped = waysOf(
    swapped(
      asking('cashew', {
        ...beans,
        inHouse: new Set(['coconut-oil', 'white-bean-boiled']),
        holds: [undefined, undefined, { kind: 'pinned' }, undefined],
      }),
    ),
  );
  expect(helped.some((way) => /^white-bean-boiled \+ \S+$/.test(way))).toBe(true);
  for (const way of helped) expect(way).not.toContain('cashew');
  // What is left out is left out: no helper comes for it.
  const salt = swapped(
    asking('salt', { larder: larder('cashew'), inHouse: new Set(['coconut-oil', 'olive-oil']) }),
  );
  expect(waysOf(salt)).toEqual(['']);
});

test('stopped, it gives what it has so far; the same seed gives the same', () => {
  const stopped = swapped(asking('cashew'), { stop: () => true });
  expect(stopped).toMatchObject({ kind: 'options', stopped: true });
  const whole = swapped(asking('cashew'), { seed: 4 });
  expect(whole).toMatchObject({ kind: 'options', stopped: false });
  expect(swapped(asking('cashew'), { seed: 4 })).toEqual(whole);
  if (whole.kind !== 'options') return;
  expect(whole.tried).toBeGreaterThan(10);
  const ranks = whole.options.map(({ rank }) => rank);
  expect([...ranks].sort((a, b) => a - b)).toEqual(ranks);
});

test('a question that the cook lives with already is no worse in the substitute', () => {
  // Somebody asks about every nut for traces: a nut for a nut is the same question.
  const traces = eaterWith('Ilva', {
    kind: 'allergen',
    allergen: 'peanut',
    strictness: 'allergy',
    traces: true,
  });
  const outcome = swapped(asking('cashew', { eaters: [traces], larder: larder('hazelnut') }));
  if (outcome.kind !== 'options') throw new Error(outcome.kind);
  const [option] = outcome.options;
  const before = searchFor(asking('cashew', { eaters: [traces] }), false).regard(get('cashew'));
  const own = searchFor(asking('cashew', { eaters: [traces] }), false).regard(get('hazelnut'));
  expect(own.map(({ regard }) => regard)).toEqual(before.map(({ regard }) => regard));
  expect(['clear', 'asks']).toContain(option!.regard);
});

test('what the whole pot has too much of already is no reason against a swap', () => {
  const limit = (gramsPerPortion: number) => ({
    eaters: [eaterWith('Sunniva', { kind: 'salt-limit', gramsPerPortion })],
  });
  expect(searchFor(asking('cashew', limit(0.2)), false).tooMuchBefore).toEqual([true]);
  expect(searchFor(asking('cashew', limit(3)), false).tooMuchBefore).toEqual([false]);
  expect(searchFor(asking('cashew', { eaters: [allergic('Teo', 'tree-nut')] }), false).tooMuchBefore).toEqual(
    [false],
  );
  expect(waysOf(swapped(asking('cashew', { ...limit(0.2), larder: larder('sunflower-seed') })))).toContain(
    'sunflower-seed',
  );
});

describe('the dish’s liquid makes up for what a substitute brings', () => {
  const lines: readonly (readonly [string, number])[] = [
    ['cashew', 100],
    ['oat-drink', 300],
    ['water', 100],
    ['lemon-juice', 30],
    ['coconut-oil', 350],
  ];
  const request = swapRequestOf(lines, 'cream-sauce', 'cashew');
  const replaced = (held: (line: PotLine) => boolean = () => false) => {
    const search = searchFor(request, false);
    const start: readonly PotLine[] = search.request.recipe.lines.map((line, origin) => ({
      ...line,
      origin,
    }));
    const beans = {
      ingredient: get('white-bean-boiled'),
      mass: start[0]!.mass,
      preparation: 'as-is',
      stage: 'start',
    } as const;
    return replaceLine(
      search.original,
      { ...search.request.recipe, lines: start },
      0,
      { lines: [beans] },
      held,
    ).map(({ mass }) => mass);
  };

  test('the largest that is mostly water, not the largest of all; the others stay as they are to each other', () => {
    const after = replaced();
    expect(after[1]!).toBeLessThan(250);
    const kept = after[2]! / 100;
    expect(after[3]! / 30).toBeCloseTo(kept, 6);
    expect(after[4]! / 350).toBeCloseTo(kept, 6);
    expect(kept).toBeGreaterThan(0.9);
    // No less than a little of it stays.
    expect(after[1]!).toBeGreaterThan(0.15 * 300 * 0.9);
  });

  test('where that is held, the next', () => {
    const after = replaced(({ origin }) => origin === 1);
    expect(after[1]).toBe(300);
    expect(after[2]!).toBeLessThan(60);
  });
});

test('how a substitute is made ready: soaked where it soaks, boiled where it is a piece, as it is otherwise', () => {
  const ready = (
    id: string,
    made: 'any' | 'soaked' | 'boiled' = 'any',
    like: 'as-is' | 'soaked' | 'boiled' = 'as-is',
  ) => preparationsOf(get(id), like, { ...openToAll, made });
  expect(ready('cashew')).toEqual(['soaked']);
  expect(ready('cashew', 'boiled')).toEqual(['boiled']);
  expect(ready('cashew', 'any', 'boiled')).toEqual(['boiled']);
  expect(ready('sunflower-seed', 'soaked')).toEqual(['soaked']);
  expect(ready('red-lentil-dry')[0]).not.toBe('as-is');
  expect(ready('carrot', 'soaked')).toEqual(['boiled']);
  expect(ready('rice-flour')).toEqual(['as-is']);
  expect(ready('cashew-butter', 'soaked')).toEqual(['as-is']);
  expect(ready('white-bean-boiled', 'boiled')).toEqual(['as-is']);
  expect(ready('olive-oil')).toEqual(['as-is']);
  expect(schoolAllows({ ...openToAll, melt: 'soft-melt' }, get('tapioca-starch'))).toBe(false);
  expect(schoolAllows({ ...openToAll, melt: 'starch-stretch' }, get('tapioca-starch'))).toBe(true);
});

describe('a dry base where a wet one stood', () => {
  const withDry = (lines: readonly (readonly [string, number])[], to = 'cashew') => {
    const request = swapRequestOf(lines, 'dip', lines[0]![0]),
      search = searchFor(request, false);
    const start: readonly PotLine[] = search.request.recipe.lines.map((line, origin) => ({
      ...line,
      origin,
    }));
    const one = { ingredient: get(to), mass: start[0]!.mass, preparation: 'as-is', stage: 'start' } as const;
    return replaceLine(
      search.original,
      { ...search.request.recipe, lines: start },
      0,
      { lines: [one] },
      () => false,
    );
  };
  const dry = (id: string) => 1 - (get(id).per100.water ?? 0) / 100;
  const waterIn = (lines: readonly PotLine[]) =>
    lines.find(({ ingredient }) => ingredient.id === 'water')?.mass ?? 0;

  test('brings as much dry matter, and the water that the pot has no liquid for comes beside it', () => {
    const [flour, ...rest] = withDry([
      ['white-bean-boiled', 300],
      ['olive-oil', 30],
      ['salt', 3],
    ]);
    const asMuch = (300 * dry('white-bean-boiled')) / dry('cashew');
    expect(flour!.mass).toBeCloseTo(asMuch, 0);
    expect(waterIn(rest)).toBeCloseTo(300 - asMuch, 0);
  });

  test('not where the dish’s liquid can make up for it, nor for a small gap', () => {
    expect(
      withDry([
        ['white-bean-boiled', 300],
        ['oat-drink', 400],
        ['salt', 3],
      ]).some(({ ingredient }) => ingredient.id === 'water'),
    ).toBe(false);
    expect(
      withDry([
        ['white-bean-boiled', 300],
        ['oat-drink', 40],
        ['salt', 3],
      ]).some(({ ingredient }) => ingredient.id === 'water'),
    ).toBe(true);
    // Eight hundredths of the batch are the least that is worth a line of water.
    expect(
      withDry([
        ['white-bean-boiled', 40],
        ['olive-oil', 300],
        ['potato', 400],
      ]).some(({ ingredient }) => ingredient.id === 'water'),
    ).toBe(false);
  });

  test('of a line that is not there it says so', () => {
    const search = searchFor(asking('cashew'), false);
    expect(() =>
      replaceLine(search.original, { ...search.request.recipe, lines: [] }, 3, { lines: [] }, () => false),
    ).toThrow(/no line 3/);
  });
});

test('while it works it says how far it is, never going back by much, and at the end it is nearly through', () => {
  const search = swap(asking('cashew'), quick);
  const seen: number[] = [];
  let turn = search.next();
  for (; !turn.done; turn = search.next()) seen.push(turn.value.done);
  expect(Math.min(...seen)).toBeGreaterThanOrEqual(0);
  expect(Math.max(...seen)).toBeCloseTo(1, 6);
  const marks = seen.filter((share) => share >= 1 / 3);
  expect(marks.length).toBeGreaterThan(5);
  expect(seen.at(-1)).toBeCloseTo(1, 6);
  expect(seen.filter((share) => share > 2 / 3 && share <= 1).length).toBeGreaterThan(1);
});

test('what moves beside a swap is told of lines that stayed, never of what came', () => {
  const outcome = swapped(
    asking('cashew', { larder: larder('sunflower-seed'), brief: { fat: { low: 4, high: 6 } } }),
  );
  if (outcome.kind !== 'options') throw new Error(outcome.kind);
  const [option] = outcome.options;
  expect(option!.moves.length).toBeGreaterThan(0);
  for (const { line } of option!.moves) expect(option!.lines[line]!.origin).toBeDefined();
});

describe('somebody who may have less salt than there is', () => {
  const sunniva = eaterWith('Sunniva', { kind: 'salt-limit', gramsPerPortion: 0.8 });
  const gravy = (lines: readonly (readonly [id: string, g: number])[], ask: SwapAsk) =>
    swapRequestOf(lines, 'cream-sauce', ask, {
      eaters: [sunniva],
      larder: larder('vegetable-stock-unsalted', 'white-wine', 'oat-drink', 'soy-sauce'),
    });
  const stock = [
    ['vegetable-stock', 500],
    ['wheat-flour', 30],
    ['rapeseed-oil', 25],
    ['onion-roasted', 80],
  ] as const;

  test.each([{ kind: 'everybody' }, { kind: 'person', eater: 'Sunniva' }] as const)(
    'where it is in the stock, the stock is swapped, and nobody is offered what is still too salty: %j',
    (ask) => {
      const request = gravy(stock, ask);
      expect(linesToReplace(request)).toEqual([0]);
      const outcome = swapped(request);
      expect(waysOf(outcome)[0]).toMatch(/^vegetable-stock-unsalted/);
      for (const option of outcome.kind === 'options' ? outcome.options : []) {
        const { salt, massG } = option.after.prediction;
        expect((salt.mid / 100) * (massG / 4)).toBeLessThanOrEqual(0.81);
      }
    },
  );

  test('what is as salty is no way to swap it', () => {
    const request = {
      ...gravy(stock, { kind: 'everybody' }),
      larder: larder('vegetable-stock-without-celery'),
    };
    const strict = {
      ...request,
      eaters: [eaterWith('Sunniva', { kind: 'salt-limit', gramsPerPortion: 0.3 })],
    };
    expect(waysOf(swapped(strict))).toEqual([]);
    // To who may have it, it is.
    expect(waysOf(swapped({ ...strict, eaters: [], ask: { kind: 'line', line: 0 } }))[0]).toMatch(
      /^vegetable-stock-without-celery/,
    );
  });

  test('where it is added as salt, that is told: nothing is to be swapped', () => {
    const salted = swapped(
      gravy(
        [
          ['vegetable-stock-unsalted', 500],
          ['wheat-flour', 30],
          ['salt', 6],
        ],
        { kind: 'everybody' },
      ),
    );
    expect(salted).toMatchObject({ kind: 'nothing-to-swap', tooMuch: [{ eater: 'Sunniva', what: 'salt' }] });
  });

  test('who may have as much as there is has nothing to swap', () => {
    const fine = swapped({ ...gravy(stock, { kind: 'everybody' }), portions: 40 });
    expect(fine).toEqual({ kind: 'nothing-to-swap', tooMuch: [] });
  });
});

test('water in place of a drink is nothing in its place: it comes behind a drink that is like it', () => {
  const sauce = swapRequestOf(
    [
      ['pea-drink', 450],
      ['wheat-flour', 30],
      ['rapeseed-oil', 30],
      ['salt', 4],
    ],
    'cream-sauce',
    'pea-drink',
    { larder: larder('water', 'rice-drink', 'soya-drink-plain') },
  );
  const ways = waysOf(swapped(sauce));
  expect(ways[0]).toBe('soya-drink-plain');
  expect(ways.indexOf('water')).toBeGreaterThan(0);
});
