import { lineOf, randomRecipes } from '../../science/random-pots.js';
import { larderTable } from '../larder/catalog/larder-table.js';
import { seededChance } from '../numeric/chance.js';
import { celsius } from '../quantity/quantity.js';
import type { Recipe } from '../recipe/recipe.js';
import { potAt } from './pot-at.js';
import { predictPot } from './predict-pot.js';

/** Figures that a cook sees, and how much of each is nothing. */
const nothing: Readonly<Record<string, number>> = {
  viscosity: 1,
  yieldStress: 0.5,
  stretch: 0.2,
  pH: 1,
  sweetness: 0.3,
  salt: 0.1,
  curdling: 0.2,
  graininess: 0.5,
  weeping: 1,
  creaming: 2,
  oilingOff: 0.2,
  lightness: 20,
};
function seen(recipe: Recipe): Readonly<Record<string, number>> {
  const p = predictPot(potAt(recipe));
  const { viscosity, yieldStress, stretch, pH, sweetness, salt } = p;
  return {
    ...Object.fromEntries(
      Object.entries({ viscosity, yieldStress, stretch, pH, sweetness, salt }).map(([k, v]) => [k, v.mid]),
    ),
    curdling: p.curdling,
    graininess: p.graininess,
    weeping: p.weeping,
    creaming: p.creaming,
    oilingOff: p.oilingOff,
    lightness: p.colour.lab[0],
    ...Object.fromEntries(p.thicknessWords.map(({ word, chance }) => [word, chance])),
  };
}

/** Moved by more than a share of what it is, and by more than nothing; a list of names and figures. */
function moved(
  before: Readonly<Record<string, number>>,
  after: Readonly<Record<string, number>>,
  share: number,
): readonly string[] {
  return Object.entries(before).flatMap(([name, from]) => {
    const to = after[name]!;
    return Math.abs(to - from) > share * (Math.abs(from) + (nothing[name] ?? 0.3))
      ? [`${name} ${from} → ${to}`]
      : [];
  });
}

/** A hundred-thousandth of a pot of these is enough to be noticed. */
const potent = new Set(['gums', 'herbs and spices', 'acids and brines', 'savory']);
const mild = larderTable.filter(({ shelf, kinds }) => !kinds && !potent.has(shelf));

test('ten milligrams in a kilogram of anything but gums, acids and spices change nothing that a cook sees', () => {
  const chance = seededChance(15);
  for (const recipe of randomRecipes(150, 77)) {
    const before = seen(recipe),
      mass = recipe.lines.reduce((all, line) => all + line.mass, 0);
    for (let k = 0; k < 6; k++) {
      const ingredient = mild[Math.floor(chance() * mild.length)]!;
      const line = lineOf(
        ingredient,
        mass * 1e-5,
        chance() < 0.3 ? 'boiled' : 'as-is',
        chance() < 0.2 ? 'end' : 'start',
      );
      const after = seen({ ...recipe, lines: [...recipe.lines, line] });
      expect([ingredient.id, moved(before, after, 0.02)]).toEqual([ingredient.id, []]);
    }
  }
});

test('a hundredth of a degree on the plate or in the pot, a millisecond of a minute, a trace of steam: nothing jumps', () => {
  for (const recipe of randomRecipes(150, 78)) {
    const { process, serving } = recipe,
      before = seen(recipe);
    const near: readonly Recipe[] = [
      { ...recipe, serving: { ...serving, temperatureC: celsius(serving.temperatureC + 0.01) } },
      { ...recipe, process: { ...process, maxTemperatureC: process.maxTemperatureC + 0.01 } },
      { ...recipe, process: { ...process, holdMin: process.holdMin + 0.001 } },
      { ...recipe, process: { ...process, evaporatedG: process.evaporatedG + 0.005 } },
    ];
    near.forEach((one, i) => expect([i, moved(before, seen(one), 0.04)]).toEqual([i, []]));
  }
});

test('lemon or vinegar makes nothing that is milder less sour', () => {
  for (const recipe of randomRecipes(200, 79)) {
    const sour = predictPot(potAt(recipe)).sourness.mid;
    if (sour > 500) continue;
    for (const id of ['lemon-juice', 'white-vinegar']) {
      const acid = larderTable.find((one) => one.id === id)!;
      const more = predictPot(potAt({ ...recipe, lines: [...recipe.lines, lineOf(acid, 8)] })).sourness.mid;
      expect(more).toBeGreaterThanOrEqual(sour);
    }
  }
});
