import { families } from '../../brief/family.js';
import { ingredientById } from '../../larder/catalog/larder-table.js';
import { predict } from '../../predict/predict.js';
import { reportOn } from '../../predict/report.js';
import { againstDairy, counterpartRecipe } from './against-dairy.js';

const ours = (family: (typeof families)[number]) => {
  const recipe = counterpartRecipe(family, ingredientById);
  return { massG: predict(recipe).massG, report: reportOn(recipe) };
};

test('every family has a dairy thing to be held against, and that thing against itself wins and loses nothing', () => {
  for (const family of families) {
    const against = againstDairy(family, ours(family), 100, ingredientById);
    for (const row of against.rows) expect(row.ours).toBeCloseTo(row.dairy, 9);
    expect(against.rows.find((row) => row.figure === 'energyKcal')?.dairy).toBeGreaterThan(50);
  }
});

test('melted hard cheese holds far more protein and calcium than a bean melt', () => {
  const beans = {
    lines: [
      {
        ingredient: ingredientById('white-bean-boiled')!,
        mass: 300 as never,
        preparation: 'as-is' as const,
        stage: 'start' as const,
      },
    ],
    process: counterpartRecipe('dip', ingredientById).process,
    serving: counterpartRecipe('dip', ingredientById).serving,
  };
  const against = againstDairy('stretchy-melt', { massG: 300, report: reportOn(beans) }, 100, ingredientById);
  const row = (figure: string) => against.rows.find((entry) => entry.figure === figure);
  expect(row('protein')?.ours).toBeCloseTo(8.5, 1);
  expect(row('protein')?.dairy).toBeGreaterThan(20);
  expect(row('calciumMg')?.dairy).toBeGreaterThan(5 * (row('calciumMg')?.ours ?? 0));
  expect(row('kgCO2e')?.dairy).toBeGreaterThan(5 * (row('kgCO2e')?.ours ?? 0));
});
