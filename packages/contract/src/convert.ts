/** The part of the contract that loads no validation, so that the Bench starts light. */
export { formulaBodyOf, type FormulaContent, formulaOfContent } from './formula.convert.js';
export { TONIGHT } from './formula.view.js';
export { ingredientOfOwn } from './own-ingredient.convert.js';
export { briefOfWishes, wishesOfBrief } from './brief.convert.js';
export { eveningLimits } from './evening-limits.js';
export { storedOf, storedShape, type StoredShape, valueOfStored } from './stored-shape.js';
export { formulaInLine, lineOfFormula } from '@alterum/core';
export { viewOfDish } from './dish.convert.js';
export { dishLimits } from './dish-limits.js';
export { versionsOfBase } from './household.convert.js';
export { cookingAfter, nothingCooked } from './cooking.convert.js';
export { blankDish, dishBodyOf, dishOfContent } from './kept-dish.convert.js';
export type { DishContent } from './kept-dish.view.js';
