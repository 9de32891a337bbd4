import type { Family } from '../brief/family.js';
import type { Role } from '../ingredient/ingredient.js';

/** A part of a sauce and what is usually taken for it, the most usual first. */
export interface SkeletonPart {
  readonly role: Role;
  /** Ids in the larder. */
  readonly usual: readonly string[];
}

const salt: SkeletonPart = { role: 'seasoning', usual: ['salt', 'black-pepper', 'nutmeg', 'turmeric', 'paprika-smoked'] };
const sour: SkeletonPart = { role: 'sour', usual: ['lemon-juice', 'cider-vinegar', 'kraut-brine', 'white-wine'] };
const savory: SkeletonPart = { role: 'savory', usual: ['nutritional-yeast', 'rice-miso', 'mustard', 'garlic', 'onion-powder'] };

/**
 * What a sauce of each family is made of, in the order in which it is thought of.
 * @source the parts in which cooks describe such sauces: body, liquid, thickener, fat, sour, savory; usual ingredients assumed from the same
 */
export const skeletons: Readonly<Record<Family, readonly SkeletonPart[]>> = {
  'pouring-sauce': [
    { role: 'body', usual: ['cashew', 'potato', 'cauliflower', 'sunflower-seed', 'white-bean-boiled'] },
    { role: 'liquid', usual: ['water', 'oat-drink', 'soya-drink', 'vegetable-stock'] },
    { role: 'thickener', usual: ['corn-starch', 'tapioca-starch', 'potato-starch', 'rice-flour'] },
    savory, sour, salt,
  ],
  'stretchy-melt': [
    { role: 'body', usual: ['cashew', 'sunflower-seed', 'plant-cream-cheese', 'tofu-silken'] },
    { role: 'liquid', usual: ['water', 'oat-drink', 'soya-drink'] },
    { role: 'thickener', usual: ['tapioca-starch', 'glutinous-rice-flour', 'cassava-flour', 'kappa-carrageenan'] },
    { role: 'fat', usual: ['coconut-oil', 'plant-butter-block', 'rapeseed-oil'] },
    savory, sour, salt,
  ],
  'cream-sauce': [
    { role: 'body', usual: ['cashew', 'cauliflower', 'white-bean-boiled', 'tofu-silken', 'onion'] },
    { role: 'liquid', usual: ['oat-drink', 'soya-drink', 'oat-cream', 'vegetable-stock', 'coconut-milk'] },
    { role: 'thickener', usual: ['wheat-flour', 'corn-starch', 'rice-flour', 'arrowroot'] },
    sour, savory, salt,
  ],
  'crumbly-curd': [
    { role: 'body', usual: ['tofu-firm', 'almond', 'cashew', 'macadamia'] },
    { role: 'fat', usual: ['olive-oil', 'coconut-oil'] },
    sour, savory, salt,
  ],
  'tangy-spread': [
    { role: 'body', usual: ['cashew', 'sunflower-seed', 'tofu-silken', 'macadamia', 'soya-yogurt'] },
    { role: 'fat', usual: ['coconut-oil', 'shea-butter', 'olive-oil'] },
    sour, savory, salt,
  ],
  dip: [
    { role: 'body', usual: ['chickpea-boiled', 'cashew', 'tahini', 'soya-yogurt', 'avocado'] },
    { role: 'liquid', usual: ['water', 'chickpea-water', 'oat-drink'] },
    sour, savory, salt,
  ],
  'butter-with-fat': [
    { role: 'fat', usual: ['coconut-oil', 'rapeseed-oil', 'shea-butter', 'olive-oil', 'cocoa-butter'] },
    { role: 'liquid', usual: ['soya-drink', 'oat-drink', 'water', 'almond-drink'] },
    sour, salt,
  ],
  'butter-without-fat': [
    { role: 'body', usual: ['white-bean-boiled', 'squash', 'apple-sauce', 'chickpea-boiled'] },
    { role: 'liquid', usual: ['water', 'oat-drink', 'chickpea-water'] },
    { role: 'thickener', usual: ['corn-starch', 'agar', 'xanthan'] },
    sour, salt,
  ],
  'baked-topping': [
    { role: 'body', usual: ['cashew', 'potato', 'tofu-silken', 'sunflower-seed'] },
    { role: 'liquid', usual: ['oat-drink', 'soya-drink', 'water'] },
    { role: 'thickener', usual: ['tapioca-starch', 'corn-starch', 'potato-starch', 'chickpea-flour'] },
    { role: 'fat', usual: ['rapeseed-oil', 'coconut-oil', 'olive-oil'] },
    savory, sour, salt,
  ],
};
