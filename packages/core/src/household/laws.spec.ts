import { allergenIds } from '../allergen/allergen.js';
import { larderTable } from '../larder/catalog/larder-table.js';
import { seededChance } from '../numeric/chance.js';
import { portionOfVersion } from './evening/base-and-versions.js';
import type { Eater } from './eater.js';
import { compounds } from './need/compound.params.js';
import { type Need, strictnesses } from './need/need.js';
import { rules } from './need/rule.params.js';
import { asOneLine, mealOf, timesAsMuch } from './portion/meal.js';
import type { Portion, PortionLine } from './portion/portion.js';
import { portionOfLines } from './portion/portion-of-lines.js';
import { isWorse, type VerdictOrNone } from './verdict.js';
import { whoCanEat } from './who-can-eat.js';

const chance = seededChance(1109);
const anyOf = <T>(list: readonly T[]): T => list[Math.floor(chance() * list.length)] as T;
const POTS = 400;

/** Things that matter to one kind of need or another stand in as often as all else together. */
const telling = larderTable.filter(
  ({ behaviour, per100, contains }) => behaviour.pungent > 2 || (per100.salt ?? 0) > 3 || contains.length > 0,
);
const randomLine = (): PortionLine => {
  const ingredient = anyOf(chance() < 0.5 ? telling : larderTable);
  const grams = chance() < 0.05 ? {} : { gramsPerPortion: 0.1 * 900 ** chance() };
  return {
    id: `l-${chance()}`,
    ingredient: chance() < 0.02 ? undefined : ingredient,
    named: ingredient.name,
    whole: chance() < 0.5,
    ...grams,
  };
};
const randomPortion = (): Portion =>
  portionOfLines(Array.from({ length: 1 + Math.floor(chance() * 4) }, randomLine));

/** One need of every kind there is. */
const everyNeed = (): readonly Need[] => [
  { kind: 'allergen', allergen: anyOf(allergenIds), strictness: anyOf(strictnesses), traces: chance() < 0.5 },
  { kind: 'ingredient', ingredient: anyOf(telling).id, strictness: anyOf(strictnesses) },
  { kind: 'salt-limit', gramsPerPortion: 0.3 + chance() * 2 },
  ...compounds.map((compound): Need => ({ kind: 'compound', compound, gramsPerPortion: chance() })),
  ...rules.map((rule): Need => ({ kind: 'rule', rule })),
];
const eater = (needs: readonly Need[], guest = false): Eater => ({
  id: 'e',
  name: 'E',
  eatsTonight: true,
  guest,
  needs,
});
const verdict = (need: Need, portion: Portion): VerdictOrNone => whoCanEat(eater([need]), portion).verdict;

/** Over random pots, each need that there is. */
function overAll(law: (need: Need, pot: Portion, other: Portion) => void): void {
  for (let i = 0; i < POTS; i++) {
    const pot = randomPortion(),
      other = randomPortion();
    for (const need of everyNeed()) law(need, pot, other);
  }
}
const isMild = (need: Need): boolean => need.kind === 'rule' && need.rule === 'mild';

test('adding never turns “does not” into “fits”; nothing but a bite is made better by what is added', () => {
  overAll((need, pot, other) => {
    const before = verdict(need, pot),
      after = verdict(need, mealOf([pot, other], 'mixed'));
    if (before === 'does-not') expect([need, after]).not.toEqual([need, 'fits']);
    if (!isMild(need)) expect([need, isWorse(before, after)]).toEqual([need, false]);
  });
});

test('a version is never better than its base, whatever somebody needs', () => {
  overAll((need, base, added) => {
    const version = portionOfVersion(base, 'Base', { name: 'v', added });
    expect([need, isWorse(verdict(need, base), verdict(need, version))]).toEqual([need, false]);
  });
});

test('a formula inside weighs as much as its lines', () => {
  overAll((need, pot, inner) => {
    const asLines = mealOf([pot, inner], 'mixed'),
      inside = mealOf([pot, asOneLine('f', 'Inner', inner)], 'mixed');
    expect([need, verdict(need, inside)]).toEqual([need, verdict(need, asLines)]);
  });
});

test('more of it never makes it better', () => {
  overAll((need, pot, inner) => {
    const by = 1 + chance() * 9;
    expect([need, isWorse(verdict(need, inner), verdict(need, timesAsMuch(inner, by)))]).toEqual([
      need,
      false,
    ]);
    if (isMild(need)) return;
    const once = mealOf([pot, inner], 'mixed'),
      more = mealOf([pot, timesAsMuch(inner, by)], 'mixed');
    expect([need, isWorse(verdict(need, once), verdict(need, more))]).toEqual([need, false]);
  });
});

test('an amount that is not known never fits where some amount does not', () => {
  overAll((need, _pot, inner) => {
    const unknown = verdict(need, timesAsMuch(inner, undefined));
    for (const by of [0.5, 1, 4])
      if (verdict(need, timesAsMuch(inner, by)) !== 'fits')
        expect([need, unknown]).not.toEqual([need, 'fits']);
  });
});

test('a meal is never better than any of its pots, and their order says nothing', () => {
  overAll((need, pot, other) => {
    const meal = verdict(need, mealOf([pot, other], 'beside'));
    for (const part of [pot, other])
      expect([need, isWorse(verdict(need, part), meal)]).toEqual([need, false]);
    expect([need, verdict(need, mealOf([other, pot], 'beside'))]).toEqual([need, meal]);
  });
});

test('a shared spoon never makes anything better, one need less never makes anything worse, and a guest is judged as everybody', () => {
  for (let i = 0; i < POTS; i++) {
    const pot = randomPortion(),
      needs = everyNeed();
    const plain = whoCanEat(eater(needs), pot).verdict;
    const touched = { ...pot, contacts: [{ by: 'spoon', from: 'x', lines: randomPortion().lines }] };
    expect(isWorse(plain, whoCanEat(eater(needs), touched).verdict)).toBe(false);
    expect(isWorse(whoCanEat(eater(needs.slice(1)), pot).verdict, plain)).toBe(false);
    expect(whoCanEat(eater(needs, true), pot).verdict).toBe(plain);
  }
});

test('salt, burn and grams of a meal are the sums of what is eaten', () => {
  const pots = Array.from({ length: 3 }, () => timesAsMuch(randomPortion(), 2)),
    known = pots.filter(({ salt, pungency }) => salt && pungency);
  const meal = mealOf(known, 'beside');
  const sum = (of: (portion: Portion) => number) => known.reduce((all, portion) => all + of(portion), 0);
  expect(meal.salt?.mid).toBeCloseTo(
    sum(({ salt }) => salt?.mid ?? 0),
    9,
  );
  expect(meal.pungency?.burn).toBeCloseTo(
    sum(({ pungency }) => pungency?.burn ?? 0),
    9,
  );
  expect(meal.massG).toBeCloseTo(
    sum(({ massG }) => massG ?? 0),
    9,
  );
});

test('each kind of need speaks in these pots, so that the laws are about something', () => {
  const said = new Map<string, Set<VerdictOrNone>>();
  overAll((need, pot) => {
    const name = need.kind === 'rule' ? need.rule : need.kind;
    said.set(name, (said.get(name) ?? new Set()).add(verdict(need, pot)));
  });
  for (const [name, verdicts] of said) expect([name, verdicts.size]).not.toEqual([name, 1]);
  expect(said.size).toBe(4 + rules.length);
});
