/** One form that does the work of another. */
export interface EquivalentRow {
  readonly from: string;
  readonly to: string;
  /** g of `to` for 1 g of `from`. */
  readonly factor: number;
  readonly kind: 'fresh-dried' | 'fresh-powder' | 'salted-unsalted' | 'juice' | 'strength';
  /** g of salt that must go elsewhere for each g of `from` that is replaced; negative where it must be added. */
  readonly saltToTakeOut: number;
  readonly source: string;
}

/** @source S-15 (flavour strength by dry matter; salt by composition), P/E. */
const oneWay: readonly EquivalentRow[] = [
  { from: 'garlic', to: 'garlic-powder', factor: 0.3, kind: 'fresh-powder', saltToTakeOut: 0, source: 'S-15' },
  { from: 'onion', to: 'onion-powder', factor: 0.08, kind: 'fresh-powder', saltToTakeOut: 0, source: 'S-15' },
  { from: 'parsley-fresh', to: 'parsley-dried', factor: 0.13, kind: 'fresh-dried', saltToTakeOut: 0, source: 'S-15' },
  { from: 'basil-fresh', to: 'basil-dried', factor: 0.13, kind: 'fresh-dried', saltToTakeOut: 0, source: 'S-15' },
  { from: 'dill-fresh', to: 'dill-dried', factor: 0.14, kind: 'fresh-dried', saltToTakeOut: 0, source: 'S-15' },
  { from: 'tomato-fresh', to: 'tomato-canned', factor: 1, kind: 'fresh-dried', saltToTakeOut: 0.001, source: 'S-15' },
  { from: 'mushroom', to: 'shiitake-dried', factor: 0.06, kind: 'fresh-dried', saltToTakeOut: 0, source: 'S-15' },
  { from: 'lemon-juice', to: 'lime-juice', factor: 0.97, kind: 'juice', saltToTakeOut: 0, source: 'S-15' },
  { from: 'lemon-juice', to: 'white-vinegar', factor: 1.05, kind: 'strength', saltToTakeOut: 0, source: 'S-15' },
  { from: 'lemon-juice', to: 'citric-acid', factor: 0.056, kind: 'strength', saltToTakeOut: 0, source: 'S-15' },
  { from: 'cashew', to: 'cashew-roasted-salted', factor: 1, kind: 'salted-unsalted', saltToTakeOut: 0.0107, source: 'S-15' },
  { from: 'peanut-butter', to: 'peanut-butter-salted', factor: 1, kind: 'salted-unsalted', saltToTakeOut: 0.0105, source: 'S-15' },
  { from: 'vegetable-stock-unsalted', to: 'vegetable-stock', factor: 1, kind: 'salted-unsalted', saltToTakeOut: 0.0075, source: 'S-15' },
  { from: 'soy-sauce-reduced-salt', to: 'soy-sauce', factor: 1, kind: 'salted-unsalted', saltToTakeOut: 0.06, source: 'S-15' },
  { from: 'white-bean-boiled', to: 'white-bean-canned', factor: 1, kind: 'salted-unsalted', saltToTakeOut: 0.0055, source: 'S-15' },
  { from: 'chickpea-boiled', to: 'chickpea-canned', factor: 1, kind: 'salted-unsalted', saltToTakeOut: 0.005, source: 'S-15' },
  { from: 'vegetable-stock', to: 'stock-powder', factor: 0.017, kind: 'strength', saltToTakeOut: 0, source: 'S-15' },
  { from: 'salt', to: 'sea-salt-flakes', factor: 1.02, kind: 'strength', saltToTakeOut: 0, source: 'S-15' },
];

/** Every row both ways round. */
export const equivalentRows: readonly EquivalentRow[] = oneWay.flatMap((row) => [
  row,
  { ...row, from: row.to, to: row.from, factor: 1 / row.factor, saltToTakeOut: -row.saltToTakeOut / row.factor },
]);
