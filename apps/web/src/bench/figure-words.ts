import {
  colourWord,
  type Judged,
  type ContributionProperty,
  type PointPrediction,
  type PredictionFlag,
  railOf,
  type Report,
  wordFor,
} from '@alterum/core';
import { figure } from './number-text';

export const flagWords: Readonly<Record<PredictionFlag, string>> = {
  empty: 'Nothing is in the pot yet.',
  'no-water': 'There is hardly any water: this is fried or a paste, and the figures are rough.',
  'boiled-dry': 'More water is boiled off than there is; the pot would burn.',
  dough: 'More thickener than the model knows: it will be a dough, and the figures are capped.',
  'raw-starch':
    'Some starch stays raw and will taste floury: cook hotter or longer. Raw flour is not for eating.',
  'dry-starch-in-hot-liquid': 'Dry starch in hot liquid lumps: stir it into cold liquid first.',
};

/** Flags that only say how rough the figures are; a table spread is meant to hold hardly any water. */
export const quietFor = (flag: PredictionFlag, fatty: boolean): boolean => flag === 'no-water' && fatty;

const wordAt = (value: number, words: readonly (readonly [below: number, word: string])[]): string =>
  words.find(([below]) => value < below)?.[1] ?? '';

/** Words for a risk between 0 and 1. */
export const riskWord = (p: number): string =>
  wordAt(p, [
    [0.1, 'unlikely'],
    [0.35, 'possible'],
    [0.7, 'likely'],
    [Infinity, 'almost certain'],
  ]);
const weepWord = (w: number): string =>
  wordAt(w, [
    [0.5, 'holds its water'],
    [3, 'weeps a little'],
    [Infinity, 'weeps'],
  ]);
const riseWord = (c: number): string =>
  wordAt(c, [
    [1, 'stays mixed'],
    [4, 'rises in days'],
    [7, 'rises in a day'],
    [Infinity, 'rises soon'],
  ]);
const brownWord = (b: number): string =>
  wordAt(b, [
    [0.2, 'not baked'],
    [2, 'pale'],
    [5, 'golden'],
    [8, 'brown'],
    [Infinity, 'dark'],
  ]);

/** One figure as it stands on the plate; pressing it shows what made it. */
export interface ShownFigure {
  readonly name: string;
  readonly word: string;
  readonly detail: string;
  /** Absent where there is nothing to share out over the lines. */
  readonly property?: ContributionProperty;
  /** #rrggbb of a swatch. */
  readonly swatch?: string;
}

const percent = (p: number): string => `${Math.round(100 * p)} % likely`;

/** How it will feel and keep. */
export function feelFigures(judged: Judged): readonly ShownFigure[] {
  const { prediction: p } = judged;
  const grain = railOf('smoothness'),
    splitting = railOf('splitting');
  return [
    {
      name: grain.name,
      word: wordFor(grain, grain.value(judged).mid),
      detail: `${figure(p.graininess, grain.digits)} ${grain.unit}`,
      property: 'smoothness',
    },
    {
      name: splitting.name,
      word: wordFor(splitting, splitting.value(judged).mid),
      detail: percent(p.curdling),
      property: 'splitting',
    },
    {
      name: 'Standing',
      word: weepWord(p.weeping),
      detail: `${p.weeping.toFixed(1)} % let go`,
      property: 'weeping',
    },
    {
      name: 'Fat',
      word: riseWord(p.creaming),
      detail: `oil on top ${riskWord(p.oilingOff)}`,
      property: 'oiling-off',
    },
    { name: 'Acid', word: `pH ${p.pH.mid.toFixed(1)}`, detail: 'no basis for canning', property: 'pH' },
    {
      name: 'Colour',
      word: colourWord(p.colour.lab),
      detail: p.browning < 0.2 ? 'not baked' : `top ${brownWord(p.browning)}, ${p.browning.toFixed(1)} of 10`,
      swatch: p.colour.hex,
    },
  ];
}

/** `covered` below this is told: part of the pot is not in the tables. */
const NEARLY_ALL = 0.98;
const known = (covered: number, detail: string): string =>
  covered < NEARLY_ALL ? `${Math.round(100 * covered)} % of the pot known` : detail;

/** What one portion feeds, costs and weighs on the climate. */
export function portionFigures(p: PointPrediction, report: Report, portions: number): readonly ShownFigure[] {
  const { nutrition, cost, climate } = report;
  const each = (amount: number, digits = 1) => figure(amount / portions, digits);
  return [
    {
      name: 'A portion',
      word: `${each(p.massG, 0)} g`,
      detail: `${each(nutrition.energyKcal, 0)} kcal`,
      property: 'energy',
    },
    {
      name: 'Protein',
      word: `${each(nutrition.protein)} g`,
      detail: `carbohydrate ${each(nutrition.carbohydrate)} g`,
      property: 'protein',
    },
    {
      name: 'Saturated fat',
      word: `${each(nutrition.saturatedFat.amount)} g`,
      detail: known(nutrition.saturatedFat.covered, `of ${each(nutrition.fat)} g fat`),
      property: 'saturated-fat',
    },
    {
      name: 'Salt',
      word: `${each(nutrition.salt)} g`,
      detail: `calcium ${each(nutrition.calciumMg.amount, 0)} mg`,
      property: 'salt',
    },
    {
      name: 'Cost',
      word: `${each(cost.coins.mid, 2)} coins`,
      detail: known(cost.covered, `${each(cost.coins.low, 2)} to ${each(cost.coins.high, 2)}`),
      property: 'cost',
    },
    {
      name: 'Climate',
      word: `${each(1000 * climate.kgCO2e.mid, 0)} g CO₂e`,
      detail: known(
        climate.covered,
        `${each(1000 * climate.kgCO2e.low, 0)} to ${each(1000 * climate.kgCO2e.high, 0)}`,
      ),
      property: 'climate',
    },
  ];
}
