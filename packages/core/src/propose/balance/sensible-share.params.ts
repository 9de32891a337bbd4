import type { Ingredient, Shelf } from '../../ingredient/ingredient.js';

/**
 * Most that a shelf's things make up of a batch somebody would eat, g per g.
 * @source assumed: beyond the largest share in the demonstration household's notebook and common kitchen practice, never a nutritional limit
 */
const mostOfShelf: Readonly<Record<Shelf, number>> = {
  nuts: 0.6, seeds: 0.6, pulses: 0.85, soya: 0.9, vegetables: 0.85, grains: 0.18, 'plant milks': 0.95, creams: 0.9, starches: 0.14, gums: 0.02,
  'fats and oils': 0.85, 'acids and brines': 0.1, savory: 0.1, 'herbs and spices': 0.02, 'salts and sweeteners': 0.025, bought: 0.9, 'dairy to compare': 0,
};

/** Where one thing differs from its shelf. @source assumed, as above */
const mostOf: Readonly<Record<string, number>> = {
  turmeric: 0.004, 'black-salt': 0.008, 'liquid-smoke': 0.004, msg: 0.008, 'citric-acid': 0.006, 'lactic-acid': 0.012, 'baking-soda': 0.002,
  'nutritional-yeast': 0.08, 'tomato-paste': 0.15, 'stock-powder': 0.02, 'yeast-extract': 0.03, water: 0.95, 'chickpea-water': 0.3, 'pasta-water': 0.5, 'rice-noodle-water': 0.5, 'pulse-noodle-water': 0.5, 'vegetable-stock': 0.9, 'vegetable-stock-without-celery': 0.9, 'stock-powder-without-celery': 0.02, 'vegetable-stock-unsalted': 0.9,
  nutmeg: 0.003, 'garlic-powder': 0.01, garlic: 0.05, 'psyllium-husk': 0.03, 'flax-seed-ground': 0.08, 'chia-seed': 0.08, tamari: 0.06, 'soy-sauce': 0.06,
};

/** Most of an ingredient that is sensible in a batch, as a share of its mass. */
export const sensibleShare = ({ id, like, shelf }: Ingredient): number =>
  mostOf[id] ?? (like ? mostOf[like] : undefined) ?? mostOfShelf[shelf];

/**
 * How much dearer a change is for a shelf whose work no rail sees: a spice is there for a taste that is not computed.
 * @source assumed
 */
export const unseenWork: Readonly<Partial<Record<Shelf, number>>> = { 'herbs and spices': 10 };
