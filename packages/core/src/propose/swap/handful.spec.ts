import { ingredientById } from '../../larder/catalog/larder-table.js';
import { grams } from '../../quantity/quantity.js';
import { bestFirst, handfulOf } from './handful.js';
import type { SwapOption } from './swap-option.js';

/** An option that puts one thing in the place of the first line. */
function optionWith(id: string, rank: number, more: Partial<SwapOption> = {}): SwapOption {
  const ingredient = ingredientById(id);
  if (!ingredient) throw new Error(`the larder has no ${id}`);
  return {
    lines: [{ ingredient, mass: grams(10), preparation: 'as-is', stage: 'start', replaces: 0 }],
    in: [ingredient.name],
    rank,
    regard: 'clear',
    school: 'one school',
    alike: [],
    ...more,
  } as unknown as SwapOption;
}
const ids = (options: readonly SwapOption[]) => options.map(({ lines: [first] }) => first?.ingredient.id);

test('near-twins are one proposal with a choice inside, the best of them in front', () => {
  const [first, ...rest] = handfulOf([
    optionWith('shiitake-dried', 2),
    optionWith('porcini-dried', 1),
    optionWith('mushroom-roasted', 2.5),
    optionWith('rice-miso', 1.5),
  ]);
  expect(ids([first!])).toEqual(['porcini-dried']);
  expect(ids(first?.alike ?? [])).toEqual(['shiitake-dried', 'mushroom-roasted']);
  expect(ids(rest)).toEqual(['rice-miso']);
});

test('the same thing with another help beside it is not offered twice', () => {
  const [first] = handfulOf([optionWith('porcini-dried', 1), optionWith('porcini-dried', 2)]);
  expect(first?.alike).toEqual([]);
});

test('a question about an allergy stands behind everything else, a relative behind a question, whatever their rank', () => {
  const options = [
    optionWith('peanut', 0.1, { regard: 'related' }),
    optionWith('sunflower-seed', 0.5, { regard: 'asks-allergy' }),
    optionWith('white-bean-boiled', 2, { regard: 'asks' }),
    optionWith('tofu-firm', 1),
  ];
  expect(ids(bestFirst(options))).toEqual(['tofu-firm', 'white-bean-boiled', 'sunflower-seed', 'peanut']);
  expect(ids(handfulOf(options))).toEqual(['tofu-firm', 'white-bean-boiled', 'sunflower-seed', 'peanut']);
});

test('where there is enough without a question, one place is left for what is asked about', () => {
  const clear = ['tofu-firm', 'white-bean-boiled', 'cauliflower', 'potato', 'hazelnut', 'tahini'].map(
    (id, i) => optionWith(id, 1 + i / 10),
  );
  const asked = ['sunflower-seed', 'cashew-butter'].map((id) =>
    optionWith(id, 0.9, { regard: 'asks-allergy' }),
  );
  const shown = handfulOf([...clear, ...asked]);
  expect(shown).toHaveLength(5);
  expect(shown.filter(({ regard }) => regard === 'asks-allergy')).toHaveLength(1);
});

test('what is far behind the best is not shown to fill a list, but one of another school is', () => {
  const near = [optionWith('tofu-firm', 3), optionWith('potato', 5)];
  const far = optionWith('cauliflower', 9.5);
  expect(ids(handfulOf([...near, far]))).toEqual(['tofu-firm', 'potato']);
  const other = optionWith('cauliflower', 7.5, { school: 'another school' });
  expect(ids(handfulOf([...near, other]))).toEqual(['tofu-firm', 'potato', 'cauliflower']);
  expect(handfulOf([])).toEqual([]);
});

test('what is kin to the allergen is left out once there are three without a question', () => {
  const kin = optionWith('peanut', 0.1, { regard: 'related' }),
    clear = ['tofu-firm', 'white-bean-boiled', 'potato'].map((id, i) => optionWith(id, 1 + i / 10));
  expect(ids(handfulOf([kin, ...clear.slice(0, 2)]))).toContain('peanut');
  expect(ids(handfulOf([kin, ...clear]))).not.toContain('peanut');
});

test('of one kind, what nobody has to ask about and what somebody has are two ways', () => {
  const shown = handfulOf([
    optionWith('oat-flakes-gluten-free', 1, { regard: 'asks-allergy' }),
    optionWith('rice-flour', 1.5),
    optionWith('buckwheat-flour', 2, { regard: 'asks-allergy' }),
    optionWith('corn-starch', 2.2),
  ]);
  expect(ids(shown)).toEqual(['rice-flour', 'corn-starch', 'oat-flakes-gluten-free']);
  expect(ids(shown[2]?.alike ?? [])).toEqual(['buckwheat-flour']);
});
