import { EaterNeedRow, EaterRow } from '../eater/eater.row.js';
import { FormulaLineRow, FormulaRow } from '../formula/formula.row.js';

/** Every table of the database. */
export const rows = [FormulaRow, FormulaLineRow, EaterRow, EaterNeedRow];
