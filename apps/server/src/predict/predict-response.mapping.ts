import type {
  KeptView,
  LineFateView,
  MoneyAndClimateView,
  NutritionView,
  PredictResponse,
} from '@alterum/contract';
import {
  type AgainstDairy,
  aromaLeft,
  assemble,
  type Band,
  type Kept,
  contributionsOf,
  type Nutrition,
  type Prediction,
  type Recipe,
  type Report,
  warningsOf,
} from '@alterum/core';

/** The batch times `share`. */
function nutritionView(nutrition: Nutrition, massG: number, share: number): NutritionView {
  const { energyKcal, energyKJ, fat, saturatedFat, carbohydrate, sugars, fibre, protein, salt, calciumMg } =
    nutrition;
  return {
    massG: massG * share,
    energyKcal: energyKcal * share,
    energyKJ: energyKJ * share,
    fatG: fat * share,
    saturatedFatG: saturatedFat.amount * share,
    saturatedFatCovered: saturatedFat.covered,
    carbohydrateG: carbohydrate * share,
    sugarsG: sugars * share,
    fibreG: fibre * share,
    proteinG: protein * share,
    saltG: salt * share,
    calciumMg: calciumMg.amount * share,
    calciumCovered: calciumMg.covered,
  };
}

const scaled = ({ low, mid, high }: Band, by: number): Band => ({
  low: low * by,
  mid: mid * by,
  high: high * by,
});

const keptView = ({ block, freezing, keeping, mouthCoating, saltAsTasted }: Kept): KeptView => ({
  chilled: {
    firmnessKPa: block.firmnessKPa,
    slicesProbability: block.slices,
    gratesProbability: block.grates,
    meltsAtC: block.meltsAtC ?? null,
  },
  freezingProbability: freezing,
  keepsDays: keeping,
  mouthCoating,
  saltAsTastedPct: saltAsTasted,
});

const moneyView = ({ cost, climate }: Report, share: number): MoneyAndClimateView => ({
  costCoins: scaled(cost.coins, share),
  costCovered: cost.covered,
  climateKgCO2e: scaled(climate.kgCO2e, share),
  climateCovered: climate.covered,
});

/** What became of each line. */
function fatesOf(recipe: Recipe): readonly LineFateView[] {
  const { fates, linePlaces } = assemble(recipe);
  return fates.map((fate, k) => {
    const line = recipe.lines[linePlaces[k]!]!;
    const ingredient = fate.ingredient ?? line.ingredient;
    return {
      ingredient: ingredient.id,
      inside: ingredient.id === line.ingredient.id ? null : line.ingredient.id,
      weighedG: fate.weighedG,
      arrivedG: fate.arrivedG,
      hottestC: fate.heat.maxTemperature,
      minutes: fate.heat.hold,
      sizeUm: fate.ground.diameter,
      inPieces: fate.pieces,
      aromaLeft: aromaLeft(ingredient, fate.aromaMinutes) ?? null,
    };
  });
}

export interface Predicted {
  readonly recipe: Recipe;
  readonly prediction: Prediction;
  readonly report: Report;
  readonly portions: number;
  readonly against: AgainstDairy | undefined;
}

/** The core's figures in the words and units of the contract. */
export function predictResponse({
  recipe,
  prediction: p,
  report,
  portions,
  against,
}: Predicted): PredictResponse {
  const per100 = p.massG > 0 ? 100 / p.massG : 0;
  return {
    massG: p.massG,
    volumeMl: p.volumeMl,
    evaporatedG: p.evaporatedG,
    absorbedG: p.absorbedG,
    broughtG: p.broughtG,
    fatPct: p.fat.mid,
    proteinPct: p.protein.mid,
    saltPct: p.salt.mid,
    sweetnessPct: p.sweetness.mid,
    savorinessPct: p.savoriness.mid,
    sournessMEqPerKg: p.sourness.mid,
    pH: p.pH.mid,
    energyKcal: p.energyKcal.mid,
    bands: {
      fatPct: p.fat,
      proteinPct: p.protein,
      saltPct: p.salt,
      sweetnessPct: p.sweetness,
      savorinessPct: p.savoriness,
      sournessMEqPerKg: p.sourness,
      pH: p.pH,
      energyKcal: p.energyKcal,
      yieldStressPa: p.yieldStress,
      solidFatPct: p.solidFat,
    },
    viscosityMPaS: p.viscosity,
    yieldStressPa: p.yieldStress.mid,
    thicknessClass: p.thicknessClass,
    thicknessRange: p.thicknessRange,
    thicknessWords: p.thicknessWords,
    stretchCm: p.stretch,
    curdlingProbability: p.curdling,
    graininess: p.graininess,
    lumps: p.lumps,
    particleSizeUm: p.particleSizeUm,
    weepingPct: p.weeping,
    creaming: p.creaming,
    oilingOffProbability: p.oilingOff,
    browning: p.browning,
    bitter: p.bitter,
    pungent: p.pungent,
    solidFatPct: p.solidFat.mid,
    spreadableC: report.spreadable ?? null,
    colourHex: p.colour.hex,
    colourLab: p.colour.lab,
    fleckColours: report.flecks,
    homeTests: report.homeTests,
    kept: keptView(report.kept),
    nutrition: {
      batch: nutritionView(report.nutrition, p.massG, 1),
      portion: nutritionView(report.nutrition, p.massG, 1 / portions),
      per100g: nutritionView(report.nutrition, p.massG, per100),
    },
    moneyAndClimate: { batch: moneyView(report, 1), portion: moneyView(report, 1 / portions) },
    againstDairy: against ? { name: against.name, massG: against.massG, rows: against.rows } : null,
    curve: p.curve.map(({ temperatureC, viscosity }) => ({
      temperatureC,
      viscosityMPaS: viscosity.mid,
      low: viscosity.low,
      high: viscosity.high,
    })),
    contributions: contributionsOf(recipe),
    lines: fatesOf(recipe),
    flags: p.flags,
    warnings: warningsOf(recipe),
  };
}
