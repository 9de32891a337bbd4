import type { Family } from '../../brief/family.js';
import { ingredientById } from '../../larder/catalog/larder-table.js';
import { blankFormula, type Line } from '../formula.js';
import { lineOf } from '../formula.fixture.js';
import { writeMethod } from './write-method.js';

const made = (family: Family, lines: readonly Line[], serve = blankFormula.serve) =>
  writeMethod({ family, lines, serve }, ingredientById);
const said = (...of: Parameters<typeof made>) =>
  made(...of).method.map(({ kind, lines }) => [kind, ...(lines ?? [])].join(' '));
const g = lineOf;

test('with the figures of its family: heat, blade, oven, fridge', () => {
  const cream = [g('cashew', 100), g('water', 200)];
  expect(made('pouring-sauce', cream).method.at(-1)).toEqual({
    kind: 'heat',
    temperatureC: 90,
    minutes: 5,
    rateCPerMin: 5,
  });
  expect(made('pouring-sauce', cream).method[1]).toEqual({ kind: 'blend', seconds: 60, tool: 'jug' });
  expect(made('crumbly-curd', [g('tofu-firm', 300)]).method[1]).toEqual({
    kind: 'pulse',
    seconds: 8,
    tool: 'processor',
  });
  expect(made('baked-topping', cream).method.at(-1)).toEqual({
    kind: 'bake',
    minutes: 25,
    ovenC: 190,
    layerMm: 15,
  });
  const cold = { ...blankFormula.serve, storage: 'fridge' as const };
  expect(made('tangy-spread', cream, cold).method.at(-1)).toEqual({ kind: 'chill', minutes: 240 });
  expect(said('tangy-spread', cream)).toEqual(['put-in cashew water', 'blend']);
  expect(said('pouring-sauce', cream, cold).at(-1)).toBe('heat');
});

test('blended only where something is rough or oil is to be taken up, and for oil half a minute with a stick', () => {
  expect(said('pouring-sauce', [g('oat-drink', 300), g('corn-starch', 15)])).toEqual([
    'put-in oat-drink corn-starch',
    'heat',
  ]);
  expect(made('pouring-sauce', [g('oat-drink', 300), g('rapeseed-oil', 20)]).method[1]).toEqual({
    kind: 'blend',
    seconds: 30,
    tool: 'stick',
  });
  // Leaves alone are no reason: they stay whole.
  expect(said('pouring-sauce', [g('oat-drink', 300), g('parsley-fresh', 5)])).toEqual([
    'put-in oat-drink',
    'heat',
    'stir-in parsley-fresh',
  ]);
  expect(said('dip', [g('tahini', 60), g('water', 60), g('capers', 10)])).toEqual([
    'put-in tahini water',
    'stir-in capers',
  ]);
});

test('a cold dish is heated through where starch is raw or a gum sleeps, and not for the starch of nuts', () => {
  const heatOf = (...lines: readonly Line[]) => made('dip', lines).method.find(({ kind }) => kind === 'heat');
  expect(heatOf(g('tahini', 60), g('water', 60), g('corn-starch', 8))).toEqual({
    kind: 'heat',
    temperatureC: 92,
    minutes: 5,
    rateCPerMin: 5,
  });
  expect(heatOf(g('tahini', 60), g('water', 60), g('agar', 2))).toBeDefined();
  expect(heatOf(g('cashew-butter', 60), g('water', 60))).toBeUndefined();
  expect(heatOf(g('tahini', 60), g('water', 60), g('xanthan', 1))).toBeUndefined();
});

test('sour things wait for the end of the heat, wine is simmered first; cold, all goes in at once', () => {
  expect(
    said('cream-sauce', [
      g('oat-drink', 300),
      g('lemon-juice', 10),
      g('white-wine', 80),
      g('white-vinegar', 5),
    ]),
  ).toEqual([
    'put-in white-wine',
    'boil-down',
    'put-in oat-drink',
    'heat',
    'put-in lemon-juice white-vinegar',
  ]);
  expect(made('cream-sauce', [g('oat-drink', 300), g('white-wine', 80)]).method[1]).toEqual({
    kind: 'boil-down',
    minutes: 5,
    panCm: 20,
    vigour: 'simmer',
  });
  expect(said('dip', [g('tahini', 60), g('lemon-juice', 10), g('white-wine', 20)])).toEqual([
    'put-in tahini lemon-juice white-wine',
  ]);
  // What goes in at the end by its stage waits too, whatever it is.
  expect(said('cream-sauce', [g('oat-drink', 300), g('rice-miso', 10, { stage: 'end' })])).toEqual([
    'put-in oat-drink',
    'heat',
    'put-in rice-miso',
  ]);
});

test('flour in fat first, at a hundred degrees; then the rest, to a simmer', () => {
  const roux = [g('rapeseed-oil', 25), g('wheat-flour', 25, { stage: 'roux' }), g('oat-drink', 400)];
  expect(said('cream-sauce', roux)).toEqual([
    'put-in rapeseed-oil wheat-flour',
    'heat',
    'put-in oat-drink',
    'heat',
  ]);
  expect(made('cream-sauce', roux).method[1]).toEqual({
    kind: 'heat',
    temperatureC: 100,
    minutes: 2,
    rateCPerMin: 10,
  });
  expect(made('cream-sauce', roux).method[3]).toEqual({
    kind: 'heat',
    temperatureC: 95,
    minutes: 5,
    rateCPerMin: 5,
  });
  // With something rough in it, it is blended before the simmer.
  expect(said('cream-sauce', [...roux, g('cauliflower', 100)])).toContain('blend');
});

test('butter: the fat melted, cooled until it is thick, the rest whisked in, and nothing waits for the end', () => {
  const butter = [g('coconut-oil', 100), g('soya-drink', 80), g('lemon-juice', 5)];
  const cold = { ...blankFormula.serve, storage: 'fridge' as const };
  expect(said('butter-with-fat', butter, cold)).toEqual([
    'put-in coconut-oil',
    'heat',
    'cool',
    'put-in soya-drink lemon-juice',
    'blend',
    'chill',
  ]);
  expect(made('butter-with-fat', butter).method.slice(1, 3)).toEqual([
    { kind: 'heat', temperatureC: 48, minutes: 3, rateCPerMin: 3 },
    { kind: 'cool', temperatureC: 28, minutes: 15 },
  ]);
  expect(made('butter-with-fat', butter).method[4]).toEqual({ kind: 'blend', seconds: 60, tool: 'stick' });
});

test('what is done to a line alone, where nothing was said of it: soaked, boiled apart or in the pot', () => {
  const ready = (line: Line) => made('pouring-sauce', [line, g('water', 300)]).ready.get(line.id);
  expect(ready(g('cashew', 100))).toEqual([{ kind: 'soak' }]);
  expect(ready(g('cashew', 100, { preparation: 'boiled' }))).toBeUndefined();
  expect(ready(g('cashew', 100, { ready: [] }))).toBeUndefined();
  expect(ready(g('cashew-butter', 100))).toBeUndefined();
  expect(ready(g('white-bean-dry', 100))).toEqual([
    { kind: 'soak' },
    { kind: 'boil-soft', water: 'drained' },
  ]);
  expect(ready(g('red-lentil-dry', 100))).toEqual([{ kind: 'boil-soft', water: 'kept' }]);
  expect(ready(g('carrot', 100))).toEqual([{ kind: 'boil-soft', water: 'kept' }]);
  expect(ready(g('parsley-fresh', 5))).toBeUndefined();
  expect(ready(g('water', 5))).toBeUndefined();
  // What the larder does not know is left to the cook.
  expect(said('pouring-sauce', [g('moon dust', 100), g('water', 300)])).toEqual(['put-in water', 'heat']);
});
