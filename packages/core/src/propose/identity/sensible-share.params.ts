import type { Family } from '../../brief/family.js';
import type { Ingredient, Shelf } from '../../ingredient/ingredient.js';
import { culinaryKindOf } from '../../larder/facts/culinary-kind.js';

/**
 * Most that a shelf's things make up of a batch somebody would eat, g per g.
 * @source assumed: beyond the largest share in the demonstration household's notebook and common kitchen practice, never a nutritional limit
 */
const mostOfShelf: Readonly<Record<Shelf, number>> = {
  nuts: 0.6, seeds: 0.6, pulses: 0.85, soya: 0.9, vegetables: 0.85, grains: 0.18, 'plant milks': 0.95, creams: 0.9, starches: 0.14, gums: 0.02,
  'fats and oils': 0.85, 'acids and brines': 0.1, savory: 0.1, 'herbs and spices': 0.02, 'salts and sweeteners': 0.025, bought: 0.9, 'own sauces': 0.95, 'meat and eggs': 0.6, 'dairy to compare': 0,
};

/** Where one thing differs from its shelf. @source assumed, as above */
const mostOf: Readonly<Record<string, number>> = {
  turmeric: 0.004, 'black-salt': 0.008, 'liquid-smoke': 0.004, msg: 0.008, 'citric-acid': 0.006, 'lactic-acid': 0.012, 'baking-soda': 0.002,
  'nutritional-yeast': 0.08, 'tomato-paste': 0.15, 'stock-powder': 0.02, 'yeast-extract': 0.03, water: 0.95, 'chickpea-water': 0.3, 'pasta-water': 0.5, 'root-water': 0.6, 'rice-noodle-water': 0.5, 'pulse-noodle-water': 0.5, 'vegetable-stock': 0.9, 'vegetable-stock-without-celery': 0.9, 'stock-powder-without-celery': 0.02, 'vegetable-stock-unsalted': 0.9,
  nutmeg: 0.003, 'garlic-powder': 0.01, garlic: 0.05, 'psyllium-husk': 0.03, 'flax-seed-ground': 0.08, 'chia-seed': 0.08, tamari: 0.06, 'soy-sauce': 0.06,
};

/**
 * Most of a kind in a family, where it is a seasoning and not the dish: what a cook would still call sensible, g per g of the batch.
 * @source assumed, from general cooking knowledge; the reason stands beside each
 */
export const mostOfKind: readonly { readonly kinds: readonly string[]; readonly most: number; readonly in?: Readonly<Partial<Record<Family, number>>>; readonly because: string }[] = [
  { kinds: ['yeast'], most: 0.045, in: { 'cream-sauce': 0.025, 'butter-with-fat': 0.01, 'butter-without-fat': 0.02, dip: 0.035, 'tangy-spread': 0.03, 'crumbly-curd': 0.03 }, because: 'beyond it a sauce tastes of flakes and turns bitter' },
  { kinds: ['citrus juice'], most: 0.07, in: { 'cream-sauce': 0.04, 'stretchy-melt': 0.05, 'butter-with-fat': 0.03, 'butter-without-fat': 0.04, dip: 0.16, 'tangy-spread': 0.1, 'crumbly-curd': 0.14 }, because: 'a dressing is sour, a curd is soured with a few spoons, a white sauce is only fresh' },
  { kinds: ['vinegar'], most: 0.05, in: { 'cream-sauce': 0.025, 'stretchy-melt': 0.035, 'butter-with-fat': 0.02, 'butter-without-fat': 0.025, dip: 0.25, 'tangy-spread': 0.06, 'crumbly-curd': 0.08 }, because: 'a vinaigrette is a quarter vinegar, nothing else is' },
  { kinds: ['brine'], most: 0.1, in: { dip: 0.2, 'butter-with-fat': 0.03 }, because: 'it salts as it sours' },
  { kinds: ['wine'], most: 0.25, because: 'boiled down in the pan first' },
  { kinds: ['acid crystals'], most: 0.008, in: { 'tangy-spread': 0.012, 'crumbly-curd': 0.012 }, because: 'as sour as fifteen times their mass of juice' },
  { kinds: ['miso'], most: 0.07, in: { 'cream-sauce': 0.04, 'butter-with-fat': 0.02 }, because: 'a tenth of its mass is salt' },
  { kinds: ['soy sauce'], most: 0.045, in: { 'cream-sauce': 0.03, 'butter-with-fat': 0.01 }, because: 'a sixth of its mass is salt, and it browns the pot' },
  { kinds: ['tomato'], most: 0.08, in: { 'cream-sauce': 0.04, 'butter-with-fat': 0.02 }, because: 'it makes a sauce red before it makes it savory' },
  { kinds: ['stock powder'], most: 0.015, because: 'half of it is salt' },
  { kinds: ['glutamate'], most: 0.006, because: 'more no longer tastes of more' },
  { kinds: ['garlic'], most: 0.03, in: { dip: 0.045, 'butter-with-fat': 0.04 }, because: 'six cloves a kilogram are already a garlic sauce' },
  { kinds: ['onion powder'], most: 0.012, because: 'it turns a sauce to soup powder' },
  { kinds: ['mustard'], most: 0.05, in: { dip: 0.1, 'butter-with-fat': 0.02 }, because: 'a mustard dressing is a tenth mustard' },
  { kinds: ['mushroom'], most: 0.05, because: 'as a seasoning: dried and ground; fresh ones are a vegetable' },
  { kinds: ['olives and capers'], most: 0.15, because: 'pieces of a dip' },
  { kinds: ['smoke'], most: 0.012, because: 'it covers all else' },
  { kinds: ['salt'], most: 0.018, because: 'twice what most find seasoned' },
  { kinds: ['sweetener'], most: 0.03, in: { dip: 0.08 }, because: 'a honeyed dressing is sweet, a sauce rounded' },
  { kinds: ['fresh herb'], most: 0.06, in: { dip: 0.15 }, because: 'a green dip is a seventh herbs' },
  { kinds: ['dried herb'], most: 0.01, because: 'straw' },
  { kinds: ['yellow or red colour', 'pink colour'], most: 0.01, because: 'more colours and tastes of earth' },
  { kinds: ['hot spice'], most: 0.006, because: 'more bites' },
  { kinds: ['warm spice'], most: 0.006, because: 'more tastes of nothing else' },
  { kinds: ['swelling seed'], most: 0.035, because: 'beyond it slimy' },
  { kinds: ['gum'], most: 0.008, because: 'beyond it slimy' },
  { kinds: ['gelling agent', 'sugar-set gelling agent', 'calcium-set gelling agent', 'heat-set gelling agent'], most: 0.02, because: 'a set jelly' },
  { kinds: ['cereal flour', 'cereal starch'], most: 0.09, in: { 'cream-sauce': 0.08, dip: 0.05, 'butter-with-fat': 0.02, 'tangy-spread': 0.06 }, because: 'a thick white sauce for croquettes' },
  { kinds: ['root starch', 'glutinous rice flour'], most: 0.07, in: { 'stretchy-melt': 0.13, 'baked-topping': 0.1, dip: 0.04, 'butter-with-fat': 0.02 }, because: 'only a melt is meant to pull' },
  { kinds: ['pulse flour'], most: 0.14, in: { 'butter-without-fat': 0.22, 'crumbly-curd': 0.25, dip: 0.08, 'butter-with-fat': 0.03 }, because: 'beyond it a porridge, where no block is meant' },
];

/** Most of an ingredient that is sensible in a batch, as a share of its mass; of a seasoning, by what is made of it. */
export function sensibleShare(ingredient: Ingredient, family?: Family): number {
  const { id, like, shelf } = ingredient;
  const general = mostOf[id] ?? (like ? mostOf[like] : undefined) ?? mostOfShelf[shelf];
  const kind = culinaryKindOf(ingredient)?.kind;
  const row = kind === undefined ? undefined : mostOfKind.find(({ kinds }) => kinds.includes(kind));
  if (!row) return general;
  const most = (family && row.in?.[family]) ?? row.most;
  return id in mostOf ? Math.min(general, most) : most;
}

/**
 * How much dearer a change is for a shelf whose work no rail sees: a spice is there for a taste that is not computed.
 * @source assumed
 */
export const unseenWork: Readonly<Partial<Record<Shelf, number>>> = { 'herbs and spices': 10 };
