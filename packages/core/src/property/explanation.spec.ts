import { ingredientById } from '../larder/catalog/larder-table.js';
import { linedIds } from './contributions.js';
import { assemble } from '../predict/assemble/assemble.js';
import { uncooked } from '../recipe/recipe.js';
import { lineOf } from '../../science/random-pots.js';
import { explanationOf } from './explanation.js';

const mixOf = (...lines: readonly (readonly [string, number])[]) =>
  assemble({
    lines: lines.flatMap(([id, g]) => {
      const found = ingredientById(id);
      return found ? [lineOf(found, g)] : [];
    }),
    process: { ...uncooked, maxTemperatureC: 95, holdMin: 4 },
  });

test('every figure opens to a sentence and a source', () => {
  const mix = mixOf(['water', 240], ['tapioca-starch', 20]);
  for (const property of linedIds) {
    const { law, sources } = explanationOf(property, mix);
    expect(law).toMatch(/\w.*\.$/);
    expect(sources.length).toBeGreaterThan(0);
  }
});

test('thickness shows the parameters of what is in this pot, and no others', () => {
  const names = (mix: ReturnType<typeof mixOf>) =>
    explanationOf('thickness', mix)
      .parameters.map((row) => row.name)
      .join('; ');
  expect(names(mixOf(['water', 240], ['tapioca-starch', 20]))).toContain('tapioca');
  expect(names(mixOf(['water', 240], ['tapioca-starch', 20]))).not.toContain('cell walls');
  expect(names(mixOf(['carrot', 240]))).toContain('cell walls');
  expect(names(mixOf(['water', 240], ['xanthan', 1]))).toContain('xanthan');
});
