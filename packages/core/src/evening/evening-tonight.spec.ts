import { formulaWith } from '../formula/formula.fixture.js';
import type { Formula } from '../formula/formula.js';
import { ingredientById } from '../larder/catalog/larder-table.js';
import { faultsOf } from '../plan/plan.fixture.js';
import { schedule } from '../plan/schedule.js';
import { eveningTonight, type EveningPot, type KitchenTonight } from './evening-tonight.js';
import { keepingOfFormula, keepsOvernight } from './made-before.js';
import type { ShopTonight } from './shopping.js';

const DAY = 1440,
  SERVE = DAY + 1140;
const sauce = (first: string): Formula => ({
  ...formulaWith([
    [first, 300],
    ['white-bean-boiled', 150],
  ]),
  method: [
    { kind: 'put-in', lines: [first, 'white-bean-boiled'] },
    { kind: 'blend', seconds: 60, tool: 'jug' },
    { kind: 'heat', temperatureC: 85, minutes: 6 },
  ],
});
const known = { larder: (id: string) => ingredientById(id), formulaOf: () => undefined };
const kitchen: KitchenTonight = {
  serveAt: SERVE,
  burners: 2,
  ovens: 1,
  blenders: 1,
  cooks: [{ name: 'Ilva' }, { name: 'Teo' }],
  keepWarmMin: 20,
  awake: [],
};
const pots = [
  { id: 'dip', formula: sauce('oat-drink') },
  { id: 'melt', formula: sauce('soya-drink') },
];
function plan(more: Partial<KitchenTonight>) {
  const { evening, tasks } = eveningTonight({ pots }, known, { ...kitchen, ...more });
  const outcome = schedule(evening);
  if (outcome.kind !== 'planned') throw new Error(outcome.collides.map(({ why }) => why).join());
  expect(faultsOf(evening, outcome.plan)).toEqual([]);
  return tasks.map((task) => ({ ...task, ...outcome.plan.find(({ id }) => id === task.id)! }));
}

test('a pot is done by whom it was given to, a task of it by somebody else where that was said', () => {
  const tasks = plan({
    doneBy: new Map([
      ['dip', 'Teo'],
      ['dip/1', 'Ilva'],
    ]),
  });
  const by = (id: string) => tasks.find((task) => task.id === id)!.cook;
  const ofDip = tasks.filter(({ pot, hands }) => pot === 'dip' && hands).map(({ id }) => id);
  expect(ofDip.length).toBeGreaterThan(1);
  expect(ofDip.map(by)).toEqual(ofDip.map((id) => (id === 'dip/1' ? 'Ilva' : 'Teo')));
});

test('what was given to somebody who does not cook tonight is done by who does', () => {
  const tasks = plan({ cooks: [{ name: 'Ilva' }], doneBy: new Map([['dip', 'Teo']]) });
  expect(tasks.filter(({ hands }) => hands).every(({ cook }) => cook === 'Ilva')).toBe(true);
});

const shop = (more: Partial<ShopTonight> = {}): ShopTonight => ({
  open: [{ from: DAY + 540, to: DAY + 1080 }],
  minutes: 40,
  buys: new Set(['soya-drink', 'hazelnut']),
  ...more,
});

test('what is bought is bought while the shop is open, before it goes into its pot; the other pot does not wait', () => {
  const tasks = plan({ shop: shop() });
  const go = tasks.find(({ pot }) => pot === 'shop')!,
    first = (pot: string) => Math.min(...tasks.filter((task) => task.pot === pot).map(({ start }) => start));
  expect(go.end).toBeLessThanOrEqual(DAY + 1080);
  expect(first('melt')).toBeGreaterThanOrEqual(go.end);
  expect(
    tasks.filter(({ pot }) => pot === 'dip').some(({ after }) => after.some(({ id }) => id === go.id)),
  ).toBe(false);
  expect([go.shops, go.hands]).toEqual([1, true]);
});

test('nobody goes shopping for what nothing tonight wants', () => {
  expect(plan({ shop: shop({ buys: new Set(['hazelnut']) }) }).some(({ pot }) => pot === 'shop')).toBe(false);
});

const planOf = (cooked: readonly EveningPot[], more: Partial<KitchenTonight> = {}) => {
  const { evening, tasks } = eveningTonight({ pots: cooked }, known, { ...kitchen, ...more }),
    outcome = schedule(evening);
  if (outcome.kind === 'planned') expect(faultsOf(evening, outcome.plan)).toEqual([]);
  return { tasks, outcome };
};

test('made the day before, a sauce is in the fridge that evening and only warmed tonight', () => {
  const { tasks, outcome } = planOf([{ id: 'melt', formula: sauce('oat-drink'), dayBefore: true }]);
  if (outcome.kind !== 'planned') throw new Error('not planned');
  const when = new Map(outcome.plan.map(({ id, start, end }) => [id, { start, end }])),
    tonight = tasks.filter(({ id }) => when.get(id)!.start >= DAY);
  expect(tonight.map(({ operation }) => operation.kind)).toEqual(['heat']);
  expect(when.get(tonight[0]!.id)!.end).toBe(SERVE);
  for (const { id, operation } of tasks)
    if (!tonight.some((one) => one.id === id) && operation.kind !== 'chill')
      expect(when.get(id)!.end).toBeLessThanOrEqual(SERVE - DAY + 120);
  // The evening is as long as what is done tonight.
  expect(outcome.worth.span).toBe(SERVE - when.get(tonight[0]!.id)!.start);
});

test('what is served cold needs nothing tonight; what was pinned elsewhere or has no chill is left as it is', () => {
  const cold: Formula = { ...sauce('oat-drink'), serve: { temperatureC: 8, storage: 'cool', days: 0 } };
  const { outcome } = planOf([{ id: 'dip', formula: cold, dayBefore: true }]);
  if (outcome.kind !== 'planned') throw new Error('not planned');
  expect(outcome.plan.every(({ start }) => start < DAY)).toBe(true);
});

test('two long sauces on one burner cannot both be hot; with one of them made the day before they are', () => {
  const long = (first: string): Formula => ({
    ...sauce(first),
    method: [
      { kind: 'put-in', lines: [first, 'white-bean-boiled'] },
      { kind: 'heat', temperatureC: 85, minutes: 45 },
    ],
  });
  const two = (dayBefore: boolean) =>
    planOf(
      [
        { id: 'dip', formula: long('oat-drink'), dayBefore },
        { id: 'melt', formula: long('soya-drink') },
      ],
      { burners: 1 },
    ).outcome;
  const tonight = two(false);
  if (tonight.kind !== 'impossible') throw new Error('possible');
  expect(tonight.isSure).toBe(true);
  // Either of them.
  expect(tonight.helps.filter(({ kind }) => kind === 'before').map(({ what }) => what)).toEqual([
    'dip/1',
    'melt/1',
  ]);
  expect(tonight.helps.filter(({ kind }) => kind === 'stand')).toEqual([]);
  expect(two(true).kind).toBe('planned');
});

test('a cooked sauce keeps until tomorrow, an empty one nobody knows; raw garlic under oil does not', () => {
  expect(keepsOvernight(keepingOfFormula(sauce('oat-drink'), known.larder))).toBe(true);
  expect(keepingOfFormula({ ...sauce('oat-drink'), lines: [] }, known.larder)).toBeUndefined();
  expect(keepsOvernight(undefined)).toBe(false);
  const garlic: Formula = {
    ...formulaWith([
      ['olive-oil', 300],
      ['garlic', 30],
    ]),
    method: [{ kind: 'put-in', lines: ['olive-oil', 'garlic'] }],
  };
  const keeping = keepingOfFormula(garlic, known.larder)!;
  expect(keeping.garlicInOil).toBe(true);
  expect(keepsOvernight(keeping)).toBe(false);
});
