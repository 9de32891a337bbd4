import { potOf } from '../../larder/pot-of.js';
import { potAt } from '../pot-at.js';
import { predict } from '../predict.js';
import { pullLength } from './pull-length.js';
import { pull } from './pull-length.params.js';

const boiled = { maxTemperatureC: 92, holdMin: 3, blenderPower: 0.6, blendSeconds: 60 };
type Serving = Parameters<typeof potOf>[2];
const pullOf = (lines: Parameters<typeof potOf>[0], process = boiled, serving: Serving = { atC: 70 }) =>
  predict(potOf(lines, process, serving)).stretch.mid;

const melt = (tapioca: number, more: Parameters<typeof potOf>[0] = []) =>
  [['water', 250], ['cashew', 40], ['tapioca-starch', tapioca], ...more] as const;

test('without a stretching starch nothing pulls', () => {
  expect(pullOf(melt(0))).toBeLessThan(2);
  expect(pullOf([['water', 250]])).toBeLessThan(0.1);
});

test('tapioca pulls, more of it further, until it turns to rubber', () => {
  const [little, some, much, rubber] = [5, 20, 36, 140].map((g) => pullOf(melt(g)));
  expect(some).toBeGreaterThan((little ?? 0) * 2);
  expect(much).toBeGreaterThan(some ?? 0);
  expect(rubber).toBeLessThan(much ?? 0);
});

test('maize starch of the same weight pulls far less', () => {
  const maize = pullOf([
    ['water', 250],
    ['cashew', 40],
    ['corn-starch', 30],
  ]);
  expect(maize).toBeLessThan(pullOf(melt(30)) / 2);
});

test('raw starch does not pull: it must be cooked', () => {
  expect(pullOf(melt(30), { ...boiled, maxTemperatureC: 45, holdMin: 1 })).toBeLessThan(pullOf(melt(30)) / 4);
});

test('it pulls warm: cold it breaks, and boiling hot it runs', () => {
  const at = (tC: number) => pullOf(melt(30), boiled, { atC: tC });
  expect(at(65)).toBeGreaterThan(at(20));
  expect(at(65)).toBeGreaterThan(at(95));
});

test('fat shortens and coarse pieces break the strand', () => {
  expect(pullOf(melt(30, [['sunflower-oil', 60]]))).toBeLessThan(pullOf(melt(30)));
  expect(pullOf(melt(30), { ...boiled, blendSeconds: 2 })).toBeLessThan(pullOf(melt(30)));
});

test('days in the fridge cost pull, and warming again brings back only some of it', () => {
  const fresh = pullOf(melt(30)),
    cold = pullOf(melt(30), boiled, { atC: 20, storage: 'fridge', days: 3 }),
    again = pullOf(melt(30), boiled, { atC: 70, storage: 'reheat', days: 3 });
  expect(again).toBeLessThan(fresh);
  expect(cold).toBeLessThan(again);
});

test('hard particles break strands: by their volume, and by their size where they are coarse', () => {
  const with40 = (process: typeof boiled) => {
    const { mix, flow } = potAt(potOf(melt(36), process, { atC: 70 }));
    return { length: pullLength(mix, flow, momentAt), mix, flow };
  };
  const momentAt = { temperature: 70, storage: 'cool', days: 0 } as const;
  const fine = with40({ ...boiled, blenderPower: 0.9, blendSeconds: 120 });
  const thread = (one: typeof fine) =>
    pull.viscousDrip * (1 - Math.exp(-one.flow.viscosity / pull.viscousScale));
  // The same pot with half of its solids taken away: only the breaking is another.
  const solid = (1 - fine.flow.dropletShare) * fine.flow.dispersedVolume;
  const fewer = pullLength(
    fine.mix,
    {
      ...fine.flow,
      dispersedVolume: fine.flow.dispersedVolume - solid / 2,
      dropletShare:
        (fine.flow.dropletShare * fine.flow.dispersedVolume) / (fine.flow.dispersedVolume - solid / 2),
    },
    momentAt,
  );
  expect((fewer - thread(fine)) / (fine.length - thread(fine))).toBeCloseTo(
    Math.exp((pull.particlesBreak * solid) / 2),
    6,
  );
  const coarse = pullLength({ ...fine.mix, coarseness: 0.5 }, fine.flow, momentAt);
  expect((coarse - thread(fine)) / (fine.length - thread(fine))).toBeCloseTo(0.5, 6);
});
