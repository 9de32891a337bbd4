export type CookedHow = 'boiled' | 'roasted' | 'fried' | 'drained';

/** g of the cooked or drained thing from 1 g of the raw or whole one. */
export interface YieldRow {
  readonly from: string;
  readonly to: string;
  readonly how: CookedHow;
  readonly factor: number;
  readonly cv: number;
  readonly source: string;
}

/** @source S-15 (yield factors of cooked foods), mid-range, P/E; `from` and `to` are larder ids, or a plain word for what the larder holds only cooked. */
export const yieldRows: readonly YieldRow[] = [
  { from: 'white-bean-dry', to: 'white-bean-boiled', how: 'boiled', factor: 2.4, cv: 0.07, source: 'S-15' },
  { from: 'chickpea-dry', to: 'chickpea-boiled', how: 'boiled', factor: 2.3, cv: 0.07, source: 'S-15' },
  { from: 'butter-bean-dry', to: 'butter-bean-boiled', how: 'boiled', factor: 2.4, cv: 0.07, source: 'S-15' },
  { from: 'kidney-bean-dry', to: 'kidney-bean-boiled', how: 'boiled', factor: 2.4, cv: 0.07, source: 'S-15' },
  { from: 'green-lentil-dry', to: 'green-lentil-boiled', how: 'boiled', factor: 2.4, cv: 0.07, source: 'S-15' },
  { from: 'soya-bean-dry', to: 'soya-bean-boiled', how: 'boiled', factor: 2.3, cv: 0.07, source: 'S-15' },
  { from: 'red-lentil-dry', to: 'red-lentil-boiled', how: 'boiled', factor: 2.9, cv: 0.1, source: 'S-15' },
  { from: 'rice-dry', to: 'rice-cooked', how: 'boiled', factor: 2.8, cv: 0.08, source: 'S-15' },
  { from: 'noodles, dry', to: 'wheat-noodles-cooked', how: 'boiled', factor: 2.3, cv: 0.08, source: 'S-15' },
  { from: 'potato', to: 'potato-boiled', how: 'boiled', factor: 0.87, cv: 0.06, source: 'S-15' },
  { from: 'cauliflower', to: 'cauliflower-roasted', how: 'roasted', factor: 0.65, cv: 0.1, source: 'S-15' },
  { from: 'squash', to: 'squash-roasted', how: 'roasted', factor: 0.7, cv: 0.1, source: 'S-15' },
  { from: 'carrot', to: 'carrot-roasted', how: 'roasted', factor: 0.65, cv: 0.1, source: 'S-15' },
  { from: 'onion', to: 'onion-roasted', how: 'roasted', factor: 0.65, cv: 0.12, source: 'S-15' },
  { from: 'aubergine', to: 'aubergine-roasted', how: 'roasted', factor: 0.6, cv: 0.12, source: 'S-15' },
  { from: 'red-pepper', to: 'red-pepper-roasted', how: 'roasted', factor: 0.6, cv: 0.12, source: 'S-15' },
  { from: 'mushroom', to: 'mushroom-roasted', how: 'fried', factor: 0.45, cv: 0.15, source: 'S-15' },
  { from: 'garlic', to: 'garlic-roasted', how: 'roasted', factor: 0.9, cv: 0.08, source: 'S-15' },
  { from: 'chickpeas, a 400 g can', to: 'chickpea-canned', how: 'drained', factor: 0.6, cv: 0.05, source: 'S-15' },
  { from: 'white beans, a 400 g can', to: 'white-bean-canned', how: 'drained', factor: 0.6, cv: 0.05, source: 'S-15' },
];
