import { ingredientById } from '../src/larder/catalog/larder-table.js';
import { solidFatOfMix } from '../src/predict/fat/solid-fat.js';
import { assemble } from '../src/predict/assemble/assemble.js';
import type { Preparation } from '../src/recipe/preparation.js';
import type { Process, Recipe, Stage, Storage } from '../src/recipe/recipe.js';
import { predict } from '../src/predict/predict.js';
import { equivalentUmami, type UmamiCompounds } from '../src/predict/taste/taste.js';
import { celsius, grams } from '../src/quantity/quantity.js';

/** What an anchor measures. */
export type AnchorQuantity =
  | 'viscosity'
  | 'viscosity-ratio'
  | 'pull'
  | 'yield-stress'
  | 'firmness'
  | 'pH'
  | 'solid-fat'
  | 'umami'
  | 'salt'
  | 'sour'
  | 'sweet'
  | 'curdling'
  | 'graininess'
  | 'weeping'
  | 'browning'
  | 'water-lost'
  | 'energy'
  | 'uptake'
  | 'yield'
  | 'mass-left'
  | 'rate'
  | 'left'
  | 'size'
  | 'given'
  | 'dried'
  | 'minutes';

export type AnchorFamily =
  | 'thickeners'
  | 'emulsions'
  | 'pull and storage'
  | 'nut and seed creams'
  | 'vegetable and legume purées'
  | 'solid fat and spreads'
  | 'taste and acid'
  | 'weak spots'
  | 'liquids'
  | 'gums'
  | 'curdling'
  | 'bodies'
  | 'method'
  | 'dish';

export interface AnchorRecipe {
  readonly lines: readonly {
    readonly ingredient: string;
    readonly g: number;
    readonly preparation?: string;
    readonly stage?: string;
  }[];
  readonly process: Process;
  readonly serve: { readonly temperatureC: number; readonly storage: string; readonly days: number };
}

/** One thing the model must get right: a recipe, the figure looked at, and the range recalled for it. */
export interface Anchor {
  readonly id: string;
  readonly name: string;
  readonly quantity: AnchorQuantity;
  readonly unit: string;
  readonly reference: readonly [number, number];
  readonly family?: AnchorFamily;
  /** What the hand-fitted reference computation gave; absent for anchors it never saw. */
  readonly prototype?: number;
  /** The law that departs from the reference computation here, on purpose; absent where the two must agree. */
  readonly departs?: string;
  /** Where the range comes from: the literature as remembered, sums, or a cook's guess. None was measured for this work. */
  readonly basis?: 'recalled' | 'arithmetic' | 'guessed';
  readonly provenance: string;
  readonly confidence: string;
  readonly recipe?: AnchorRecipe;
  readonly against?: AnchorRecipe;
  readonly compounds?: UmamiCompounds;
  /** Where no finished pot shows it: the figure itself. */
  readonly figure?: () => number;
}

export function recipeOfAnchor(from: AnchorRecipe): Recipe {
  return {
    lines: from.lines.map((line) => {
      const ingredient = ingredientById(line.ingredient);
      if (!ingredient) throw new RangeError(`the larder has no "${line.ingredient}"`);
      return {
        ingredient,
        mass: grams(line.g),
        preparation: (line.preparation ?? 'as-is') as Preparation,
        stage: (line.stage ?? 'start') as Stage,
      };
    }),
    process: from.process,
    serving: {
      temperatureC: celsius(from.serve.temperatureC),
      storage: from.serve.storage as Storage,
      days: from.serve.days,
    },
  };
}

/** @source definition of the thermochemical calorie. */
const KJ_PER_KCAL = 4.184;

/** The model's figure for an anchor, in the anchor's unit. @throws RangeError for an anchor without what its quantity needs */
export function anchorPrediction(anchor: Anchor): number {
  if (anchor.figure) return anchor.figure();
  if (anchor.compounds) return equivalentUmami(anchor.compounds);
  if (!anchor.recipe) throw new RangeError(`anchor ${anchor.id} has no recipe`);
  const recipe = recipeOfAnchor(anchor.recipe);
  const prediction = predict(recipe);
  switch (anchor.quantity) {
    case 'viscosity':
      return prediction.viscosity.mid;
    case 'viscosity-ratio':
      if (!anchor.against) throw new RangeError(`anchor ${anchor.id} is a ratio to nothing`);
      return prediction.viscosity.mid / predict(recipeOfAnchor(anchor.against)).viscosity.mid;
    case 'pull':
      return prediction.stretch.mid;
    case 'yield-stress':
      return prediction.yieldStress.mid;
    case 'firmness':
      return prediction.yieldStress.mid / 1000;
    case 'pH':
      return prediction.pH.mid;
    case 'solid-fat':
      return solidFatOfMix(assemble(recipe).fatByType, recipe.serving.temperatureC);
    case 'curdling':
      return prediction.curdling;
    case 'graininess':
      return prediction.graininess;
    case 'umami':
      return prediction.savoriness.mid;
    case 'salt':
      return prediction.salt.mid;
    case 'sour':
      return prediction.sourness.mid;
    case 'sweet':
      return prediction.sweetness.mid;
    case 'weeping':
      return prediction.weeping;
    case 'browning':
      return prediction.browning;
    case 'water-lost':
      return (100 * prediction.evaporatedG) / (prediction.massG + prediction.evaporatedG);
    case 'uptake':
    case 'yield':
    case 'mass-left':
    case 'rate':
    case 'left':
    case 'size':
    case 'given':
    case 'dried':
    case 'minutes':
      throw new RangeError(`anchor ${anchor.id} has no figure`);
    case 'energy':
      return ((prediction.energyKcal.mid * KJ_PER_KCAL) / prediction.massG) * 100;
  }
}

/** Rounding of the reference range in its last digit. */
const EDGE = 0.001;
export const insideReference = (value: number, [low, high]: readonly [number, number]): boolean =>
  value >= low * (1 - EDGE) && value <= high * (1 + EDGE);
