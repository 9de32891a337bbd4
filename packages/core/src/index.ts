export {
  type AllergenId,
  allergenIds,
  allergenOf,
  allergensOn,
  covers,
  headsOf,
  isAllergenId,
  type LawList,
} from './allergen/allergen.js';
export {
  briefOf,
  briefOfFamily,
  isEmpty,
  pinnedWish,
  type Standing,
  standingOf,
  wishesOf,
  withWish,
} from './brief/brief.js';
export type { Judged } from './property/assessed.js';
export {
  type Brief,
  type Stretch,
  type Weight,
  weightNames,
  weightOf,
  weights,
  type Wish,
} from './brief/wish.js';
export {
  placeOnRail,
  type Rail,
  type RailId,
  railIds,
  railOf,
  rails,
  type RailScale,
  type RailWord,
  valueOnRail,
  wordFor,
} from './property/rail.js';
export {
  type AgainstDairy,
  againstDairy,
  type Compared,
  type ComparedFigure,
  comparedFigures,
} from './propose/compare/against-dairy.js';
export { type Explanation, explanationOf } from './property/explanation.js';
export { provenanceWords, type ShownParameter } from './property/shown-parameter.js';
export { type Family, families, familyNames } from './brief/family.js';
export { blankFormula, type Formula, type Hold, type Line, type Serve } from './formula/formula.js';
export { advance, canRedo, canUndo, type History, redo, startHistory, undo } from './formula/history.js';
export {
  type LarderLookup,
  type LineProblem,
  recipeOfFormula,
  type ResolvedFormula,
} from './formula/recipe-of-formula.js';
export { applyStep, type FormulaStep, linesByRole, type StepOutcome } from './formula/step.js';
export type { Eater } from './household/eater.js';
export { type CrossReactionRow, crossReactions } from './allergen/cross-reactions.params.js';
export type { ListedIngredient } from './label/ingredient-list.js';
export { allergensOfLabel, type LabelKnowledge } from './label/label-knowledge.js';
export { knownIn, LONGEST_TAUGHT, taughtKey, type TaughtWord } from './label/taught-word.js';
export {
  type FindingKind,
  type LabelFinding,
  type LabelNote,
  LONGEST_LABEL,
  type ReadLabel,
  readLabel,
  type Unrecognised,
} from './label/read-label.js';
export {
  judgeVersions,
  portionOfVersion,
  type Version,
  type VersionVerdict,
} from './household/evening/base-and-versions.js';
export { type Compound, compoundNames, compounds } from './household/need/compound.params.js';
export {
  contactsOf,
  judgeEvening,
  judgePots,
  type Pot,
  type PotVerdict,
  strictestFirst,
  type Tool,
  tools,
} from './household/evening/course-of-cooking.js';
export { cliniciansQuestions } from './household/need/cross-reaction.js';
export { type Rule, ruleNames, rules } from './household/need/rule.params.js';
export { type Caution, cautionsOf } from './handbook/cautions.js';
export { whatItKnows } from './handbook/cautions.params.js';
export { asOneLine, mealOf, timesAsMuch, type Together } from './household/portion/meal.js';
export { LABEL_LASTS_DAYS, type PackLabel, packLabel } from './household/portion/pack-label.js';
export type { Amounted, Contact, Portion, PortionLine, Pungency } from './household/portion/portion.js';
export {
  type ComputedFormula,
  type HouseKnowledge,
  portionOfFormula,
} from './household/portion/portion-of-formula.js';
export { portionOfLines } from './household/portion/portion-of-lines.js';
export { portionOfRecipe } from './household/portion/portion-of-recipe.js';
export { type Need, strictnesses, strictnessNames, type Strictness } from './household/need/need.js';
export type { EaterVerdict, Finding, Verdict, VerdictOrNone } from './household/verdict.js';
export { whoCanEat } from './household/who-can-eat.js';
export { kindsBeside } from './larder/catalog/in-kinds.js';
export { ingredientById, larderTable } from './larder/catalog/larder-table.js';
export {
  type Behaviour,
  type Composition,
  type ParticleClass,
  gumTotal,
  starchTotal,
  unnamedRemainder,
} from './ingredient/composition.js';
export { type EquivalentRow } from './larder/preparation/equivalent.params.js';
export { soak, type Soaked } from './larder/preparation/soak.js';
export { type Ways, waysOf } from './larder/preparation/ways.js';
export {
  energyOfLabel,
  type LabelProblem,
  type NutritionLabel,
  problemsOfLabel,
} from './larder/own/label-composition.js';
export {
  ingredientFromLabel,
  isOwn,
  nearestKind,
  OWN_PREFIX,
  type OwnIngredient,
} from './larder/own/own-ingredient.js';
export {
  type Facts,
  type Ingredient,
  type Role,
  roleNames,
  roles,
  type Shelf,
  shelves,
} from './ingredient/ingredient.js';
export { searchIngredients } from './larder/search.js';
export {
  type Contribution,
  type ContributionProperty,
  contributionProperties,
  contributionsOf,
  type PropertyContributions,
} from './property/contributions.js';
export { assemble } from './predict/assemble/assemble.js';
export { type Preparation, preparations } from './recipe/preparation.js';
export {
  type Process,
  type Recipe,
  type RecipeLine,
  type Serving,
  type Stage,
  stages,
  type Storage,
  storages,
  uncooked,
} from './recipe/recipe.js';
export { colourWord } from './predict/colour/colour-word.js';
export type { Climate } from './predict/climate/climate.js';
export type { Cost } from './predict/cost/cost.js';
export type { SpreadableWindow } from './predict/spreadable-window.js';
export type { HomeTests } from './predict/home-test/home-tests.js';
export { ringSpread, viscosityFromRing } from './predict/home-test/ring-spread.js';
export { syringeLeft, viscosityFromSyringe } from './predict/home-test/syringe.js';
export { KJ_PER_KCAL, type Known, type Nutrition } from './predict/nutrition/nutrition.js';
export { type Report, reportOn } from './predict/report.js';
export { momentOf, predict, predictMixture } from './predict/predict.js';
export { type Warning, warningsOf } from './predict/warnings.js';
export type { Mixture } from './predict/mixture/mixture.js';
export type { PointPrediction, Prediction, PredictionFlag } from './predict/prediction.js';
export { CLASS_EDGES, thicknessClasses, type ThicknessClass } from './predict/thickness/thickness-class.js';
export { CURVE_RANGE, type CurvePoint, plainCurve, temperatureCurve } from './predict/temperature-curve.js';
export type { Band } from './predict/uncertainty/band.js';
export {
  type Amount,
  type AmountOutcome,
  amountText,
  gramsOf,
  LARGEST_LINE_G,
  readAmount,
} from './quantity/amount.js';
export { type Measured, type MeasuredOutcome, readMeasured } from './quantity/read-measured.js';
export { writeKitchenNumber } from './quantity/fraction.js';
export { readNumber, type ReadNumber } from './quantity/read-number.js';
export { kitchenMeasure, kitchenMeasureOf } from './quantity/kitchen-measure.js';
export { gramsPerUnit, type Measures } from './quantity/measures.js';
export {
  celsius,
  celsiusFromFahrenheit,
  fahrenheitFromCelsius,
  grams,
  type Grams,
} from './quantity/quantity.js';
export { isUnitId, readUnit, type UnitId, unitIds, unitOf } from './quantity/unit.js';
export {
  type Pull,
  type PullBy,
  pullBys,
  pullsOn,
  strongestPulls,
} from './propose/sensitivity/sensitivity.js';
export {
  axisAround,
  contourLevels,
  type TradeAxis,
  tradeMap,
  type TradeMap,
  type TradeMapRequest,
  tradeSizes,
} from './propose/trade/trade-map.js';
export { type Difference, differencesOf, sideBySide, type SideRow } from './propose/compare/difference.js';
export { balance, type BalanceOutcome, type Measuring, type Proposal } from './propose/balance/balance.js';
export type { BalanceOptions, BalanceRequest } from './propose/balance/balance-request.js';
export type { Conflict, Relaxation } from './propose/balance/conflict.js';
export type { Demand } from './propose/balance/demand.js';
export { type Measurable, type Rounding, roundings } from './propose/balance/kitchen-rounding.js';
export { judge, withMasses } from './propose/balance/objective.js';
export type { ChangeReason, LineChange } from './propose/balance/reasons.js';
export { finish, type SearchProgress } from './propose/balance/solve.js';
export type { PotLine } from './propose/swap/replace-line.js';
export { openToAll, type Schools } from './propose/swap/school.js';
export { linesToReplace, swap, type SwapOutcome } from './propose/swap/swap.js';
export type { SwapOption } from './propose/swap/swap-option.js';
export type { HouseSauce, SwapAsk, SwapRequest } from './propose/swap/swap-request.js';
export type { Told } from './propose/swap/told.js';
