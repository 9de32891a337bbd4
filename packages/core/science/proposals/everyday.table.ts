import type { OnePressId } from '../../src/brief/one-press.js';
import type { Family } from '../../src/brief/family.js';
import type { Need } from '../../src/household/need/need.js';
import type { Preparation } from '../../src/recipe/preparation.js';
import type { Stage } from '../../src/recipe/recipe.js';

export type Cooking = 'simmered' | 'whisked' | 'cold' | 'baked' | 'melted' | 'set';

/** What somebody wants of a formula. */
export type Asked =
  | { readonly nothing: true }
  | { readonly press: OnePressId }
  | { readonly person: readonly Need[] }
  | { readonly line: string }
  | { readonly without: 'oil' | 'nuts' }
  | { readonly house: readonly string[] };

export interface EverydayRow {
  readonly name: string;
  readonly family: Family;
  readonly cooking: Cooking;
  /** °C at the table. */
  readonly atC: number;
  /** Ingredient, g, and how it goes in where that is not plain. */
  readonly lines: readonly (readonly [id: string, g: number, how?: Preparation | Stage])[];
  /** What a cook would say the dish is: kept within a quarter, unless it is what has to go. */
  readonly identity: readonly string[];
  readonly asked: Asked;
  /** Kinds of which at least one is among what is offered. */
  readonly offers?: readonly string[];
  /** Ingredients that a cook would laugh at here, or that this person must not be offered. */
  readonly never?: readonly string[];
  /** Ingredients that have to be among what is offered. */
  readonly needs?: readonly string[];
  /** Lines of which less would be the wrong way round. */
  readonly neverLess?: readonly string[];
}

const allergy = (allergen: Extract<Need, { kind: 'allergen' }>['allergen'], traces = false): Need => ({ kind: 'allergen', allergen, strictness: 'allergy', traces });
const saltLimit = (gramsPerPortion: number): Need => ({ kind: 'salt-limit', gramsPerPortion });

const cashewSauce: EverydayRow['lines'] = [['cashew', 120, 'soaked'], ['water', 380], ['nutritional-yeast', 16], ['lemon-juice', 15], ['garlic-powder', 2], ['mustard', 6], ['corn-starch', 8, 'slurry'], ['salt', 5.5], ['turmeric', 0.6]];
const potatoCarrot: EverydayRow['lines'] = [['potato', 300, 'boiled'], ['carrot', 120, 'boiled'], ['water', 160], ['rapeseed-oil', 50], ['nutritional-yeast', 22], ['lemon-juice', 14], ['salt', 7], ['garlic-powder', 2], ['paprika-sweet', 1.5]];
const sunflowerSauce: EverydayRow['lines'] = [['sunflower-seed', 110, 'soaked'], ['red-pepper-roasted', 90], ['water', 300], ['nutritional-yeast', 12], ['lemon-juice', 16], ['garlic', 4], ['salt', 5], ['paprika-smoked', 1]];
const beanSauce: EverydayRow['lines'] = [['white-bean-boiled', 250], ['oat-drink', 250], ['nutritional-yeast', 14], ['rapeseed-oil', 15], ['lemon-juice', 12], ['mustard', 8], ['salt', 5], ['white-pepper', 0.4]];
const lentilSauce: EverydayRow['lines'] = [['red-lentil-dry', 100], ['carrot', 100, 'boiled'], ['vegetable-stock-unsalted', 520], ['tomato-paste', 20], ['olive-oil', 15], ['lemon-juice', 12], ['salt', 6], ['cumin', 1.2], ['garlic', 5]];
const squashSoup: EverydayRow['lines'] = [['squash', 450, 'boiled'], ['onion', 90], ['vegetable-stock', 420], ['coconut-milk', 120], ['lime-juice', 10], ['salt', 4], ['cayenne', 0.2]];
const cauliflowerSauce: EverydayRow['lines'] = [['cauliflower', 320, 'boiled'], ['oat-drink', 200], ['olive-oil', 20], ['garlic-roasted', 12], ['nutritional-yeast', 9], ['lemon-juice', 8], ['salt', 5], ['nutmeg', 0.3]];
const tapiocaMelt: EverydayRow['lines'] = [['cashew', 70, 'soaked'], ['water', 280], ['tapioca-starch', 32, 'slurry'], ['coconut-oil', 20], ['nutritional-yeast', 12], ['lemon-juice', 14], ['salt', 5.5], ['garlic-powder', 1.2]];
const soyaMelt: EverydayRow['lines'] = [['soya-drink-plain', 400], ['tapioca-starch', 30, 'slurry'], ['sunflower-oil', 40], ['nutritional-yeast', 14], ['cider-vinegar', 6], ['salt', 6], ['mustard-powder', 1]];
const beanMelt: EverydayRow['lines'] = [['butter-bean-boiled', 200], ['water', 220], ['tapioca-starch', 34, 'slurry'], ['rice-miso', 18], ['lemon-juice', 12], ['salt', 3], ['garlic-powder', 1.5]];
const potatoMelt: EverydayRow['lines'] = [['potato', 180, 'boiled'], ['oat-drink', 220], ['potato-starch', 22, 'slurry'], ['rapeseed-oil', 30], ['nutritional-yeast', 12], ['white-vinegar', 6], ['salt', 5.5], ['annatto', 0.8]];
const bechamel: EverydayRow['lines'] = [['wheat-flour', 40, 'roux'], ['olive-oil', 45, 'roux'], ['soya-drink-plain', 520], ['salt', 4.5], ['nutmeg', 0.5], ['white-pepper', 0.4]];
const riceBechamel: EverydayRow['lines'] = [['rice-flour', 36, 'slurry'], ['oat-drink', 500], ['plant-butter-block', 40], ['salt', 3.5], ['nutmeg', 0.4], ['onion-powder', 1.5]];
const mushroomCream: EverydayRow['lines'] = [['mushroom-roasted', 160], ['onion-roasted', 60], ['oat-cream', 200], ['vegetable-stock', 140], ['wheat-flour', 10, 'slurry'], ['salt', 2.5], ['black-pepper', 0.5], ['thyme-dried', 0.7]];
const coconutSauce: EverydayRow['lines'] = [['coconut-milk', 380], ['vegetable-stock', 120], ['corn-starch', 9, 'slurry'], ['lime-juice', 10], ['soy-sauce', 10], ['garlic', 6], ['salt', 1.5]];
const celeriacCream: EverydayRow['lines'] = [['celeriac', 260, 'boiled'], ['oat-drink', 280], ['rapeseed-oil', 24], ['mustard', 6], ['lemon-juice', 5], ['salt', 3.5], ['chives-fresh', 6]];
const almondRicotta: EverydayRow['lines'] = [['almond', 200, 'soaked'], ['water', 130], ['lemon-juice', 26], ['olive-oil', 14], ['salt', 4.5], ['garlic-powder', 0.8]];
const tofuRicotta: EverydayRow['lines'] = [['tofu-firm', 350], ['lemon-juice', 22], ['olive-oil', 16], ['nutritional-yeast', 7], ['salt', 5], ['garlic-powder', 1], ['basil-fresh', 8]];
const seedRicotta: EverydayRow['lines'] = [['pumpkin-seed', 180, 'soaked'], ['water', 110], ['lemon-juice', 22], ['rapeseed-oil', 12], ['salt', 4], ['dill-fresh', 6]];
const cashewSpread: EverydayRow['lines'] = [['cashew', 180, 'soaked'], ['water', 90], ['lemon-juice', 22], ['coconut-oil', 20], ['salt', 3.5], ['garlic-powder', 0.7], ['chives-fresh', 9]];
const sunflowerSpread: EverydayRow['lines'] = [['sunflower-seed', 170, 'soaked'], ['water', 100], ['tomato-paste', 24], ['rapeseed-oil', 18], ['lemon-juice', 15], ['salt', 4], ['paprika-sweet', 2]];
const hummus: EverydayRow['lines'] = [['chickpea-boiled', 300], ['tahini', 60], ['water', 80], ['lemon-juice', 35], ['garlic', 5], ['olive-oil', 15], ['salt', 4.5], ['cumin', 1]];
const tomatoCurry: EverydayRow['lines'] = [['passata', 250], ['coconut-milk', 200], ['onion', 80], ['garlic', 6], ['ginger-fresh', 6], ['curry-powder', 5], ['salt', 4]];
const seedPesto: EverydayRow['lines'] = [['pumpkin-seed', 80], ['basil-fresh', 50], ['olive-oil', 60], ['water', 120], ['garlic', 4], ['lemon-juice', 12], ['salt', 3]];
const avocadoCream: EverydayRow['lines'] = [['avocado', 240], ['lime-juice', 25], ['water', 60], ['salt', 3], ['coriander-fresh', 8], ['garlic', 3]];
const macadamiaCurd: EverydayRow['lines'] = [['macadamia', 200, 'soaked'], ['water', 90], ['lemon-juice', 20], ['salt', 6], ['oregano-dried', 1]];
const oatFlakeCream: EverydayRow['lines'] = [['oat-flakes', 45], ['water', 450], ['rapeseed-oil', 20], ['salt', 4], ['nutmeg', 0.3], ['onion-powder', 2]];
const redWineCream: EverydayRow['lines'] = [['red-wine', 120], ['mushroom', 200], ['oat-cream', 200], ['vegetable-stock', 100], ['corn-starch', 8, 'slurry'], ['salt', 2], ['thyme-fresh', 2]];
const agarBlock: EverydayRow['lines'] = [['cashew', 120, 'soaked'], ['water', 320], ['agar', 6], ['coconut-oil', 40], ['lemon-juice', 16], ['nutritional-yeast', 12], ['salt', 6]];
const redPepperDip: EverydayRow['lines'] = [['red-pepper-roasted', 250], ['walnut', 90], ['breadcrumbs-wheat', 35], ['olive-oil', 25], ['lemon-juice', 10], ['salt', 3.5], ['cumin', 1], ['date-syrup', 8]];
const tarragonButterSauce: EverydayRow['lines'] = [['plant-butter-block', 120], ['soya-drink-plain', 150], ['wine-vinegar', 12], ['shallot', 30], ['tarragon-fresh', 6], ['corn-starch', 8, 'slurry'], ['salt', 2], ['turmeric', 0.3]];
const cucumberYogurt: EverydayRow['lines'] = [['coconut-yogurt', 250], ['cucumber', 120], ['mint-fresh', 6], ['cumin', 0.8], ['salt', 2.5]];
const peaDrinkSauce: EverydayRow['lines'] = [['pea-drink', 450], ['wheat-flour', 30, 'roux'], ['rapeseed-oil', 30, 'roux'], ['salt', 4]];
const ranch: EverydayRow['lines'] = [['mayonnaise-egg-free', 140], ['soya-yogurt', 90], ['cider-vinegar', 9], ['dill-fresh', 8], ['chives-fresh', 8], ['garlic-powder', 1.2], ['salt', 1.5]];
const vinaigrette: EverydayRow['lines'] = [['olive-oil', 150], ['wine-vinegar', 48], ['mustard', 14], ['maple-syrup', 6], ['salt', 2.5], ['black-pepper', 0.4]];
const tahiniDressing: EverydayRow['lines'] = [['tahini', 80], ['water', 90], ['lemon-juice', 30], ['garlic', 4], ['salt', 2.5], ['maple-syrup', 6]];
const yogurtDip: EverydayRow['lines'] = [['coconut-yogurt', 280], ['lemon-juice', 10], ['garlic', 4], ['olive-oil', 12], ['salt', 2.8], ['dill-fresh', 10]];
const tableButter: EverydayRow['lines'] = [['coconut-oil', 150], ['rapeseed-oil', 60], ['soya-drink-plain', 40], ['salt', 2.5], ['cider-vinegar', 2], ['turmeric', 0.15]];
const lightSpread: EverydayRow['lines'] = [['shea-butter', 70], ['sunflower-oil', 70], ['oat-drink', 115], ['salt', 2.4], ['lemon-juice', 3]];
const chickpeaButter: EverydayRow['lines'] = [['chickpea-flour', 50, 'slurry'], ['oat-drink', 260], ['salt', 3], ['cider-vinegar', 4], ['turmeric', 0.3]];
const squashButter: EverydayRow['lines'] = [['squash-roasted', 220], ['oat-drink', 90], ['corn-starch', 10, 'slurry'], ['salt', 3], ['lemon-juice', 6]];
const bakeTop: EverydayRow['lines'] = [['cashew', 90, 'soaked'], ['water', 320], ['corn-starch', 16, 'slurry'], ['nutritional-yeast', 12], ['mustard', 6], ['salt', 4.5], ['nutmeg', 0.4]];
const tofuTop: EverydayRow['lines'] = [['tofu-silken', 350], ['oat-drink', 60], ['rice-flour', 12, 'slurry'], ['nutritional-yeast', 10], ['lemon-juice', 9], ['salt', 4.5], ['black-salt', 0.8]];
const potatoTop: EverydayRow['lines'] = [['potato', 380, 'boiled'], ['oat-drink', 140], ['plant-butter-block', 30], ['salt', 4.5], ['nutmeg', 0.4]];

/**
 * Everyday formulas of every family, each with what somebody wants of it.
 * @source written from general cooking knowledge; what a cook would hold is judged in `hold-proposal.ts`
 */
export const everyday: readonly EverydayRow[] = [
  { name: 'Cashew sauce', family: 'pouring-sauce', cooking: 'simmered', atC: 62, lines: cashewSauce, identity: ['cashew', 'water'], asked: { nothing: true } },
  { name: 'Cashew sauce', family: 'pouring-sauce', cooking: 'simmered', atC: 62, lines: cashewSauce, identity: ['cashew', 'water'], asked: { press: 'thicker' } },
  { name: 'Cashew sauce', family: 'pouring-sauce', cooking: 'simmered', atC: 62, lines: cashewSauce, identity: ['water'], asked: { person: [allergy('tree-nut')] }, offers: ['seed', 'bean', 'seed butter'], never: ['pine-nut', 'almond', 'peanut', 'coconut-desiccated'] },
  { name: 'Cashew sauce', family: 'pouring-sauce', cooking: 'simmered', atC: 62, lines: cashewSauce, identity: ['cashew', 'water'], asked: { press: 'less-salty' } },
  { name: 'Cashew sauce', family: 'pouring-sauce', cooking: 'simmered', atC: 62, lines: cashewSauce, identity: ['cashew', 'water'], asked: { person: [{ kind: 'ingredient', ingredient: 'nutritional-yeast', strictness: 'diet' }] } },
  { name: 'Cashew sauce', family: 'pouring-sauce', cooking: 'simmered', atC: 62, lines: cashewSauce, identity: ['cashew', 'water'], asked: { line: 'nutritional-yeast' }, offers: ['miso', 'mushroom', 'tomato', 'soy sauce'], never: ['garlic', 'capers', 'olives'] },
  { name: 'Potato and carrot sauce', family: 'pouring-sauce', cooking: 'simmered', atC: 62, lines: potatoCarrot, identity: ['potato', 'carrot'], asked: { nothing: true } },
  { name: 'Potato and carrot sauce', family: 'pouring-sauce', cooking: 'simmered', atC: 62, lines: potatoCarrot, identity: ['potato', 'carrot'], asked: { without: 'oil' }, never: ['coconut-oil', 'olive-oil'] },
  { name: 'Potato and carrot sauce', family: 'pouring-sauce', cooking: 'simmered', atC: 62, lines: potatoCarrot, identity: ['potato', 'carrot'], asked: { press: 'thinner' } },
  { name: 'Potato and carrot sauce', family: 'pouring-sauce', cooking: 'simmered', atC: 62, lines: potatoCarrot, identity: ['potato', 'carrot'], asked: { press: 'leaner' } },
  { name: 'Sunflower and pepper sauce', family: 'pouring-sauce', cooking: 'simmered', atC: 60, lines: sunflowerSauce, identity: ['sunflower-seed', 'red-pepper-roasted', 'water'], asked: { press: 'sharper' } },
  { name: 'Sunflower and pepper sauce', family: 'pouring-sauce', cooking: 'simmered', atC: 60, lines: sunflowerSauce, identity: ['red-pepper-roasted', 'water'], asked: { line: 'sunflower-seed' }, offers: ['nut', 'bean', 'tofu', 'seed'], never: ['onion', 'beetroot'] },
  { name: 'White bean sauce', family: 'pouring-sauce', cooking: 'simmered', atC: 62, lines: beanSauce, identity: ['white-bean-boiled'], asked: { person: [allergy('gluten')] }, offers: ['cereal drink', 'soya or pea drink', 'coconut drink', 'nut drink', 'seed drink'], never: ['barley-miso', 'oat-cream'] },
  { name: 'White bean sauce', family: 'pouring-sauce', cooking: 'simmered', atC: 62, lines: beanSauce, identity: ['white-bean-boiled', 'oat-drink'], asked: { press: 'more-savory' } },
  { name: 'White bean sauce', family: 'pouring-sauce', cooking: 'simmered', atC: 62, lines: beanSauce, identity: ['white-bean-boiled', 'oat-drink'], asked: { person: [saltLimit(0.7)] } },
  { name: 'Red lentil sauce', family: 'pouring-sauce', cooking: 'simmered', atC: 65, lines: lentilSauce, identity: ['red-lentil-dry', 'vegetable-stock-unsalted'], asked: { nothing: true } },
  { name: 'Red lentil sauce', family: 'pouring-sauce', cooking: 'simmered', atC: 65, lines: lentilSauce, identity: ['red-lentil-dry', 'vegetable-stock-unsalted'], asked: { press: 'thinner' } },
  { name: 'Red lentil sauce', family: 'pouring-sauce', cooking: 'simmered', atC: 65, lines: lentilSauce, identity: ['red-lentil-dry'], asked: { line: 'vegetable-stock-unsalted' }, offers: ['stock', 'water'], never: ['celery', 'pasta-water'] },
  { name: 'Squash soup', family: 'pouring-sauce', cooking: 'simmered', atC: 68, lines: squashSoup, identity: ['squash', 'vegetable-stock'], asked: { nothing: true } },
  { name: 'Squash soup', family: 'pouring-sauce', cooking: 'simmered', atC: 68, lines: squashSoup, identity: ['squash', 'vegetable-stock'], asked: { line: 'coconut-milk' }, offers: ['cooking cream'], never: ['cow-milk', 'dairy-cream'] },
  { name: 'Squash soup', family: 'pouring-sauce', cooking: 'simmered', atC: 68, lines: squashSoup, identity: ['squash', 'vegetable-stock'], asked: { press: 'thicker' } },
  { name: 'Cauliflower sauce', family: 'pouring-sauce', cooking: 'simmered', atC: 60, lines: cauliflowerSauce, identity: ['cauliflower', 'oat-drink'], asked: { press: 'richer' } },
  { name: 'Cauliflower sauce', family: 'pouring-sauce', cooking: 'simmered', atC: 60, lines: cauliflowerSauce, identity: ['cauliflower'], asked: { house: ['cauliflower', 'water', 'soya-drink-plain', 'olive-oil', 'garlic-roasted', 'nutritional-yeast', 'lemon-juice', 'salt', 'nutmeg'] }, offers: ['soya or pea drink'] },
  { name: 'Tapioca melt', family: 'stretchy-melt', cooking: 'simmered', atC: 68, lines: tapiocaMelt, identity: ['cashew', 'water'], asked: { nothing: true } },
  { name: 'Tapioca melt', family: 'stretchy-melt', cooking: 'simmered', atC: 68, lines: tapiocaMelt, identity: ['cashew', 'water'], asked: { press: 'stretchier' } },
  { name: 'Tapioca melt', family: 'stretchy-melt', cooking: 'simmered', atC: 68, lines: tapiocaMelt, identity: ['water'], asked: { without: 'nuts' }, offers: ['seed', 'bean', 'floury root', 'tofu'], never: ['almond-drink', 'pine-nut'] },
  { name: 'Tapioca melt', family: 'stretchy-melt', cooking: 'simmered', atC: 68, lines: tapiocaMelt, identity: ['cashew', 'water'], asked: { line: 'tapioca-starch' }, offers: ['root starch', 'glutinous rice flour'] },
  { name: 'Soya melt', family: 'stretchy-melt', cooking: 'simmered', atC: 68, lines: soyaMelt, identity: [], asked: { person: [allergy('soya')] }, offers: ['cereal drink', 'coconut drink', 'nut drink', 'seed drink'], never: ['soya-cream', 'tofu-silken', 'soya-drink'] },
  { name: 'Soya melt', family: 'stretchy-melt', cooking: 'simmered', atC: 68, lines: soyaMelt, identity: ['soya-drink-plain'], asked: { press: 'less-salty' } },
  { name: 'Bean melt without oil', family: 'stretchy-melt', cooking: 'simmered', atC: 66, lines: beanMelt, identity: ['butter-bean-boiled', 'water'], asked: { nothing: true } },
  { name: 'Bean melt without oil', family: 'stretchy-melt', cooking: 'simmered', atC: 66, lines: beanMelt, identity: ['butter-bean-boiled', 'water'], asked: { press: 'thicker' } },
  { name: 'Potato melt', family: 'stretchy-melt', cooking: 'simmered', atC: 66, lines: potatoMelt, identity: ['potato', 'oat-drink'], asked: { press: 'stretchier' } },
  { name: 'Potato melt', family: 'stretchy-melt', cooking: 'simmered', atC: 66, lines: potatoMelt, identity: ['potato', 'oat-drink'], asked: { person: [saltLimit(0.9)] } },
  { name: 'White sauce', family: 'cream-sauce', cooking: 'whisked', atC: 65, lines: bechamel, identity: ['soya-drink-plain'], asked: { nothing: true } },
  { name: 'White sauce', family: 'cream-sauce', cooking: 'whisked', atC: 65, lines: bechamel, identity: ['soya-drink-plain'], asked: { press: 'thicker' } },
  { name: 'White sauce', family: 'cream-sauce', cooking: 'whisked', atC: 65, lines: bechamel, identity: ['soya-drink-plain'], asked: { person: [allergy('gluten')] }, offers: ['cereal flour', 'cereal starch'], never: ['agar', 'rye-flour', 'spelt-flour'] },
  { name: 'White sauce', family: 'cream-sauce', cooking: 'whisked', atC: 65, lines: bechamel, identity: [], asked: { person: [allergy('soya')] }, offers: ['cereal drink', 'nut drink', 'coconut drink', 'seed drink'], never: ['soya-cream'] },
  { name: 'Rice flour white sauce', family: 'cream-sauce', cooking: 'whisked', atC: 64, lines: riceBechamel, identity: ['oat-drink'], asked: { press: 'richer' } },
  { name: 'Rice flour white sauce', family: 'cream-sauce', cooking: 'whisked', atC: 64, lines: riceBechamel, identity: ['oat-drink'], asked: { line: 'plant-butter-block' }, offers: ['mild oil', 'hard fat'] },
  { name: 'Mushroom cream', family: 'cream-sauce', cooking: 'simmered', atC: 64, lines: mushroomCream, identity: ['mushroom-roasted', 'oat-cream'], asked: { nothing: true } },
  { name: 'Mushroom cream', family: 'cream-sauce', cooking: 'simmered', atC: 64, lines: mushroomCream, identity: ['mushroom-roasted'], asked: { person: [allergy('oat')] }, offers: ['cooking cream', 'coconut milk', 'soya or pea drink'] },
  { name: 'Coconut sauce', family: 'cream-sauce', cooking: 'simmered', atC: 64, lines: coconutSauce, identity: ['coconut-milk'], asked: { person: [allergy('soya')] }, offers: ['soy sauce', 'miso', 'mushroom', 'yeast'], never: ['tamari', 'rice-miso'] },
  { name: 'Coconut sauce', family: 'cream-sauce', cooking: 'simmered', atC: 64, lines: coconutSauce, identity: ['coconut-milk'], asked: { press: 'leaner' } },
  { name: 'Celeriac cream', family: 'cream-sauce', cooking: 'simmered', atC: 62, lines: celeriacCream, identity: ['celeriac', 'oat-drink'], asked: { press: 'thinner' } },
  { name: 'Celeriac cream', family: 'cream-sauce', cooking: 'simmered', atC: 62, lines: celeriacCream, identity: ['oat-drink'], asked: { person: [allergy('celery')] }, offers: ['pale vegetable', 'floury root'], never: ['celery'] },
  { name: 'Almond curd', family: 'crumbly-curd', cooking: 'cold', atC: 12, lines: almondRicotta, identity: ['almond', 'water'], asked: { nothing: true } },
  { name: 'Almond curd', family: 'crumbly-curd', cooking: 'cold', atC: 12, lines: almondRicotta, identity: ['water'], asked: { person: [allergy('almond')] }, offers: ['seed', 'tofu', 'bean'], never: ['hazelnut', 'pistachio'] },
  { name: 'Tofu curd with basil', family: 'crumbly-curd', cooking: 'cold', atC: 12, lines: tofuRicotta, identity: ['tofu-firm', 'basil-fresh'], asked: { press: 'saltier' } },
  { name: 'Tofu curd with basil', family: 'crumbly-curd', cooking: 'cold', atC: 12, lines: tofuRicotta, identity: ['basil-fresh'], asked: { person: [allergy('soya')] }, offers: ['nut', 'seed', 'bean'], never: ['tempeh', 'tofu-silken'] },
  { name: 'Seed curd', family: 'crumbly-curd', cooking: 'cold', atC: 12, lines: seedRicotta, identity: ['pumpkin-seed', 'water'], asked: { press: 'milder' } },
  { name: 'Cashew spread with chives', family: 'tangy-spread', cooking: 'cold', atC: 8, lines: cashewSpread, identity: ['cashew', 'chives-fresh'], asked: { nothing: true } },
  { name: 'Cashew spread with chives', family: 'tangy-spread', cooking: 'cold', atC: 8, lines: cashewSpread, identity: ['cashew', 'chives-fresh'], asked: { press: 'cheaper' } },
  { name: 'Sunflower tomato spread', family: 'tangy-spread', cooking: 'cold', atC: 10, lines: sunflowerSpread, identity: ['sunflower-seed', 'tomato-paste'], asked: { press: 'sharper' } },
  { name: 'Hummus', family: 'dip', cooking: 'cold', atC: 14, lines: hummus, identity: ['chickpea-boiled'], asked: { person: [allergy('sesame')] }, offers: ['seed butter', 'nut butter', 'seed'], never: ['sesame-seed', 'poppy-seed', 'sesame-oil'] },
  { name: 'Hummus', family: 'dip', cooking: 'cold', atC: 14, lines: hummus, identity: ['chickpea-boiled', 'tahini'], asked: { press: 'thinner' } },
  { name: 'Herb dressing', family: 'dip', cooking: 'cold', atC: 10, lines: ranch, identity: ['mayonnaise-egg-free', 'soya-yogurt'], asked: { nothing: true } },
  { name: 'Vinaigrette', family: 'dip', cooking: 'cold', atC: 18, lines: vinaigrette, identity: ['olive-oil', 'wine-vinegar'], asked: { nothing: true } },
  { name: 'Vinaigrette', family: 'dip', cooking: 'cold', atC: 18, lines: vinaigrette, identity: ['olive-oil'], asked: { press: 'milder' } },
  { name: 'Vinaigrette', family: 'dip', cooking: 'cold', atC: 18, lines: vinaigrette, identity: ['olive-oil', 'wine-vinegar'], asked: { person: [allergy('mustard')] }, never: ['mustard-powder', 'mustard-coarse'] },
  { name: 'Tahini dressing', family: 'dip', cooking: 'cold', atC: 14, lines: tahiniDressing, identity: ['tahini', 'water'], asked: { press: 'thicker' } },
  { name: 'Yogurt dip', family: 'dip', cooking: 'cold', atC: 8, lines: yogurtDip, identity: ['coconut-yogurt', 'dill-fresh'], asked: { press: 'saltier' } },
  { name: 'Table butter', family: 'butter-with-fat', cooking: 'melted', atC: 12, lines: tableButter, identity: ['coconut-oil', 'rapeseed-oil'], asked: { nothing: true } },
  { name: 'Table butter', family: 'butter-with-fat', cooking: 'melted', atC: 12, lines: tableButter, identity: ['coconut-oil', 'rapeseed-oil'], asked: { person: [allergy('soya')] }, offers: ['cereal drink', 'coconut drink', 'nut drink', 'water', 'seed drink'], never: ['soya-cream'] },
  { name: 'Light spread', family: 'butter-with-fat', cooking: 'melted', atC: 12, lines: lightSpread, identity: ['shea-butter', 'sunflower-oil', 'oat-drink'], asked: { nothing: true } },
  { name: 'Chickpea butter', family: 'butter-without-fat', cooking: 'set', atC: 10, lines: chickpeaButter, identity: ['oat-drink', 'chickpea-flour'], asked: { nothing: true } },
  { name: 'Chickpea butter', family: 'butter-without-fat', cooking: 'set', atC: 10, lines: chickpeaButter, identity: ['chickpea-flour'], asked: { person: [allergy('gluten')] }, offers: ['cereal drink', 'soya or pea drink', 'coconut drink', 'water', 'nut drink', 'seed drink'] },
  { name: 'Squash butter', family: 'butter-without-fat', cooking: 'set', atC: 10, lines: squashButter, identity: ['squash-roasted'], asked: { press: 'thicker' } },
  { name: 'Cashew topping', family: 'baked-topping', cooking: 'baked', atC: 62, lines: bakeTop, identity: ['water'], asked: { person: [allergy('cashew'), allergy('pistachio')] }, offers: ['seed', 'bean', 'tofu'], never: ['pistachio', 'almond', 'walnut'] },
  { name: 'Silken tofu topping', family: 'baked-topping', cooking: 'baked', atC: 62, lines: tofuTop, identity: ['tofu-silken'], asked: { press: 'thicker' } },
  { name: 'Potato topping', family: 'baked-topping', cooking: 'baked', atC: 64, lines: potatoTop, identity: ['potato', 'oat-drink'], asked: { nothing: true } },
  { name: 'Potato topping', family: 'baked-topping', cooking: 'baked', atC: 64, lines: potatoTop, identity: ['potato', 'oat-drink'], asked: { without: 'oil' }, never: ['coconut-oil'] },
  { name: 'Tomato coconut curry', family: 'cream-sauce', cooking: 'simmered', atC: 65, lines: tomatoCurry, identity: ['passata', 'coconut-milk'], asked: { press: 'richer' }, neverLess: ['coconut-milk'] },
  { name: 'Seed pesto', family: 'pouring-sauce', cooking: 'cold', atC: 20, lines: seedPesto, identity: ['pumpkin-seed', 'basil-fresh'], asked: { press: 'more-savory' }, never: ['shiitake-dried', 'porcini-dried'] },
  { name: 'Avocado cream', family: 'dip', cooking: 'cold', atC: 10, lines: avocadoCream, identity: ['avocado'], asked: { press: 'thinner' } },
  { name: 'Macadamia curd', family: 'crumbly-curd', cooking: 'cold', atC: 8, lines: macadamiaCurd, identity: ['macadamia'], asked: { press: 'sharper' }, neverLess: ['macadamia'] },
  { name: 'Oat flake cream', family: 'cream-sauce', cooking: 'simmered', atC: 62, lines: oatFlakeCream, identity: ['water'], asked: { person: [allergy('gluten')] }, needs: ['rice-flour', 'oat-flakes-gluten-free'], never: ['oat-flakes', 'wheat-flour', 'spelt-flour'] },
  { name: 'Red wine cream', family: 'cream-sauce', cooking: 'simmered', atC: 62, lines: redWineCream, identity: ['oat-cream', 'mushroom'], asked: { line: 'red-wine' }, needs: ['white-wine'] },
  { name: 'Sliceable cashew', family: 'crumbly-curd', cooking: 'set', atC: 8, lines: agarBlock, identity: ['cashew'], asked: { line: 'agar' }, never: ['sodium-alginate', 'pectin', 'methylcellulose'] },
  { name: 'Red pepper and walnut dip', family: 'dip', cooking: 'cold', atC: 18, lines: redPepperDip, identity: ['red-pepper-roasted', 'walnut'], asked: { person: [allergy('gluten')] }, needs: ['breadcrumbs-gluten-free'] },
  { name: 'Tarragon butter sauce', family: 'cream-sauce', cooking: 'simmered', atC: 55, lines: tarragonButterSauce, identity: ['plant-butter-block', 'soya-drink-plain'], asked: { line: 'tarragon-fresh' }, offers: ['fresh herb', 'dried herb'] },
  { name: 'Cucumber yogurt', family: 'dip', cooking: 'cold', atC: 8, lines: cucumberYogurt, identity: ['coconut-yogurt', 'cucumber'], asked: { press: 'saltier' } },
  { name: 'Pea drink sauce', family: 'cream-sauce', cooking: 'whisked', atC: 62, lines: peaDrinkSauce, identity: ['wheat-flour'], asked: { line: 'pea-drink' }, offers: ['cereal drink', 'nut drink', 'soya or pea drink', 'seed drink'], needs: ['soya-drink-plain'] },
];
