import { type Preparation, preparationOf } from '../../recipe/preparation.js';
import { soakHours } from './soak.js';

/** min until an ingredient is made ready, by the quickest way: a soak is one in water poured on boiling. @source S-15 */
export const readyMinutes = (ingredient: string, preparation: Preparation): number =>
  preparationOf(preparation).minutes ?? 60 * (soakHours(ingredient, true) ?? 0);
