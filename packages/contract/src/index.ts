import 'reflect-metadata';

export {
  BACKUP_FORMAT,
  BACKUP_VERSION,
  HERE,
  BackupBrief,
  BackupDocument,
  BackupFormula,
  type BackupKind,
  backupKinds,
  BackupLabel,
  backupLimits,
  BackupOwnIngredient,
  BackupHousehold,
  BackupPerson,
  BackupDish,
  BackupEvening,
  BackupStock,
  BackupVessel,
  BackupVersion,
  BackupWord,
  kindsSinceTheFirst,
  type RestoreMode,
  restoreModes,
} from './backup.body.js';
export { type RestoreCount, type RestoreKindView, type RestoreView } from './backup.view.js';
export { SavedBriefBody, WishInput } from './brief.body.js';
export { type SavedBriefView } from './brief.view.js';
export { briefOfWishes, wishesOfBrief } from './brief.convert.js';
export { EaterBody, EaterUpdate, NeedInput } from './eater.body.js';
export { type EaterView } from './eater.view.js';
export { needById, needFromInput, needKnowing } from './eater.convert.js';
export {
  BranchBody,
  FavouriteBody,
  FormulaBody,
  FormulaUpdate,
  ServeInput,
  VersionBody,
} from './formula.body.js';
export { formulaFromBody } from './formula.convert.js';
export {
  type FormulaSummary,
  type FormulaView,
  type Suiting,
  suitings,
  TONIGHT,
  type VersionView,
} from './formula.view.js';
export { formulaBodyOf, type FormulaContent, formulaOfContent } from './formula.convert.js';
export { amountOfInput } from './line.convert.js';
export { ingredientOfOwn } from './own-ingredient.convert.js';
export type { IngredientView, Per100View } from './ingredient.view.js';
export { labelFromInput } from './own-ingredient.convert.js';
export { NutritionLabelInput, OwnIngredientBody, OwnIngredientUpdate } from './own-ingredient.body.js';
export { type OwnIngredientView } from './own-ingredient.view.js';
export { LABEL_LIMIT, LabelText } from './label.body.js';
export { type LabelView, type PackLabelView } from './label.view.js';
export { AmountRangeInput, HoldInput, LineInput, PotLineInput } from './line.body.js';
export { EaterInput, WhoCanEatRequest } from './who-can-eat.body.js';
export { type WhoCanEatResponse, type WhoCanEatView } from './who-can-eat.view.js';
export {
  type AgainstDairyView,
  type BandView,
  type LineFateView,
  type MoneyAndClimateView,
  type NutritionView,
  type KeptView,
  type PredictResponse,
} from './predict.view.js';
export { versionsOfBase } from './household.convert.js';
export { CookingSaid, SaidAtInput, SaidByInput } from './cooking.body.js';
export { cookingAfter, nothingCooked } from './cooking.convert.js';
export { type CookingView } from './cooking.view.js';
export { KeptEveningBody, KeptEveningUpdate } from './kept-evening.body.js';
export { type EveningContent, type KeptEveningView } from './kept-evening.view.js';
export { ScheduleRequest } from './schedule.body.js';
export { type ScheduleResponse } from './schedule.view.js';
export { eveningOf, progressOf, viewOfSchedule } from './schedule.convert.js';
export { RecipeReadRequest } from './recipe.body.js';
export {
  type RangeView,
  type ReadLineView,
  type ReadStepView,
  type RecipeReadResponse,
} from './recipe.view.js';
export { viewOfRecipe } from './recipe.convert.js';
export { PredictRequest } from './predict.body.js';
export { OperationInput } from './operation.body.js';
export { inputOfMethod, methodOfInput } from './operation.convert.js';
export { type OperationView, operationViews } from './operation.view.js';
export { type FieldProblem, type Problem, problemTypes, type ProblemType } from './problem.js';
export { completed } from './process.convert.js';
export { ProcessInput } from './process.body.js';
export { kitchenLimits, requestLimits } from './kitchen-limits.js';
export {
  AddedInput,
  CookInput,
  DishTonight,
  EveningBody,
  type Law,
  KitchenBody,
  LawBody,
  laws,
  PotTonight,
  TonightBody,
  VersionDraft,
  VersionsBody,
} from './household.body.js';
export { type HouseholdView, type UsedIngredientView } from './household.view.js';
export { eveningLimits } from './evening-limits.js';
export { StockInput } from './stock.body.js';
export { type StockView } from './stock.view.js';
export { TaughtWordBody } from './taught-word.body.js';
export { type TaughtWordView } from './taught-word.view.js';
export type { PutAwayView } from './put-away.view.js';
export {
  formOf,
  type ShapeMigration,
  storedOf,
  storedShape,
  type StoredShape,
  valueOfStored,
} from './stored-shape.js';
export { formulaInLine, lineOfFormula } from '@alterum/core';
export { DishComponentInput, DishRequest, LayerInput, OvenStageInput, VesselInput } from './dish.body.js';
export type {
  DishAdviceView,
  DishComponentView,
  DishLayerView,
  DishResponse,
  DishWaterView,
} from './dish.view.js';
export { ovenStageOfInput, vesselOfInput, viewOfDish } from './dish.convert.js';
export { FinishTogetherRequest } from './finish-together.body.js';
export { dishLimits } from './dish-limits.js';
export {
  DishEaterInput,
  KeptDishBody,
  KeptDishUpdate,
  KeptLayerInput,
  KeptPartInput,
} from './kept-dish.body.js';
export { blankDish, dishBodyOf, dishFromBody, dishOfContent } from './kept-dish.convert.js';
export { type DishContent, type DishSummary, type KeptDishView } from './kept-dish.view.js';
export { VesselBody, VesselUpdate } from './vessel.body.js';
export { type VesselView } from './vessel.view.js';
