/** The door of the core: pure, without clock, chance, network or environment. README.md shows how to use it alone. */

// Numbers and amounts, as cooks write them.
export {
  type Amount,
  type AmountRange,
  amountText,
  gramsOf,
  LARGEST_LINE_G,
  readAmount,
} from './quantity/amount.js';
export { type Kitchen, kitchenOf, kitchens, usualKitchen } from './quantity/kitchen.js';
export { amountSd } from './quantity/amount-doubt.js';
export { kitchenMeasure, kitchenMeasureOf } from './quantity/kitchen-measure.js';
export type { Measures } from './quantity/measures.js';
export { celsius, grams, type Grams } from './quantity/quantity.js';
export { type MeasuredOutcome, readMeasured } from './quantity/read-measured.js';
export { type UnitId, unitIds, unitOf } from './quantity/unit.js';

// Ingredients, what they hold and how they behave.
export {
  type Behaviour,
  type Composition,
  gumTotal,
  starchTotal,
  unnamedRemainder,
} from './ingredient/composition.js';
export { type Ingredient, type Role, roleNames, roles, type Shelf } from './ingredient/ingredient.js';

// The larder: the table, the search, what can be done with a thing before the pot, own ingredients by their label.
export { kindsBeside } from './larder/catalog/in-kinds.js';
export { ingredientById, larderTable } from './larder/catalog/larder-table.js';
export { potOf } from './larder/pot-of.js';
export { type NutritionLabel, problemsOfLabel } from './larder/own/label-composition.js';
export { ingredientFromLabel, isOwn, OWN_PREFIX } from './larder/own/own-ingredient.js';
export { type Ways, waysOf } from './larder/preparation/ways.js';
export { searchIngredients } from './larder/search.js';

// Allergens, the lists of law, and what a label says.
export {
  type AllergenId,
  allergenIds,
  allergenOf,
  allergensOn,
  covers,
  headsOf,
  isAllergenId,
} from './allergen/allergen.js';
export type { ListedIngredient } from './label/ingredient-list.js';
export { allergensOfLabel, type LabelKnowledge } from './label/label-knowledge.js';
export {
  type FindingKind,
  type LabelFinding,
  LONGEST_LABEL,
  type ReadLabel,
  readLabel,
} from './label/read-label.js';
export { knownIn, LONGEST_TAUGHT, taughtKey, type TaughtWord } from './label/taught-word.js';

// The timetable of an evening, back from serving.
export { type EveningProblem, problemsOfEvening } from './plan/problems.js';
export type { LikelyReady } from './plan/likely-ready.js';
export { type PlannedEvening, planEvening, planningEvening } from './plan/plan-evening.js';
export { BESIDE_A_PAGE } from './plan/plan.params.js';
export type { Progress } from './plan/replan.js';
export type { Collision } from './plan/build-back.js';
export type { Help } from './plan/helps.js';
export { schedule, type ScheduleOutcome } from './plan/schedule.js';
export type { PlanSearch, SearchLimits } from './plan/plan-search.js';
export type { Evening, Planned, PlanTask, Span } from './plan/task.js';
export type { Worth } from './plan/worth.js';

// Recipes as they are written elsewhere.
export { formulaOfRecipe, type TakenLine } from './reading/formula-of-recipe.js';
export type { Habits } from './reading/habits.js';
export { offersFor, openParts } from './formula/skeleton.js';
export type { SkeletonPart } from './formula/skeleton.params.js';
export type { UsedIngredients } from './larder/used.js';
export { readSaidAmount } from './reading/amount/read-said-amount.js';
export { readRecipe, type RecipeSource } from './reading/read-recipe.js';
export { readIngredientLine, type ReadLine, weighedAs } from './reading/text/ingredient-line.js';
export { LONGEST_RECIPE } from './reading/text/parts-of-text.js';
export type { ReadRecipe } from './reading/text/recipe-text.js';

// What the model is given.
export { type Preparation, preparationKinds, preparationOf, preparations } from './recipe/preparation.js';
// What is done, first to last.
export {
  choiceFields,
  type ChoiceName,
  choiceNames,
  choicesOf,
  figureFields,
  type FigureName,
  figureNames,
} from './recipe/method/operation-field.js';
export {
  kindOf,
  type OperationKind,
  type OperationKindId,
  operationKindIds,
} from './recipe/method/operation-kinds.js';
export { choiceOf, figureOf, type Method, minutesOf, type Operation } from './recipe/method/operation.js';
export { bladeOf } from './recipe/method/blade.js';
export { toolRows } from './recipe/method/tool.params.js';
export { heatOf, methodOfProcess, processOfMethod } from './recipe/method/flat-process.js';
export {
  isDoneTo,
  madeReady,
  type MadeReady,
  operationsFor,
  readyYield,
} from './predict/ready/made-ready.js';
export { aromaLeft } from './predict/course/aroma.js';
export { arrivingOf } from './predict/assemble/weighed.js';
export { courseOf } from './predict/course/course.js';
export { evaporationRate } from './predict/course/evaporation.js';
export {
  flatProcessOf,
  type MethodOfFormula,
  methodOfFormula,
  withEveryLine,
} from './formula/method/method-of-formula.js';
export { anotherFamily } from './formula/another-family.js';
export { usualServe } from './formula/usual-serve.params.js';
export { formulaInLine, lineOfFormula } from './formula/formula-line.js';
export { type HouseStock, isInTheHouse } from './formula/in-the-house.js';
export {
  formulasIn,
  holdsItself,
  ingredientOfFormula,
  larderWithFormulas,
} from './formula/ingredient-of-formula.js';
export { isMade, madeBefore, type MadeIngredient } from './recipe/made-before.js';
export type { LarderLookup } from './formula/recipe-of-formula.js';
export * from './formula/method/edit-method.js';
export {
  editedMethod,
  type MethodEdit,
  type MethodOffer,
  methodOffers,
} from './propose/method/method-offer.js';
export { type WrittenMethod, writeMethod } from './formula/method/write-method.js';
export {
  type Process,
  type Recipe,
  type RecipeLine,
  type Stage,
  stages,
  type Storage,
  storages,
  uncooked,
} from './recipe/recipe.js';

// What the model says.
export { assemble } from './predict/assemble/assemble.js';
export type { Climate } from './predict/climate/climate.js';
export { colourWord } from './predict/colour/colour-word.js';
export type { Cost } from './predict/cost/cost.js';
export type { HomeTests } from './predict/home-test/home-tests.js';
export type { Mixture } from './predict/mixture/mixture.js';
export { KJ_PER_KCAL, type Known, type Nutrition } from './predict/nutrition/nutrition.js';
export { potAt } from './predict/pot-at.js';
export { predict, predictAt } from './predict/predict.js';
export { predictPot } from './predict/predict-pot.js';
export type { PointPrediction, Prediction, PredictionFlag } from './predict/prediction.js';
export { type Report, reportOn } from './predict/report.js';
export type { Kept } from './predict/keeping/kept.js';
export type { SpreadableWindow } from './predict/spreadable-window.js';
export { CURVE_RANGE, type CurvePoint, plainCurve, temperatureCurve } from './predict/temperature-curve.js';
export { CLASS_EDGES, type ThicknessClass, type WordChance } from './predict/thickness/thickness-class.js';
export type { Band } from './predict/uncertainty/band.js';
export { type Warning, warningsOf } from './predict/warnings.js';

// What can be said of a pot: properties, rails, who holds them and why.
export { assess, type Assessed, isEmpty } from './property/assess.js';
export {
  type Contribution,
  contributionsOf,
  linedIds,
  type PropertyContributions,
} from './property/contributions.js';
export { type Explanation, explanationOf } from './property/explanation.js';
export { type LinedId, properties, type PropertyId, propertyOf, type RailId } from './property/properties.js';
export type { Property } from './property/property.js';
export {
  noticed,
  placeOnRail,
  type Rail,
  railIds,
  railOf,
  rails,
  valueOnRail,
  wordFor,
  valueAt,
} from './property/rail.js';
export { provenanceWords, type ShownParameter } from './property/shown-parameter.js';

// What a product has to be.
export { currentRailId } from './brief/renamed-rails.js';
export {
  briefOf,
  briefOfFamily,
  isUsualFor,
  pinnedWish,
  type Standing,
  standingOf,
  wishesOf,
  withWish,
} from './brief/brief.js';
export { withTheRestAsItIs } from './brief/as-it-is.js';
export { families, type Family, familyNames } from './brief/family.js';
export { type OnePressId, onePressWishes } from './brief/one-press.js';
export {
  type Brief,
  type WishRange,
  type Weight,
  weightNames,
  weightOf,
  weights,
  type Wish,
} from './brief/wish.js';

// Formulas: edits as data, history, and the recipe they come to.
export { blankFormula, type Formula, type Hold, type Line, type Serve } from './formula/formula.js';
export { areaOfDish, type DishShape, type ScaleAsk } from './propose/scale/scale-ask.js';
export { type Vessel } from './propose/scale/scale-method.js';
export {
  type ScaledFormula,
  scaledFormula,
  type ScaledLine,
  type ScaleRounding,
} from './propose/scale/scaled-formula.js';
export { advance, type History, historyFrom, redo, startHistory, undo } from './formula/history.js';
export { type LineProblem, recipeOfFormula } from './formula/recipe-of-formula.js';
export { applyStep, type FormulaStep, linesByRole } from './formula/step.js';

// Who can eat: needs, portions, an evening, verdicts.
export type { Eater } from './household/eater.js';
export { judgeVersions } from './household/evening/base-and-versions.js';
export {
  type BaseShare,
  type DividedBase,
  divideBase,
  methodOfBase,
  versionNamed,
  versionOfBase,
  type VersionsOfBase,
} from './household/evening/divide-base.js';
export {
  judgeEvening,
  judgePots,
  type Pot,
  strictestFirst,
  type Tool,
  tools,
} from './household/evening/course-of-cooking.js';
export { type Compound, compoundNames, compounds } from './household/need/compound.params.js';
export { cliniciansQuestions } from './household/need/cross-reaction.js';
export {
  type Avoided,
  type Need,
  type Strictness,
  strictnesses,
  strictnessNames,
} from './household/need/need.js';
export { type Rule, ruleNames, rules } from './household/need/rule.params.js';
export { asOneLine, mealOf, timesAsMuch } from './household/portion/meal.js';
export { type PackLabel, packLabel } from './household/portion/pack-label.js';
export { type ComputedFormula, portionOfFormula } from './household/portion/portion-of-formula.js';
export { portionOfLines } from './household/portion/portion-of-lines.js';
export { portionOfRecipe } from './household/portion/portion-of-recipe.js';
export type { Contact, Portion } from './household/portion/portion.js';
export type { EaterVerdict, Finding, Verdict, VerdictOrNone } from './household/verdict.js';
export { whoCanEat } from './household/who-can-eat.js';

// What is offered: balance, exchange, trade map, comparison.
export type { BalanceOptions, BalanceRequest } from './propose/balance/balance-request.js';
export { balancePot } from './propose/balance/balance-pot.js';
export { balance, type BalanceOutcome } from './propose/balance/balance.js';
export type { Measuring, Proposal } from './propose/balance/proposal.js';
export type { Conflict, Relaxation } from './propose/balance/conflict.js';
export type { Forbidden } from './propose/balance/limits-of-people.js';
export type { Demand, LineAtLimit } from './propose/balance/demand.js';
export type { Measurable, Rounding } from './propose/balance/kitchen-rounding.js';
export type { ChangeReason, LineChange } from './propose/balance/reasons.js';
export { finish } from './numeric/finish.js';
export type { SearchProgress } from './propose/balance/solve.js';
export { type AgainstDairy, againstDairy, type ComparedFigure } from './propose/compare/against-dairy.js';
export { type Difference, differencesOf, sideBySide } from './propose/compare/difference.js';
export {
  mostSensitive,
  type PerWhat,
  perWhats,
  sensitivitiesOf,
  type Sensitivity,
} from './propose/sensitivity/sensitivity.js';
export type { PotLine } from './propose/swap/replace-line.js';
export { openToAll, type Schools } from './propose/swap/school.js';
export { type Shift, shiftsBetween } from './propose/swap/shift.js';
export type { SwapOption } from './propose/swap/swap-option.js';
export type { DoneWithout, HouseSauce, SwapAsk, SwapRequest } from './propose/swap/swap-request.js';
export { swap, type SwapOutcome } from './propose/swap/swap.js';
export {
  axisAround,
  contourLevels,
  tradeMap,
  type TradeMap,
  type TradeMapRequest,
  tradeSizes,
} from './propose/trade/trade-map.js';

// What is said with every pot.
export { type Caution, cautionsOf } from './handbook/cautions.js';
export { whatItKnows } from './handbook/cautions.params.js';

// A dish of several parts: layers, room, water.
export type { DishComponent } from './dish/component.js';
export { type LayeredDish, type DishReport, reportOnDish } from './dish/dish.js';
export { partOfRecipe, partOfThing, type ReadPart } from './dish/dish-part.js';
export { type DishPortion, layeredG, portionOfDish } from './dish/dish-portion.js';
export { keepingOfFormula, keepsOvernight } from './evening/made-before.js';
export { shareOfPart, type Sharing, sharingOf } from './dish/sharing.js';
export {
  amountOfLayer,
  type LayerAmount,
  layerAdded,
  layerAmounted,
  layerMoved,
  partChanged,
  atMoment,
  partOfVersion,
  partOnlyFor,
  partUnweighed,
  withMoment,
  withoutMoment,
  withAdvice,
  withoutLayer,
  withoutPart,
  withPart,
} from './dish/dish-edits.js';
export {
  finishTogether,
  type FinishedTogether,
  type Pieces,
  type PiecesInPot,
  softens,
  piecesBoiled,
} from './dish/finish-together.js';
export { layering } from './dish/moisture.params.js';
export type { Layer, LayerAsk, Supply } from './dish/layers.js';
export {
  type DishProblem,
  formulaOfPart,
  type KnownToDish,
  type ReadDish,
  readDish,
} from './dish/read-dish.js';
export {
  type DishEater,
  type DishLayer,
  type DishPart,
  type KeptMoment,
  type NamedVessel,
  portionsOfDish,
  type WrittenDish,
} from './dish/written-dish.js';
export type { MoistureAdvice } from './dish/advice.js';
export { type MoistureWord, moistureWords } from './dish/moisture-verdict.js';
export { type Cover, ovenCovers, type OvenStage } from './dish/oven.js';
export type { DishVessel } from './dish/vessel.js';

// The evening: what is to be done for its pots, and when.
export { SHOP, type ShopTonight } from './evening/shopping.js';
export {
  type CookedTonight,
  type CookTonight,
  type EveningDish,
  type EveningPot,
  eveningTonight,
  type KitchenTonight,
  unnamedCooks,
} from './evening/evening-tonight.js';
export { type DoneToDish, type FormulaTask, tasksOfFormula } from './evening/tasks-of-formula.js';
export { tasksOfDish } from './evening/tasks-of-dish.js';

export { scaledDish } from './dish/scaled-dish.js';

// The one writer: amounts, operations, tasks and whole pages as a cook would say them.
export {
  type PageSection,
  type PageStep,
  type PageThing,
  pageOfDish,
  pageOfFormula,
  type RecipePage,
} from './writer/recipe-page.js';
export { pageAsMarkdown, pageAsText, type PagePerson } from './writer/page-as-text.js';
export { type PotKnown, type TaskSaid, tasksSaid, type Telling } from './writer/task-said.js';
