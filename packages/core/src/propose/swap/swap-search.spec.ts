import { ingredientById } from '../../larder/catalog/larder-table.js';
import { eaterWith, seedSauce } from '../balance/balance.fixture.js';
import { finish } from '../../numeric/finish.js';
import { completeBalanceOptions } from '../balance/balance-request.js';
import { searchSpace } from '../balance/search-space.js';
import { solve } from '../balance/solve.js';
import { potRequest } from './pot-request.js';
import { replaceLine, type PotLine } from './replace-line.js';
import { openToAll } from './school.js';
import { optionOf } from './swap-option.js';
import { searchFor } from './swap-search.js';
import { swapRequestOf } from './swap.fixture.js';
import type { SwapAsk, SwapRequest } from './swap-request.js';

const get = (id: string) => ingredientById(id)!;
const request = (ask: SwapAsk | string, more: Partial<SwapRequest> = {}) =>
  swapRequestOf(seedSauce, 'pouring-sauce', ask, more);
const may = (of: SwapRequest, id: string, last = false) => searchFor(of, last).allowed(get(id));

test('what may be offered: by school, by what is done without, by what is in the house, by who eats', () => {
  const plain = request('sunflower-seed');
  expect(may(plain, 'almond')).toBe(true);
  expect(
    may(request('sunflower-seed', { schools: { ...openToAll, addedOil: 'without' } }), 'olive-oil'),
  ).toBe(false);
  expect(may(request({ kind: 'without', what: 'oil' }), 'olive-oil')).toBe(false);
  expect(may(request({ kind: 'without', what: 'nuts' }), 'almond')).toBe(false);
  expect(may(request({ kind: 'without', what: 'nuts' }), 'olive-oil')).toBe(true);
  const house = { inHouse: new Set(['almond']) };
  expect(may(request({ kind: 'in-house' }, house), 'almond')).toBe(true);
  expect(may(request({ kind: 'in-house' }, house), 'hazelnut')).toBe(false);
  // Not being in the house is no reason where something else is asked.
  expect(may(request('sunflower-seed', house), 'hazelnut')).toBe(true);
  const nuts = eaterWith('Teo', {
    kind: 'allergen',
    allergen: 'tree-nut',
    strictness: 'allergy',
    traces: false,
  });
  expect(may(request('sunflower-seed', { eaters: [nuts] }), 'almond')).toBe(false);
  const almond = eaterWith('Ilva', {
    kind: 'allergen',
    allergen: 'almond',
    strictness: 'allergy',
    traces: false,
  });
  // Another nut for somebody allergic to one: only where there is nothing else.
  expect(may(request('sunflower-seed', { eaters: [almond] }), 'hazelnut')).toBe(false);
  expect(may(request('sunflower-seed', { eaters: [almond] }), 'hazelnut', true)).toBe(true);
  expect(may(request('sunflower-seed', { eaters: [almond] }), 'almond', true)).toBe(false);
});

test('a soft melt is not asked to pull, a stretchy one is, and what is asked already stays', () => {
  const stretch = (melt: 'any' | 'soft-melt' | 'starch-stretch', brief: SwapRequest['brief']) =>
    searchFor(request('salt', { brief, schools: { ...openToAll, melt } }), false).request.brief.stretch;
  const asked = { low: 3, high: 9 };
  expect(stretch('any', { stretch: asked })).toBe(asked);
  expect(stretch('soft-melt', { stretch: asked })).toBeUndefined();
  expect(stretch('starch-stretch', { stretch: asked })).toBe(asked);
  expect(stretch('starch-stretch', {})).toEqual({ low: 7, high: 22 });
  expect(stretch('starch-stretch', { stretch: { ...asked, kept: true } })).toEqual({ low: 7, high: 22 });
});

test('a look says how far outside the brief a pot is, each miss counted to four steps, and counts how many it has looked at', () => {
  const search = searchFor(
    request('salt', { brief: { salt: { low: 0, high: 0.2 }, fat: { low: 0, high: 80 } } }),
    false,
  );
  const lines = (salt: number): readonly PotLine[] =>
    search.request.recipe.lines.map((line, origin) => ({
      ...line,
      origin,
      mass: seedSauce[origin]![0] === 'salt' ? (salt as typeof line.mass) : line.mass,
    }));
  expect(search.look(lines(0)).badness).toBeLessThan(search.look(lines(4)).badness);
  expect(search.look(lines(60)).badness).toBeCloseTo(16, 6);
  expect(search.tried).toBe(3);
  const heavy = searchFor(request('salt', { brief: { salt: { low: 0, high: 0.2, weight: 3 } } }), false);
  expect(heavy.look(lines(60)).badness).toBeCloseTo(64, 6);
});

test('what is pinned is held, what is bounded or new is not', () => {
  const { held } = searchFor(
    request('salt', { holds: [{ kind: 'pinned' }, { kind: 'bounded', leastG: 1, mostG: 99 }] }),
    false,
  );
  const [first, second, third] = searchFor(request('salt'), false).request.recipe.lines;
  expect(held({ ...first!, origin: 0 })).toBe(true);
  expect(held({ ...second!, origin: 1 })).toBe(false);
  expect(held({ ...third!, origin: 2 })).toBe(false);
  expect(held({ ...first! })).toBe(false);
});

describe('a pot with a substitute as an option', () => {
  const optionFor = (of: SwapRequest, id: string, to: string) => {
    const search = searchFor(of, true),
      at = seedSauce.findIndex(([one]) => one === id);
    const start: readonly PotLine[] = search.request.recipe.lines.map((line, origin) => ({
      ...line,
      origin,
    }));
    const one = { ingredient: get(to), mass: start[at]!.mass, preparation: 'as-is', stage: 'start' } as const;
    const lines = replaceLine(
      search.original,
      { ...search.request.recipe, lines: start },
      at,
      { lines: [one] },
      search.held,
    );
    const space = searchSpace(potRequest(search.request, lines)),
      options = completeBalanceOptions({ starts: 1, iterations: 6, passes: 1 });
    const solution = finish(solve(space, search.aims, options));
    return optionOf(search, { lines, space, solution });
  };
  const salted = eaterWith('Sunniva', {
    kind: 'allergen',
    allergen: 'tree-nut',
    strictness: 'allergy',
    traces: true,
  });

  test('says what leaves and what comes, what it costs, how long it takes, what is to be bought and who asks', () => {
    const option = optionFor(
      request('sunflower-seed', { inHouse: new Set(['salt']) }),
      'sunflower-seed',
      'pumpkin-seed',
    )!;
    expect(option.out).toEqual([get('sunflower-seed').name]);
    expect(option.in).toEqual([get('pumpkin-seed').name]);
    expect(option.notInHouse).toEqual([get('pumpkin-seed').name]);
    expect(option.effort).toEqual([]);
    expect(option.minutes).toBe(0);
    expect(option.asks).toEqual([]);
    expect(option.regard).toBe('clear');
    const price = (id: string) => get(id).facts.pricePerKg ?? 0;
    const coins = option.after.recipe.lines.reduce(
      (all, { ingredient, mass }) => all + (price(ingredient.id) * mass) / 1000,
      0,
    );
    const before = seedSauce.reduce((all, [id, g]) => all + (price(id) * g) / 1000, 0);
    expect(option.coinsMore).toBeCloseTo(coins - before, 6);
    expect(option.distance).toBeGreaterThan(0);
    expect(option.moves.every(({ line }) => option.lines[line]?.origin !== undefined)).toBe(true);
    expect(option.school).toMatch(/ yeast \/ oil$/);
    // What hardly matters stands behind the unlikeness of the two seeds and one new line.
    expect(option.rank).toBeGreaterThan(option.distance);
  });

  test('is none where somebody could not eat what is new; what was in their way before is no reason', () => {
    expect(
      optionFor(request('sunflower-seed', { eaters: [salted] }), 'sunflower-seed', 'almond'),
    ).toBeUndefined();
    expect(
      optionFor(request('sunflower-seed', { eaters: [salted] }), 'sunflower-seed', 'pumpkin-seed'),
    ).toBeDefined();
    const noBeans = eaterWith('Ove', {
      kind: 'ingredient',
      ingredient: 'white-bean-boiled',
      strictness: 'allergy',
    });
    expect(
      optionFor(request('sunflower-seed', { eaters: [noBeans] }), 'sunflower-seed', 'pumpkin-seed'),
    ).toBeDefined();
  });
});
