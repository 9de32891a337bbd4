import type { Family } from '../../brief/family.js';
import type { LarderLookup } from '../../formula/recipe-of-formula.js';
import { type Recipe, uncooked } from '../../recipe/recipe.js';
import type { Nutrition } from '../../predict/nutrition/nutrition.js';
import { predict } from '../../predict/predict.js';
import type { Prediction } from '../../predict/prediction.js';
import { type Report, reportOn } from '../../predict/report.js';
import { celsius, grams } from '../../quantity/quantity.js';
import { counterparts } from './dairy-counterpart.params.js';

/** Figures that are compared for the same mass of both. */
export const comparedFigures = [
  'energyKcal',
  'fat',
  'saturatedFat',
  'protein',
  'carbohydrate',
  'salt',
  'calciumMg',
  'coins',
  'kgCO2e',
] as const;
export type ComparedFigure = (typeof comparedFigures)[number];

export interface Compared {
  readonly figure: ComparedFigure;
  /** For the same mass of each, in the figure's unit (g, kcal, mg, coins, kg). */
  readonly ours: number;
  readonly dairy: number;
}

export interface AgainstDairy {
  readonly name: string;
  /** g that both are given for. */
  readonly massG: number;
  readonly rows: readonly Compared[];
  readonly dairy: Prediction;
}

/** The recipe of the dairy thing a family replaces. @throws RangeError when the larder lacks one of its lines (a caller's bug) */
export function counterpartRecipe(family: Family, larder: LarderLookup): Recipe {
  const row = counterparts[family];
  return {
    lines: row.lines.map(([id, mass]) => {
      const ingredient = larder(id);
      if (!ingredient) throw new RangeError(`the larder has no "${id}"`);
      return { ingredient, mass: grams(mass), preparation: 'as-is' as const, stage: 'start' as const };
    }),
    process: { ...uncooked, ...row.process },
    serving: { temperatureC: celsius(row.serveC), storage: 'cool', days: 0 },
  };
}

function amountsOf(
  nutrition: Nutrition,
  { cost, climate }: Report,
): Readonly<Record<ComparedFigure, number>> {
  const { energyKcal, fat, saturatedFat, protein, carbohydrate, salt, calciumMg } = nutrition;
  return {
    energyKcal,
    fat,
    protein,
    carbohydrate,
    salt,
    saturatedFat: saturatedFat.amount,
    calciumMg: calciumMg.amount,
    coins: cost.coins.mid,
    kgCO2e: climate.kgCO2e.mid,
  };
}

/** What is won and lost against the dairy thing, for the same mass of both. */
export function againstDairy(
  family: Family,
  ours: { readonly massG: number; readonly report: Report },
  massG: number,
  larder: LarderLookup,
): AgainstDairy {
  const recipe = counterpartRecipe(family, larder);
  const dairy = predict(recipe),
    report = reportOn(recipe);
  const here = amountsOf(ours.report.nutrition, ours.report),
    there = amountsOf(report.nutrition, report);
  const share = (amount: number, of: number) => (of > 0 ? (amount * massG) / of : 0);
  return {
    name: counterparts[family].name,
    massG,
    dairy,
    rows: comparedFigures.map((figure) => ({
      figure,
      ours: share(here[figure], ours.massG),
      dairy: share(there[figure], dairy.massG),
    })),
  };
}
