import { contributionsOf } from '../../property/contributions.js';
import type { Method } from '../../recipe/method/operation.js';
import type { Recipe } from '../../recipe/recipe.js';
import { predict } from '../predict.js';
import { cookedBy } from '../cooked-by.fixture.js';

function milk(id: string, g: number, water: number, after: Method = [{ kind: 'strain' }]): Recipe {
  const method: Method = [{ kind: 'blend', seconds: 90, tool: 'strong-jug' }, ...after];
  return cookedBy(
    [
      [id, g],
      ['water', water],
    ],
    method,
    20,
    (name) => (name === id ? [{ kind: 'soak', minutes: 720, temperatureC: 5 }] : undefined),
  );
}

test('almond milk 1:4: the cloth keeps the fibre and a third of the rest, and what runs through pours like milk', () => {
  const strained = predict(milk('almond', 100, 400)),
    whole = predict(milk('almond', 100, 400, []));
  expect(strained.massG).toBeGreaterThan(380);
  expect(strained.massG).toBeLessThan(470);
  expect(strained.protein.mid).toBeGreaterThan(1.8);
  expect(strained.protein.mid).toBeLessThan(3.2);
  expect(strained.fat.mid).toBeLessThan(whole.fat.mid);
  expect(strained.viscosity.mid).toBeLessThan(0.7 * whole.viscosity.mid);
  expect(strained.graininess).toBeLessThan(whole.graininess + 0.01);
});

test('soya milk has its three per cent of protein', () => {
  const { protein, fat } = predict(milk('soya-bean-dry', 100, 800));
  expect(protein.mid).toBeGreaterThan(2.4);
  expect(protein.mid).toBeLessThan(4);
  expect(fat.mid).toBeGreaterThan(1.2);
  expect(fat.mid).toBeLessThan(2.6);
});

test('a powder goes through whole, what goes in behind the cloth keeps its pulp, a sieve keeps less', () => {
  const of = (id: string, after?: Method) => predict(milk(id, 30, 300, after)).massG;
  expect(of('corn-starch') / of('corn-starch', [])).toBeGreaterThan(0.98);
  const behind: Method = [{ kind: 'strain' }, { kind: 'put-in', lines: ['almond'] }];
  expect(of('almond', behind)).toBeCloseTo(of('almond', []), 6);
  const fibre = (through: 'squeezed' | 'sieve') =>
    predict(milk('almond', 100, 400, [{ kind: 'strain', through }])).protein.mid;
  expect(fibre('sieve')).toBeGreaterThan(fibre('squeezed'));
});

test('dripped leaves more in the cloth than squeezed, and the parts of the lines still add up', () => {
  const squeezed = milk('almond', 100, 400),
    dripped = milk('almond', 100, 400, [{ kind: 'strain', through: 'dripped' }]);
  expect(predict(dripped).massG).toBeLessThan(predict(squeezed).massG);
  const [fat, energy] = contributionsOf(squeezed, ['fat', 'energy']);
  const sum = (of: typeof fat) => (of?.lines ?? []).reduce((all, { amount }) => all + amount, 0);
  expect(sum(fat)).toBeCloseTo(predict(squeezed).fat.mid, 6);
  expect(sum(energy)).toBeCloseTo(predict(squeezed).energyKcal.mid, 4);
});
