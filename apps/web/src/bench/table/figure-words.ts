import {
  colourWord,
  type Assessed,
  type LinedId,
  type PointPrediction,
  type PredictionFlag,
  propertyOf,
  type PropertyId,
  type Report,
  wordFor,
} from '@alterum/core';
import { figure } from '../../words/number-text';

export const flagWords: Readonly<Record<PredictionFlag, string>> = {
  empty: 'Nothing is in the pot yet.',
  'no-water': 'There is hardly any water: this is fried or a paste, and the figures are rough.',
  'boiled-dry': 'More water is boiled off than there is; the pot would burn.',
  dough: 'More thickener than the model knows: it will be a dough, and the figures are capped.',
  'raw-starch':
    'Some starch stays raw and will taste floury: cook hotter or longer. Raw flour is not for eating.',
  'gum-never-heated':
    'A gum or gel that needs heat has not met it: it does nothing here. Heat it, or take one that swells cold.',
  'dry-starch-in-hot-liquid': 'Dry starch in hot liquid lumps: stir it into cold liquid first.',
};

/** Flags that only say how rough the figures are; a table spread is meant to hold hardly any water. */
export const quietFor = (flag: PredictionFlag, fatty: boolean): boolean => flag === 'no-water' && fatty;

/** One figure as it stands on the plate; pressing it shows what made it. */
export interface ShownFigure {
  readonly name: string;
  readonly word: string;
  readonly detail: string;
  /** Absent where there is nothing to share out over the lines. */
  readonly property?: LinedId;
  /** #rrggbb of a swatch. */
  readonly swatch?: string;
}

/** A property as it stands on the plate: its word, or its figure where it has none; below it the figure or what is said beside it. */
function shownOf(id: LinedId, assessed: Assessed, detail?: string): ShownFigure {
  const property = propertyOf(id),
    { mid } = property.value(assessed);
  const said = `${figure(mid, property.digits)} ${property.unit}`;
  const word = wordFor(property, mid);
  return { name: property.name, word: word || said, detail: detail ?? said, property: id };
}

const wordOf = (id: PropertyId, assessed: Assessed): string => {
  const property = propertyOf(id);
  return wordFor(property, property.value(assessed).mid);
};

/** How it will feel and keep. */
export function feelFigures(assessed: Assessed, flecks: readonly string[] = []): readonly ShownFigure[] {
  const { prediction: p } = assessed;
  const top = wordOf('browning', assessed);
  const { digits, unit } = propertyOf('browning');
  return [
    shownOf('graininess', assessed),
    shownOf('curdling', assessed),
    shownOf('weeping', assessed),
    {
      ...shownOf('creaming', assessed, `oil on top ${wordOf('oiling-off', assessed)}`),
      property: 'oiling-off',
    },
    {
      ...shownOf('pH', assessed, 'no basis for canning'),
      word: `pH ${figure(p.pH.mid, propertyOf('pH').digits)}`,
    },
    {
      name: 'Colour',
      word: colourWord(p.colour.lab),
      detail:
        flecks.length > 0
          ? `with ${flecks.slice(0, 2).join(' and ')} flecks`
          : p.browning < BAKED
            ? top
            : `top ${top}, ${figure(p.browning, digits)} ${unit}`,
      swatch: p.colour.hex,
    },
  ];
}

/** Probability from which something is said to happen rather than that it may. */
const LIKELY = 0.6,
  UNLIKELY = 0.25;
const chanceWord = (chance: number, will: string, may: string, not: string): string =>
  chance >= LIKELY ? will : chance > UNLIKELY ? may : not;

/** The words for thickness that a cook may say of it, likeliest first, each with its chance in a hundred. */
function thicknessChances({ thicknessWords }: PointPrediction): string {
  const said = [...thicknessWords]
    .filter(({ chance }) => chance >= 0.1)
    .sort((a, b) => b.chance - a.chance)
    .slice(1, 3)
    .map(({ word, chance }) => `${word} ${Math.round(100 * chance)} %`);
  return said.length > 0 ? `or ${said.join(', ')}` : 'hardly in doubt';
}

/** What becomes of it in fridge and freezer, and how it fills the mouth. */
export function keptFigures({ kept }: Report, prediction: PointPrediction): readonly ShownFigure[] {
  const { block, freezing, keeping } = kept;
  const days = (d: number) => figure(d, d < 3 ? 1 : 0);
  const cut = chanceWord(block.slices, 'slices', 'may slice', 'too soft to slice');
  const grated = block.slices > UNLIKELY && block.grates >= LIKELY ? 'slices and grates' : cut;
  const firm =
    block.firmnessKPa < 1
      ? `${figure(1000 * block.firmnessKPa, 0)} Pa at 5 °C`
      : `${figure(block.firmnessKPa, block.firmnessKPa < 10 ? 1 : 0)} kPa at 5 °C`;
  return [
    {
      name: 'Thickness',
      word: prediction.thicknessClass,
      detail: thicknessChances(prediction),
      property: 'thickness',
    },
    {
      name: 'Cold',
      word: grated,
      detail: block.meltsAtC === undefined ? firm : `${firm}, melts at ${figure(block.meltsAtC, 0)} °C`,
    },
    {
      name: 'Thawed',
      word: chanceWord(freezing, 'separates', 'may separate', 'hardly changes'),
      detail: `${Math.round(100 * freezing)} % likely to part`,
    },
    {
      name: 'Keeps',
      word: `${days(keeping.low)} to ${days(keeping.high)} days`,
      detail: keeping.garlicInOil
        ? 'raw garlic in oil: only in the fridge'
        : `at 5 °C, as ${keeping.because}`,
    },
    {
      name: 'In the mouth',
      word: coatingWord(kept.mouthCoating),
      detail: `${figure(kept.mouthCoating, 1)} of 10`,
    },
    {
      name: 'Salt as tasted',
      word: `${figure(kept.saltAsTasted, 2)} %`,
      detail: `of ${figure(prediction.salt.mid, 2)} % that is in it`,
      property: 'salt',
    },
  ];
}

/** @source assumed: thirds of the scale */
const coatingWord = (index: number): string => (index < 3 ? 'clean' : index < 6.5 ? 'lingers' : 'coats');

/** Browning below which nothing was baked. */
const BAKED = 0.2;

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
