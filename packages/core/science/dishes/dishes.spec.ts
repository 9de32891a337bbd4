import { reportOnDish } from '../../src/dish/dish.js';
import { dishOfRow } from './dish-of-row.js';
import { dishes } from './dishes.table.js';

const reports = dishes.map((row) => ({ row, report: reportOnDish(dishOfRow(row)) }));

test('of twenty dishes of every kitchen, eighteen at least come out as cooks see them', () => {
  expect(reports).toHaveLength(20);
  const missed = reports.filter(({ row, report }) => !row.seen.includes(report.moisture.word));
  expect(missed.map(({ row }) => row.name).length).toBeLessThanOrEqual(2);
});

test.each(reports.map(({ row, report }) => [row.name, report] as const))(
  'of the %s no water is lost that is not told, and every word has its chance',
  (_name, { moisture: { budget, places, chances, perLayer, word } }) => {
    const left = budget.reachableG + budget.releasedG - budget.drunkG - budget.evaporatedG - budget.boundG;
    expect(budget.freeG).toBeCloseTo(left, 6);
    expect(Math.min(...budget.freeByLayer)).toBeGreaterThanOrEqual(0);
    expect(places.reduce((all, { freeG }) => all + freeG, 0)).toBeCloseTo(budget.freeG, 6);
    expect(budget.filled).toBeGreaterThanOrEqual(0);
    expect(budget.filled).toBeLessThanOrEqual(1 + 1e-9);
    const all = Object.values(chances);
    expect(all.reduce((sum, chance) => sum + chance, 0)).toBeCloseTo(1, 9);
    expect(Math.min(...all)).toBeGreaterThanOrEqual(0);
    expect(perLayer.low).toBeLessThanOrEqual(perLayer.mid);
    expect(perLayer.mid).toBeLessThanOrEqual(perLayer.high);
    // What it is called is among the likelier of its words.
    expect([...all].sort((a, b) => b - a).slice(0, 2)).toContain(chances[word]);
  },
);

test('the stingy lasagne is the driest, the swimming noodles are the wettest', () => {
  const of = (name: string) => reports.find(({ row }) => row.name === name)!.report.moisture.perLayer.mid;
  const all = reports.map(({ report }) => report.moisture.perLayer.mid);
  expect(of('lasagne that was stingy with sauce')).toBe(Math.min(...all));
  expect(of('noodle bake that swims')).toBe(Math.max(...all));
  expect(of('courgette gratin, raw slices')).toBeGreaterThan(
    4 * of('courgette gratin, salted and squeezed, under crumbs'),
  );
});
