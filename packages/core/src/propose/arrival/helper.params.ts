import type { RailId } from '../../property/properties.js';
import type { Role } from '../../ingredient/ingredient.js';

/** What is tried beside what is in the pot when a property stays short. @source assumed: one of each school, what a kitchen keeps first */
export const helpers: Readonly<Partial<Record<RailId, readonly string[]>>> = {
  thickness: ['corn-starch', 'potato-starch', 'rice-flour', 'psyllium-husk'],
  stretch: ['tapioca-starch', 'glutinous-rice-flour', 'potato-starch'],
  fat: ['rapeseed-oil', 'olive-oil', 'coconut-oil', 'coconut-cream'],
  sourness: ['lemon-juice', 'cider-vinegar', 'white-vinegar'],
  savoriness: ['shiitake-dried', 'tomato-paste', 'nutritional-yeast', 'rice-miso'],
  salt: ['salt'],
  sweetness: ['maple-syrup', 'sugar', 'carrot'],
};

/** What is eaten cooked alone, and °C from which a pot cooks it: dried mushrooms raw make some people ill, raw starch is chalk. @source general cooking knowledge */
export const onlyCooked = {
  ids: ['shiitake-dried', 'corn-starch', 'potato-starch', 'tapioca-starch', 'rice-flour', 'glutinous-rice-flour'],
  fromC: 70,
} as const;

/** What is tried when there is too much of a property: it thins. @source assumed */
export const thinners: Readonly<Partial<Record<RailId, readonly string[]>>> = {
  thickness: ['water'],
  fat: ['water'],
  salt: ['water'],
};

/** Most of a helper, g for each g of the batch: a spoon or two, not a second dish. @source assumed */
export const helperMost: Readonly<Record<Role, number>> = { body: 0.1, liquid: 0.15, thickener: 0.07, fat: 0.06, sour: 0.03, savory: 0.03, seasoning: 0.015 };

/** g of a helper for each g of the batch to begin with. @source assumed */
export const helperShare: Readonly<Record<Role, number>> = { body: 0.06, liquid: 0.08, thickener: 0.012, fat: 0.02, sour: 0.015, savory: 0.008, seasoning: 0.004 };
