import type { Straining } from '../../ingredient/handling.js';

type Columns = readonly [ids: readonly string[], protein: number, fat: number, starch: number];

/** Shares of protein, fat and starch that go through a cloth after blending, by larder id. @source kitchen physics 11, E, CV 0.2: dry pulp of soya 0.35, almond 0.45, sunflower 0.4, hemp 0.18, cashew 0.1, oat 0.7, pulses 0.35 of the dry mass */
const columns: readonly Columns[] = [
  [['soya-bean-dry'], 0.75, 0.75, 0.7],
  [['almond', 'hazelnut', 'brazil-nut', 'walnut', 'pecan'], 0.55, 0.6, 0.9],
  [['sunflower-seed', 'pumpkin-seed', 'sesame-seed'], 0.6, 0.65, 0.9],
  [['hemp-seed'], 0.85, 0.85, 0.9],
  [['cashew', 'cashew-roasted-salted', 'macadamia', 'pine-nut'], 0.9, 0.93, 0.95],
  [['oat-flakes', 'oat-flakes-gluten-free'], 0.35, 0.5, 0.3],
  [['red-lentil-dry', 'split-pea-dry', 'mung-dry', 'chickpea-dry', 'white-bean-dry', 'kidney-bean-dry', 'butter-bean-dry', 'green-lentil-dry'], 0.65, 0.6, 0.75],
  [['rice-dry'], 0.3, 0.4, 0.5],
];

export const strainRows: Readonly<Record<string, Straining>> = Object.fromEntries(
  columns.flatMap(([ids, protein, fat, starch]) =>
    ids.map((id): [string, Straining] => [id, { protein, fat, starch, source: 'S-15' }]),
  ),
);
