import { briefOfFamily, withWish } from '../../brief/brief.js';
import { families, type Family } from '../../brief/family.js';
import type { Hold } from '../../formula/formula.js';
import { portionOfRecipe } from '../../household/portion/portion-of-recipe.js';
import { whoCanEat } from '../../household/who-can-eat.js';
import { seededChance } from '../../numeric/chance.js';
import { randomRecipes } from '../../../science/random-pots.js';
import { briefAsItIs, withTheRestAsItIs } from '../../brief/as-it-is.js';
import { onePressWish } from '../../brief/one-press.js';
import {
  asSauce,
  balanced,
  eaterWith,
  nothingElse,
  requestOf,
  seedSauce,
  smallSauce,
} from './balance.fixture.js';
import { balance } from './balance.js';
import type { BalanceRequest } from './balance-request.js';
import { onlyWith, withChangedWish } from './demand.js';
import { assess } from '../../property/assess.js';
import { withMasses } from '../../recipe/with-masses.js';
import { searchSpace } from './search-space.js';
import { sensibleShare } from '../identity/sensible-share.params.js';

const sum = (values: readonly number[]): number => values.reduce((all, value) => all + value, 0);
const salty = eaterWith('Sunniva', { kind: 'salt-limit', gramsPerPortion: 0.9 });
const noGluten = eaterWith('Marte', {
  kind: 'allergen',
  allergen: 'gluten',
  strictness: 'intolerance',
  traces: false,
});
const noOil = eaterWith('Lise', { kind: 'rule', rule: 'no-added-oil' });

test('a thin, bland sauce becomes what its kind usually is, and each change says what it was for', () => {
  const thin = seedSauce.map(([id, g]) => [id, id === 'rice-flour' ? 2 : id === 'salt' ? 1 : g] as const);
  const outcome = balanced(requestOf(thin, 'pouring-sauce'));
  expect(outcome.kind).toBe('balanced');
  const { after, changes, outside } = outcome.proposal;
  expect(outside).toEqual([]);
  expect(after.prediction.salt.mid).toBeGreaterThanOrEqual(0.4);
  const salt = changes.find(({ line }) => thin[line]?.[0] === 'salt');
  expect(salt?.toG).toBeGreaterThan(1.5);
  expect(salt?.reason).toMatchObject({ kind: 'was-off', rail: 'salt' });
});

test('a formula that meets what is asked is left alone, to the gram', () => {
  const { kind, proposal } = balanced(requestOf(seedSauce, 'pouring-sauce'));
  expect(kind).toBe('balanced');
  expect(proposal.changes).toEqual([]);
  expect(proposal.amounts.map(({ grams }) => grams)).toEqual(seedSauce.map(([, g]) => g));
});

test('where nothing is asked, a pot is good as it is, however unusual', () => {
  const odd = seedSauce.map(([id, g]) => [id, id === 'turmeric' ? 6 : id === 'salt' ? 0.5 : g] as const);
  const request = requestOf(odd, 'cream-sauce');
  const brief = briefAsItIs(assess(request.recipe, 4));
  expect(balanced({ ...request, brief }).proposal.changes).toEqual([]);
});

test('thicker in one press: few lines move, what the dish is known by least, and the rest stays as it is', () => {
  const request = requestOf(seedSauce, 'pouring-sauce', { name: 'Sunflower sauce' });
  const before = assess(request.recipe, 4);
  const wish = onePressWish('thicker', before);
  if (!wish) throw new Error('nothing to press');
  const { kind, proposal } = balanced({ ...request, brief: withTheRestAsItIs({ thickness: wish }, before) });
  expect(kind).toBe('balanced');
  const { after, changes, amounts } = proposal;
  expect(after.prediction.viscosity.mid).toBeGreaterThan(1.6 * before.prediction.viscosity.mid);
  expect(changes.length).toBeLessThanOrEqual(3);
  expect((amounts[0]?.grams ?? 0) / 90).toBeGreaterThan(0.8);
  expect((amounts[0]?.grams ?? 0) / 90).toBeLessThan(1.25);
  expect(Math.abs(after.prediction.salt.mid - before.prediction.salt.mid)).toBeLessThan(0.2);
});

test('what a pot lacks comes as one helper, chosen from what the house keeps, a change of its own', () => {
  const request = requestOf(smallSauce, 'stretchy-melt', {
    brief: { stretch: { low: 5, high: 15, weight: 3 } },
  });
  const kept = (...ids: readonly string[]) => balanced({ ...request, inHouse: new Set(ids) });
  const { kind, proposal } = kept('tapioca-starch', 'salt');
  expect(kind).toBe('balanced');
  expect(proposal.helper?.ingredient.id).toBe('tapioca-starch');
  expect(proposal.changes.filter(({ fromG }) => fromG === 0)).toHaveLength(1);
  expect(proposal.after.prediction.stretch.mid).toBeGreaterThanOrEqual(5);
  expect(kept('salt')).toMatchObject({ kind: 'infeasible' });
});

test('the same seed gives the same amounts', () => {
  const request = requestOf(seedSauce, 'tangy-spread', { eaters: [salty] });
  const amounts = () => balanced(request, { seed: 5, explain: false }).proposal.amounts;
  expect(amounts()).toEqual(amounts());
});

/** Random pots, briefs, holds and people; whatever comes out must keep the laws. */
const chance = seededChance(404);
const anyOf = <T>(list: readonly T[]): T => list[Math.floor(chance() * list.length)] as T;
const cases = randomRecipes(12, 12).map((recipe): BalanceRequest => {
  const batchG = sum(recipe.lines.map(({ mass }) => mass)),
    family = anyOf<Family>(families);
  return {
    ...nothingElse,
    recipe: { ...recipe, process: { ...recipe.process, ...asSauce } },
    family,
    portions: 2 + Math.floor(chance() * 5),
    brief: briefOfFamily(family),
    holds: recipe.lines.map(({ mass }): Hold | undefined => {
      if (chance() < 0.15) return { kind: 'pinned' };
      return chance() < 0.2
        ? { kind: 'bounded', leastG: mass * 0.8, mostG: Math.min(mass * 1.3, batchG) }
        : undefined;
    }),
    eaters: [salty, noGluten, noOil].filter(() => chance() < 0.5),
  };
});

test.each(cases.map((request, i) => [i, request] as const))(
  'pot %i: nothing leaves its bounds, nobody is offered what they cannot have, the mass stays',
  (_i, request) => {
    const outcome = balanced(request, { starts: 2, iterations: 10, explain: false });
    const { kind, proposal } = outcome,
      stays = new Set(outcome.forbidden?.map(({ line }) => line));
    // What is said to be met is met by the amounts that are taken, after rounding.
    if (kind === 'balanced') expect(proposal.outside).toEqual([]);
    // Where somebody cannot have a line, or nothing keeps to their limits, nothing is proposed at all.
    if (kind === 'swap-first' || proposal.changes.length === 0) {
      expect(proposal.amounts.map(({ grams }) => grams)).toEqual(
        request.recipe.lines.map(({ mass }) => mass),
      );
      return;
    }
    const { amounts, after } = proposal;
    const space = searchSpace(request);
    const before = sum([...space.present]);
    amounts.forEach(({ grams }, line) => {
      // What somebody cannot have stays as it is, and is told.
      if (stays.has(line)) return expect(grams).toBe(space.present[line]);
      expect(grams).toBeGreaterThanOrEqual((space.low[line] ?? 0) - 1e-6);
      expect(grams).toBeLessThanOrEqual((space.high[line] ?? 0) + 1e-6);
      const ingredient = request.recipe.lines[line]?.ingredient;
      if (ingredient && !request.holds?.[line])
        expect(grams).toBeLessThanOrEqual(
          Math.max(space.present[line] ?? 0, sensibleShare(ingredient, request.family) * before) + 1e-6,
        );
    });
    let heldAgainst = false;
    const served = portionOfRecipe({ recipe: after.recipe, prediction: after.prediction }, request.portions);
    for (const eater of request.eaters ?? []) {
      const found = whoCanEat(eater, {
        ...served,
        lines: served.lines.filter((line) => (line.gramsPerPortion ?? 0) > 0),
      }).findings.filter(({ verdict }) => verdict === 'does-not');
      // Only what the cook holds fast can still be in somebody's way, and then it is never called balanced.
      heldAgainst ||= found.length > 0;
      for (const { line } of found)
        if (line !== undefined && !stays.has(Number(line)))
          expect(request.holds?.[Number(line)]).toBeDefined();
    }
    const reach = sum([...space.high]);
    // Where the cook holds fast what somebody cannot have, nothing is balanced, the mass neither.
    if (!heldAgainst && reach >= before && sum([...space.low]) <= before)
      expect(Math.abs(sum(amounts.map(({ grams }) => grams)) / before - 1)).toBeLessThan(0.06);
  },
);

test('the exact amounts keep the mass to a millionth before they are rounded', () => {
  const request = requestOf(seedSauce, 'tangy-spread');
  const space = searchSpace(request);
  const { amounts } = balanced(request).proposal;
  expect(space.batch[0]).toBeCloseTo(sum(seedSauce.map(([, g]) => g)), 9);
  expect(Math.abs(sum(amounts.map(({ grams }) => grams)) / space.batch[0] - 1)).toBeLessThan(0.01);
});

test('what somebody cannot have is swapped first: nothing is solved around it', () => {
  const lines = [...seedSauce.filter(([id]) => id !== 'salt'), ['barley-miso', 40], ['salt', 1]] as const;
  const outcome = balanced(requestOf(lines, 'pouring-sauce', { eaters: [noGluten] }));
  // What is asked is answered; the miso, which other amounts would not help, stays as it is and is told.
  expect(outcome.kind).not.toBe('swap-first');
  expect(outcome).toMatchObject({ forbidden: [{ line: lines.length - 2, eater: 'Marte' }] });
  expect(outcome.proposal.amounts[lines.length - 2]?.grams).toBe(40);
  // Where nothing is asked, the swap is all there is to say.
  const unasked = balanced(requestOf(lines, 'pouring-sauce', { eaters: [noGluten], brief: {} }));
  expect(unasked).toMatchObject({ kind: 'swap-first', proposal: { changes: [] } });
});

test('a person’s salt limit outweighs the brief', () => {
  const strict = eaterWith('Sunniva', { kind: 'salt-limit', gramsPerPortion: 0.3 });
  const outcome = balanced(requestOf(seedSauce, 'pouring-sauce', { eaters: [strict] }));
  const { salt, massG } = outcome.proposal.after.prediction;
  expect((salt.mid * massG) / 100 / 4).toBeLessThanOrEqual(0.3 + 1e-6);
  expect(outcome.kind).toBe('infeasible');
  if (outcome.kind !== 'infeasible') return;
  expect(outcome.conflict.conflicting).toContainEqual({ kind: 'person', eater: 'Sunniva' });
  expect(outcome.conflict.conflicting).toContainEqual({ kind: 'wish', rail: 'salt' });
  const widened = outcome.conflict.relaxations.find(({ kind }) => kind === 'widen');
  expect(widened).toMatchObject({ rail: 'salt' });
});

/** Wishes that cannot be had at once: lean and rich, or a pull without anything that pulls. */
const impossible: readonly (readonly [string, BalanceRequest])[] = [
  ['a long pull from rice flour', requestOf(smallSauce, 'stretchy-melt', nothingElse)],
  [
    'rich without a source of fat',
    requestOf(
      [
        ['white-bean-boiled', 200],
        ['water', 300],
        ['lemon-juice', 14],
        ['salt', 5],
        ['rice-flour', 12],
      ],
      'pouring-sauce',
      {
        ...nothingElse,
        brief: {
          fat: { low: 15, high: 30 },
          salt: { low: 0.8, high: 1.5 },
          thickness: { low: 500, high: 3000 },
        },
      },
    ),
  ],
  [
    'pinned thin and wished thick',
    requestOf(smallSauce, 'pouring-sauce', {
      ...nothingElse,
      holds: smallSauce.map(([id]) =>
        ['water', 'rice-flour', 'sunflower-seed'].includes(id) ? { kind: 'pinned' } : undefined,
      ),
      brief: withWish(briefOfFamily('pouring-sauce'), 'thickness', {
        low: 30_000,
        high: 90_000,
        weight: 3,
      }),
    }),
  ],
];

test.each(impossible)('%s is said to be infeasible, with a set that truly conflicts', (_name, request) => {
  const outcome = balanced(request);
  expect(outcome.kind).toBe('infeasible');
  if (outcome.kind !== 'infeasible') return;
  const { conflicting } = outcome.conflict;
  expect(conflicting.length).toBeGreaterThan(0);
  const kindWith = (demands: typeof conflicting) => balanced(onlyWith(request, demands)).kind;
  expect(kindWith(conflicting)).toBe('infeasible');
  for (const demand of conflicting)
    expect(kindWith(conflicting.filter((other) => other !== demand))).not.toBe('infeasible');
});

test('the smallest relaxation offered truly helps', () => {
  const request = requestOf(smallSauce, 'pouring-sauce', {
    brief: withWish(briefOfFamily('pouring-sauce'), 'energy', { low: 0, high: 60, weight: 3 }),
  });
  const outcome = balanced(request);
  expect(outcome.kind).toBe('infeasible');
  if (outcome.kind !== 'infeasible') return;
  const first = outcome.conflict.relaxations[0];
  expect(first?.kind).toBe('widen');
  if (first?.kind !== 'widen') return;
  expect(balanced(withChangedWish(request, first.rail, first.to)).kind).toBe('balanced');
});

test('a search that is stopped gives the closest it found', () => {
  const outcome = balanced(requestOf(seedSauce, 'stretchy-melt'), { stop: () => true });
  expect(outcome).toMatchObject({ kind: 'closest', why: 'stopped' });
  expect(outcome.proposal.amounts).toHaveLength(seedSauce.length);
});

test('no more is used than is in the house', () => {
  const stock = new Map([['sunflower-seed', 30]]);
  const { amounts } = balanced(requestOf(seedSauce, 'pouring-sauce', { stock })).proposal;
  expect(amounts[0]?.grams).toBeLessThanOrEqual(30);
});

test('a wish that matters more is met nearer when two cannot both be', () => {
  const brief = { fat: { low: 18, high: 30 }, energy: { low: 0, high: 70 } };
  const fatOf = (weight: 1 | 3) =>
    balanced(requestOf(seedSauce, 'dip', { brief: { ...brief, fat: { ...brief.fat, weight } } }), {
      explain: false,
    }).proposal.after.prediction.fat.mid;
  expect(fatOf(3)).toBeGreaterThan(fatOf(1) + 1);
});

test('raw, cold and reheated thickness, cost and portion can be wished too', () => {
  const request = requestOf(seedSauce, 'pouring-sauce', {
    holdMass: false,
    brief: { 'cold-thickness': { low: 5000, high: 12_000 }, portion: { low: 100, high: 120 } },
  });
  const { kind, proposal } = balanced(request);
  expect(kind).toBe('balanced');
  expect(proposal.after.prediction.massG / 4).toBeGreaterThanOrEqual(99);
  expect(proposal.after.prediction.massG / 4).toBeLessThanOrEqual(121);
});

test('the proposal’s figures are those of its amounts', () => {
  const request = requestOf(seedSauce, 'tangy-spread');
  const { amounts, after } = balanced(request).proposal;
  const again = assess(
    withMasses(
      request.recipe,
      amounts.map(({ grams }) => grams),
    ),
    request.portions,
  );
  expect(again.prediction).toEqual(after.prediction);
});

test('while it works it says how far it is, never going back, also when it has to explain a conflict', () => {
  const request = requestOf(seedSauce, 'pouring-sauce', {
    ...nothingElse,
    brief: { fat: { low: 30, high: 60 }, energy: { low: 0, high: 50 } },
  });
  const search = balance(request, { units: seedSauce.map(() => 'g'), rounding: 'grams' });
  const shares: number[] = [];
  let turn = search.next();
  for (; !turn.done; turn = search.next()) shares.push(turn.value.done);
  expect(turn.value.kind).toBe('infeasible');
  expect(shares.length).toBeGreaterThan(5);
  expect(Math.max(...shares)).toBeGreaterThan(0.6);
  expect(Math.max(...shares)).toBeLessThanOrEqual(1);
  const back = shares.slice(1).map((share, i) => (shares[i] ?? 0) - share);
  expect(Math.max(...back)).toBeLessThan(0.11);
});
