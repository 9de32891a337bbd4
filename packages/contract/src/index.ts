import 'reflect-metadata';

export { EaterBody, EaterUpdate, type EaterView, NeedInput, needFromInput } from './eater.js';
export {
  formulaFromBody,
  FormulaBody,
  type FormulaSummary,
  FormulaUpdate,
  type FormulaView,
  ServeInput,
} from './formula.js';
export { formulaBodyOf, type FormulaContent, formulaOfContent } from './formula-wire.js';
export { ingredientOfOwn } from './own-ingredient-wire.js';
export type { IngredientView, Per100View } from './ingredient-view.js';
export {
  labelFromInput,
  NutritionLabelInput,
  OwnIngredientBody,
  OwnIngredientUpdate,
  type OwnIngredientView,
} from './own-ingredient.js';
export { LABEL_LIMIT, LabelText, type LabelView, type PackLabelView } from './label.js';
export { LineInput, PotLineInput } from './line.js';
export { EaterInput, WhoCanEatRequest, type WhoCanEatResponse, type WhoCanEatView } from './who-can-eat.js';
export {
  type AgainstDairyView,
  type BandView,
  type MoneyAndClimateView,
  type NutritionView,
  PredictRequest,
  type PredictResponse,
} from './predict.js';
export { type FieldProblem, type Problem, problemTypes, type ProblemType } from './problem.js';
export { completeProcess, ProcessInput } from './process.js';
