import type { Method } from '../../recipe/method/operation.js';
import type { Recipe } from '../../recipe/recipe.js';
import { potAt } from '../pot-at.js';
import { predict } from '../predict.js';
import { cookedBy } from '../cooked-by.fixture.js';

const soakedOvernight: Method = [{ kind: 'soak', minutes: 720, temperatureC: 5 }];
const milk = (lines: readonly (readonly [id: string, g: number])[], method: Method): Recipe =>
  cookedBy(lines, method, 20, (id) => (id.endsWith('-dry') ? soakedOvernight : []));
const ground: Method = [{ kind: 'blend', seconds: 90, tool: 'strong-jug' }, { kind: 'strain' }];
const mung = [
  ['mung-dry', 100],
  ['water', 490],
] as const;
const stood = (more: Method, lines: readonly (readonly [string, number])[] = mung) =>
  predict(milk(lines, [...ground, ...more]));

test('mung milk overnight: about 115 g settle out of 100 g of beans in 600 g of water with that of the soak, under 465 g with 2 % of protein', () => {
  const bottom = stood([{ kind: 'settle', minutes: 600 }]),
    top = stood([{ kind: 'settle', minutes: 600, keep: 'top' }]);
  expect(bottom.massG).toBeGreaterThan(85);
  expect(bottom.massG).toBeLessThan(160);
  expect(top.massG).toBeGreaterThan(400);
  expect(top.massG).toBeLessThan(530);
  expect(top.protein.mid).toBeGreaterThan(1.2);
  expect(top.protein.mid).toBeLessThan(2.6);
  // Both layers together are the milk that stood there.
  expect(bottom.massG + top.massG).toBeCloseTo(stood([]).massG, -1);
});

test('how much water a sediment holds is not known to the gram', () => {
  const doubt = (keep: 'top' | 'bottom') =>
    potAt(milk(mung, [...ground, { kind: 'settle', minutes: 600, keep }])).mix.waterDoubt;
  expect(doubt('bottom')).toBeGreaterThan(0.14);
  expect(doubt('top')).toBeLessThan(doubt('bottom'));
});

test('what settled is starch: boiled up it sets far thicker than the milk did', () => {
  const cook = { kind: 'heat', temperatureC: 95, minutes: 5 } as const;
  expect(stood([{ kind: 'settle', minutes: 600 }, cook]).viscosity.mid).toBeGreaterThan(
    5 * stood([cook]).viscosity.mid,
  );
});

test('longer standing never settles less, no minute changes much, and none at all changes nothing', () => {
  let before = stood([]).massG;
  expect(stood([{ kind: 'settle', minutes: 0 }]).massG).toBeCloseTo(before, 9);
  for (let minutes = 5; minutes <= 600; minutes += 5) {
    const { massG } = stood([{ kind: 'settle', minutes }]);
    expect(massG).toBeLessThanOrEqual(before + 1e-9);
    expect(before - massG).toBeLessThan(0.12 * before);
    before = massG;
  }
});

test('nothing settles out of what was cooked before, nor out of what a gum holds up', () => {
  const settle = { kind: 'settle', minutes: 600, keep: 'top' } as const;
  const cooked = stood([{ kind: 'heat', temperatureC: 95, minutes: 5 }, settle]);
  const starchy = stood([settle]);
  expect(cooked.viscosity.mid).toBeGreaterThan(2 * starchy.viscosity.mid);
  const held = stood([settle], [...mung, ['xanthan', 6]]);
  expect(held.massG).toBeGreaterThan(starchy.massG + 25);
});
