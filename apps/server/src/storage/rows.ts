import { DishRow } from '../dish/dish.row.js';
import { EveningRow } from '../evening/evening.row.js';
import { EaterNeedRow, EaterRow } from '../eater/eater.row.js';
import { HouseholdRow } from '../household/household.row.js';
import { PackLabelRow } from '../label/pack-label.row.js';
import { TaughtWordRow } from '../label/taught-word.row.js';
import { OwnIngredientRow } from '../larder/own-ingredient.row.js';
import { SavedBriefRow } from '../brief/saved-brief.row.js';
import { StockRow } from '../larder/stock.row.js';
import { VesselRow } from '../vessel/vessel.row.js';
import { FormulaLineRow, FormulaRow, FormulaVersionRow } from '../formula/formula.row.js';

/** Every table of the database. */
export const rows = [
  FormulaRow,
  FormulaLineRow,
  FormulaVersionRow,
  EaterRow,
  EaterNeedRow,
  OwnIngredientRow,
  PackLabelRow,
  SavedBriefRow,
  StockRow,
  TaughtWordRow,
  HouseholdRow,
  DishRow,
  EveningRow,
  VesselRow,
];
