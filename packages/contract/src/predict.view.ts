import type {
  AgainstDairy,
  CurvePoint,
  HomeTests,
  PredictionFlag,
  PropertyContributions,
  SpreadableWindow,
  ThicknessClass,
  WordChance,
  Warning,
} from '@alterum/core';

/** An 80 % interval around the predicted value. */
export interface BandView {
  readonly low: number;
  readonly mid: number;
  readonly high: number;
}

/** What something feeds; g unless the name says otherwise. Where `covered` is below 1 the tables do not know every line. */
export interface NutritionView {
  readonly massG: number;
  readonly energyKcal: number;
  readonly energyKJ: number;
  readonly fatG: number;
  readonly saturatedFatG: number;
  readonly saturatedFatCovered: number;
  readonly carbohydrateG: number;
  readonly sugarsG: number;
  readonly fibreG: number;
  readonly proteinG: number;
  readonly saltG: number;
  readonly calciumMg: number;
  readonly calciumCovered: number;
}

/** Coins, and kg of CO2 equivalents, for the same portion or batch. */
export interface MoneyAndClimateView {
  readonly costCoins: BandView;
  readonly costCovered: number;
  readonly climateKgCO2e: BandView;
  readonly climateCovered: number;
}

/** What cooks ask of a pot once it is made. */
export interface KeptView {
  /** After a night at 5 °C; `meltsAtC` is null where it never set, or does not melt below the boil. */
  readonly chilled: {
    readonly firmnessKPa: number;
    readonly slicesProbability: number;
    readonly gratesProbability: number;
    readonly meltsAtC: number | null;
  };
  /** That it is seen to separate when it thaws. */
  readonly freezingProbability: number;
  /** At 5 °C in a clean box; usual for the kind that goes off first, never a proof of safety. */
  readonly keepsDays: {
    readonly low: number;
    readonly high: number;
    readonly because: string;
    readonly garlicInOil: boolean;
  };
  readonly mouthCoating: number;
  readonly saltAsTastedPct: number;
}

/** What the model says; units stand in the names. */
export interface PredictResponse {
  readonly massG: number;
  readonly volumeMl: number;
  readonly evaporatedG: number;
  readonly absorbedG: number;
  /** What soaking and boiling brought in beyond what was weighed; below 0: roasting or frying took. */
  readonly broughtG: number;
  readonly fatPct: number;
  readonly proteinPct: number;
  readonly saltPct: number;
  readonly sweetnessPct: number;
  readonly savorinessPct: number;
  readonly sournessMEqPerKg: number;
  readonly pH: number;
  readonly energyKcal: number;
  /** Bands of the figures above. */
  readonly bands: Readonly<
    Record<
      | 'fatPct'
      | 'proteinPct'
      | 'saltPct'
      | 'sweetnessPct'
      | 'savorinessPct'
      | 'sournessMEqPerKg'
      | 'pH'
      | 'energyKcal'
      | 'yieldStressPa'
      | 'solidFatPct',
      BandView
    >
  >;
  readonly viscosityMPaS: BandView;
  readonly yieldStressPa: number;
  readonly thicknessClass: ThicknessClass;
  readonly thicknessRange: readonly [ThicknessClass, ThicknessClass];
  readonly thicknessWords: readonly WordChance[];
  readonly stretchCm: BandView;
  readonly curdlingProbability: number;
  readonly graininess: number;
  readonly lumps: number;
  readonly particleSizeUm: number;
  readonly weepingPct: number;
  readonly creaming: number;
  readonly oilingOffProbability: number;
  readonly browning: number;
  readonly bitter: number;
  readonly pungent: number;
  readonly solidFatPct: number;
  readonly spreadableC: SpreadableWindow | null;
  readonly colourHex: string;
  readonly colourLab: readonly [number, number, number];
  /** Colours of flecks that are seen one by one, the most first. */
  readonly fleckColours: readonly string[];
  readonly homeTests: HomeTests;
  readonly kept: KeptView;
  readonly nutrition: {
    readonly batch: NutritionView;
    readonly portion: NutritionView;
    readonly per100g: NutritionView;
  };
  readonly moneyAndClimate: { readonly batch: MoneyAndClimateView; readonly portion: MoneyAndClimateView };
  readonly againstDairy: AgainstDairyView | null;
  readonly curve: readonly {
    readonly temperatureC: CurvePoint['temperatureC'];
    readonly viscosityMPaS: number;
    readonly low: number;
    readonly high: number;
  }[];
  readonly contributions: readonly PropertyContributions[];
  /** What became of each line, in the order of the lines that weigh something. */
  readonly lines: readonly LineFateView[];
  readonly flags: readonly PredictionFlag[];
  /** What can be computed but is hardly meant, by field. */
  readonly warnings: readonly Warning[];
}

/** What one line met on its way. */
export interface LineFateView {
  readonly ingredient: string;
  /** “formula:id” of the sauce it is a part of; null for a line of its own. */
  readonly inside: string | null;
  /** g as weighed before, and g as it came into the pot with what it drank or lost. */
  readonly weighedG: number;
  readonly arrivedG: number;
  /** Hottest it was since it went in, and the minutes all its heat is worth there. */
  readonly hottestC: number;
  readonly minutes: number;
  /** µm after the blades; 0 for what has no pieces. */
  readonly sizeUm: number;
  /** 0..1 of it that stays in pieces. */
  readonly inPieces: number;
  /** Share of its aroma that the heat left; null where no rate is known. */
  readonly aromaLeft: number | null;
}

export type AgainstDairyView = Pick<AgainstDairy, 'name' | 'massG' | 'rows'>;
