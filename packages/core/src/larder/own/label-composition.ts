import { energyFactors } from '../../predict/nutrition/energy.js';
import { KJ_PER_KCAL } from '../../predict/nutrition/nutrition.js';

/** A nutrition label as printed, g unless the name says otherwise; what the pack does not say is left out. */
export interface NutritionLabel {
  /** g that the figures are for: 100, or one serving. */
  readonly perG: number;
  readonly energyKJ?: number;
  readonly energyKcal?: number;
  readonly fat: number;
  readonly saturatedFat?: number;
  readonly carbohydrate: number;
  readonly sugars?: number;
  readonly fibre?: number;
  readonly protein: number;
  readonly salt: number;
  readonly calciumMg?: number;
}

/** The same, for 100 g. */
export type Per100Label = Omit<NutritionLabel, 'perG' | 'energyKJ'>;

export interface LabelProblem {
  readonly field: keyof NutritionLabel;
  readonly message: string;
}

const said = (x: number): string => String(Math.round(x * 10) / 10);
/** Label rounding and fibre factors let energy and components differ by this share. @source (EU) guidance on tolerances, S-10 */
const ENERGY_TOLERANCE = 0.25;
/** kcal below which the comparison says nothing. */
const LEAST_ENERGY = 15;

const scaled = (label: NutritionLabel): Per100Label => {
  const to100 = 100 / label.perG;
  const of = (value: number | undefined) => (value === undefined ? undefined : value * to100);
  const energyKcal = of(
    label.energyKcal ?? (label.energyKJ === undefined ? undefined : label.energyKJ / KJ_PER_KCAL),
  );
  const optional = Object.fromEntries(
    Object.entries({
      energyKcal,
      saturatedFat: of(label.saturatedFat),
      sugars: of(label.sugars),
      fibre: of(label.fibre),
      calciumMg: of(label.calciumMg),
    }).filter(([, value]) => value !== undefined),
  );
  return {
    fat: label.fat * to100,
    carbohydrate: label.carbohydrate * to100,
    protein: label.protein * to100,
    salt: label.salt * to100,
    ...optional,
  };
};

/** Energy of the components as a label in Europe counts it, kcal per 100 g. @source S-10 */
export const energyOfLabel = (label: Per100Label): number =>
  energyFactors.fat * label.fat +
  energyFactors.protein * label.protein +
  energyFactors.carbohydrate * label.carbohydrate +
  energyFactors.fibre * (label.fibre ?? 0);

/** What cannot be right about a label, each with the field to look at. */
export function problemsOfLabel(label: NutritionLabel): readonly LabelProblem[] {
  if (!(label.perG > 0))
    return [{ field: 'perG', message: 'Say how many grams the figures are for: 100, or one serving.' }];
  const l = scaled(label);
  const problems: LabelProblem[] = [];
  const all = l.fat + l.carbohydrate + l.protein + l.salt + (l.fibre ?? 0);
  if (all > 100.5)
    problems.push({
      field: 'perG',
      message: `The parts add up to ${said(all)} g in 100 g. Check the figures, or whether they are for a serving.`,
    });
  if ((l.saturatedFat ?? 0) > l.fat + 0.05)
    problems.push({ field: 'saturatedFat', message: 'There is more saturated fat than fat.' });
  if ((l.sugars ?? 0) > l.carbohydrate + 0.05)
    problems.push({ field: 'sugars', message: 'There is more sugar than carbohydrate.' });
  const energy = energyOfLabel(l);
  if (
    l.energyKcal !== undefined &&
    Math.max(energy, l.energyKcal) > LEAST_ENERGY &&
    Math.abs(energy / l.energyKcal - 1) > ENERGY_TOLERANCE
  )
    problems.push({
      field: label.energyKcal === undefined ? 'energyKJ' : 'energyKcal',
      message: `The parts hold about ${said(energy)} kcal in 100 g, the label says ${said(l.energyKcal)}. One of the figures is off.`,
    });
  return problems;
}

/** @throws RangeError when the label has problems (callers check first) */
export function per100Of(label: NutritionLabel): Per100Label {
  const [problem] = problemsOfLabel(label);
  if (problem) throw new RangeError(problem.message);
  return scaled(label);
}
