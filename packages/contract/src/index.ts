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
  BackupStock,
  BackupVersion,
  BackupWord,
  kindsSinceTheFirst,
  type RestoreCount,
  type RestoreKindView,
  type RestoreMode,
  restoreModes,
  type RestoreView,
} from './backup.js';
export { SavedBriefBody, type SavedBriefView, WishInput } from './brief.js';
export { briefOfWishes, wishesOfBrief } from './brief-wire.js';
export { EaterBody, EaterUpdate, type EaterView, NeedInput, needFromInput } from './eater.js';
export {
  BranchBody,
  formulaFromBody,
  FormulaBody,
  type FormulaSummary,
  FormulaUpdate,
  type FormulaView,
  ServeInput,
  VersionBody,
  type VersionView,
} from './formula.js';
export { formulaBodyOf, type FormulaContent, formulaOfContent } from './formula-wire.js';
export { amountOfWire } from './line-wire.js';
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
export { HoldInput, LineInput, PotLineInput } from './line.js';
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
export { kitchenLimits, requestLimits } from './kitchen-limits.js';
export {
  AddedInput,
  type HouseholdView,
  type Law,
  LawBody,
  laws,
  PotTonight,
  TonightBody,
  VersionDraft,
  VersionsBody,
} from './household.js';
export { eveningLimits } from './evening-limits.js';
export { StockInput, type StockView } from './stock.js';
export { TaughtWordBody, type TaughtWordView } from './taught-word.js';
export type { PutAwayView } from './put-away.js';
export {
  formOf,
  type ShapeMigration,
  storedOf,
  storedShape,
  type StoredShape,
  valueOfStored,
} from './stored-shape.js';
export { formulaInLine, lineOfFormula } from './formula-line.js';
