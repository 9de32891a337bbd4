import { EaterNeedRow, EaterRow } from '../eater/eater.row.js';
import { PackLabelRow } from '../label/pack-label.row.js';
import { OwnIngredientRow } from '../larder/own-ingredient.row.js';
import { FormulaLineRow, FormulaRow } from '../formula/formula.row.js';

/** Every table of the database. */
export const rows = [FormulaRow, FormulaLineRow, EaterRow, EaterNeedRow, OwnIngredientRow, PackLabelRow];
