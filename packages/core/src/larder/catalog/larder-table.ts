import { nuts } from './nuts.js';
import { seeds } from './seeds.js';
import { bought } from './bought.js';
import { pulses } from './pulses.js';
import { soya } from './soya.js';
import { vegetables } from './vegetables.js';
import { savory } from './savory.js';
import { grains } from './grains.js';
import { starches } from './starches.js';
import { gums } from './gums.js';
import { plantMilks } from './plant-milks.js';
import { creams } from './creams.js';
import { fatsAndOils } from './fats-and-oils.js';
import { acidsAndBrines } from './acids-and-brines.js';
import { saltsAndSweeteners } from './salts-and-sweeteners.js';
import { dairyToCompare } from './dairy-to-compare.js';
import { herbsAndSpices } from './herbs-and-spices.js';
import { freshHerbsAndAromatics } from './fresh-herbs-and-aromatics.js';
import { warmSpices } from './warm-spices.js';
import { greensAndPods } from './greens-and-pods.js';
import { morePulses } from './more-pulses.js';
import { plantCreamsAndYogurts } from './plant-creams-and-yogurts.js';
import { pastaAndBread } from './pasta-and-bread.js';
import { cookingAlcoholsAndSauces } from './cooking-alcohols-and-sauces.js';
import { meatAndEggs } from './meat-and-eggs.js';
import { ingredientsInKinds } from './in-kinds.js';
import type { Ingredient } from '../../ingredient/ingredient.js';

const ofOneKind: readonly Ingredient[] = [
  ...nuts,
  ...seeds,
  ...bought,
  ...pulses,
  ...soya,
  ...vegetables,
  ...savory,
  ...grains,
  ...starches,
  ...gums,
  ...plantMilks,
  ...creams,
  ...fatsAndOils,
  ...acidsAndBrines,
  ...saltsAndSweeteners,
  ...dairyToCompare,
  ...herbsAndSpices,
  ...freshHerbsAndAromatics,
  ...warmSpices,
  ...greensAndPods,
  ...morePulses,
  ...plantCreamsAndYogurts,
  ...pastaAndBread,
  ...cookingAlcoholsAndSauces,
  ...meatAndEggs,
];

/** Every ingredient that ships with the app. */
export const larderTable: readonly Ingredient[] = [...ofOneKind, ...ingredientsInKinds(ofOneKind)];

const byId = new Map(larderTable.map((ingredient) => [ingredient.id, ingredient]));

/** An ingredient by its id, or undefined when the larder has none of that name. */
export const ingredientById = (id: string): Ingredient | undefined => byId.get(id);
