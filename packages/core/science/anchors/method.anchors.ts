import { ingredientById } from '../../src/larder/catalog/larder-table.js';
import { celsius, grams } from '../../src/quantity/quantity.js';
import { aromaLeft } from '../../src/predict/course/aroma.js';
import { evaporationRate } from '../../src/predict/course/evaporation.js';
import { grind, hardnessOf } from '../../src/predict/particle/comminute.js';
import { predict } from '../../src/predict/predict.js';
import { potAt } from '../../src/predict/pot-at.js';
import { readyYield } from '../../src/predict/ready/made-ready.js';
import { soaked } from '../../src/predict/ready/soak.js';
import { swollenShare } from '../../src/predict/ready/swell.js';
import { toolRows } from '../../src/recipe/method/tool.params.js';
import { processOfMethod } from '../../src/recipe/method/flat-process.js';
import type { Method } from '../../src/recipe/method/operation.js';
import type { Ingredient } from '../../src/ingredient/ingredient.js';
import type { Recipe } from '../../src/recipe/recipe.js';
import { units } from './define.js';
import type { Anchor, AnchorQuantity } from '../anchor.js';

function of(id: string): Ingredient {
  const found = ingredientById(id);
  if (!found) throw new RangeError(`the larder has no "${id}"`);
  return found;
}

/** g of water drunk per g. */
function drunk(id: string, hours: number, temperatureC: number | 'boiling'): number {
  const row = of(id).handling?.soaking;
  if (!row) throw new RangeError(`${id} is not soaked`);
  const boiling = temperatureC === 'boiling';
  return soaked(row, { hours, temperatureC: boiling ? 20 : temperatureC, boiling }, 0.9, true).drunk;
}

/** g per g as weighed. */
const made = (id: string, operations: Method, massG = 250): number => readyYield(of(id), operations, massG);

/** µm after one tool. @param soak, boil 0..1 */
function sizeAfter(id: string, tool: keyof typeof toolRows, seconds: number, soak = 0, boil = 0): number {
  const b = of(id).behaviour,
    hardness = hardnessOf(b, soak, boil);
  return grind(b, b.particleSizeUm, [{ tool: toolRows[tool], seconds, hardness }], hardness).diameter;
}

/** A pot with a method; each line is named by its ingredient. */
function pot(lines: readonly (readonly [id: string, g: number])[], method: Method, atC: number): Recipe {
  return {
    lines: lines.map(([id, g]) => ({
      id,
      ingredient: of(id),
      mass: grams(g),
      preparation: 'as-is',
      stage: 'start',
    })),
    process: processOfMethod(method),
    method,
    serving: { temperatureC: celsius(atC), storage: 'cool', days: 0 },
  };
}
const alcoholLeft = (method: Method): number => 100 * potAt(pot([['white-wine', 200], ['water', 200]], method, 60)).mix.alcoholLeft;
const aroma = (id: string, minutes: number): number => 100 * (aromaLeft(of(id), minutes) ?? NaN);

const heat = (minutes: number, temperatureC = 95): Method[number] => ({ kind: 'heat', temperatureC, minutes });
const soya = [['soya-drink', 240], ['lemon-juice', 15]] as const;
const peas = [['oat-drink', 300], ['green-pea', 120], ['corn-starch', 12]] as const;
const whiteSauce = [['oat-drink', 400], ['wheat-flour', 24]] as const;

type Row = readonly [id: string, name: string, quantity: AnchorQuantity, reference: readonly [number, number], provenance: string, confidence: string, basis: NonNullable<Anchor['basis']>, figure: () => number];

/** What soaking, boiling, drying, blades and the order of the work do. Ranges as kitchens and textbooks have them; none was measured for this work. */
const rows: readonly Row[] = [
  ['M01', 'cashews drink in 4 h at 20 °C', 'uptake', [0.25, 0.45], 'P/E', 'med', 'recalled', () => drunk('cashew', 4, 20)],
  ['M02', 'cashews overnight in the fridge', 'uptake', [0.3, 0.5], 'P/E', 'med', 'recalled', () => drunk('cashew', 10, 5)],
  ['M03', 'cashews half an hour under boiling water', 'uptake', [0.2, 0.45], 'E', 'med', 'recalled', () => drunk('cashew', 0.5, 'boiling')],
  ['M04', 'blanched almonds overnight in the fridge', 'uptake', [0.3, 0.6], 'P', 'med', 'recalled', () => drunk('almond', 12, 5)],
  ['M05', 'sunflower seeds 6 h at 20 °C', 'uptake', [0.45, 0.8], 'E', 'med', 'recalled', () => drunk('sunflower-seed', 6, 20)],
  ['M06', 'chickpeas 12 h at 20 °C', 'uptake', [0.9, 1.15], 'P', 'high', 'recalled', () => drunk('chickpea-dry', 12, 20)],
  ['M07', 'chickpeas an hour under boiling water', 'uptake', [0.45, 0.95], 'P/E', 'med', 'recalled', () => drunk('chickpea-dry', 1, 'boiling')],
  ['M08', 'white beans 12 h at 20 °C', 'uptake', [0.85, 1.2], 'P', 'high', 'recalled', () => drunk('white-bean-dry', 12, 20)],
  ['M09', 'soya beans 12 h at 20 °C', 'uptake', [1.15, 1.45], 'P', 'high', 'recalled', () => drunk('soya-bean-dry', 12, 20)],
  ['M10', 'red lentils an hour at 20 °C', 'uptake', [0.55, 1.05], 'P/E', 'med', 'recalled', () => drunk('red-lentil-dry', 1, 20)],
  ['M11', 'macadamias 8 h hardly drink', 'uptake', [0.03, 0.2], 'E', 'low', 'guessed', () => drunk('macadamia', 8, 20)],
  ['M12', 'pumpkin seeds 8 h at 20 °C', 'uptake', [0.35, 0.65], 'E', 'low-med', 'recalled', () => drunk('pumpkin-seed', 8, 20)],
  ['M13', 'white rice half an hour at 20 °C', 'uptake', [0.18, 0.35], 'P', 'high', 'recalled', () => drunk('rice-dry', 0.5, 20)],
  ['M14', 'rolled oats half an hour', 'uptake', [1, 1.9], 'E', 'med', 'recalled', () => drunk('oat-flakes', 0.5, 20)],
  ['M15', 'chickpeas 4 h at 20 °C, two thirds there', 'uptake', [0.5, 0.9], 'P', 'med', 'recalled', () => drunk('chickpea-dry', 4, 20)],
  ['M16', 'chickpeas soaked 12 h, boiled 70 min', 'yield', [2, 2.5], 'P', 'high', 'recalled', () => made('chickpea-dry', [{ kind: 'soak', minutes: 720, temperatureC: 20 }, { kind: 'boil-soft', minutes: 70, water: 'drained' }])],
  ['M17', 'white beans soaked 12 h, boiled 60 min', 'yield', [2.1, 2.7], 'P', 'high', 'recalled', () => made('white-bean-dry', [{ kind: 'soak', minutes: 720, temperatureC: 20 }, { kind: 'boil-soft', minutes: 60, water: 'drained' }])],
  ['M18', 'soya beans soaked, boiled two hours', 'yield', [2.1, 2.7], 'P', 'med', 'recalled', () => made('soya-bean-dry', [{ kind: 'soak', minutes: 720, temperatureC: 20 }, { kind: 'boil-soft', minutes: 120, water: 'drained' }])],
  ['M19', 'white rice boiled 12 min, drained', 'yield', [2.3, 3.1], 'P', 'high', 'recalled', () => made('rice-dry', [{ kind: 'boil-soft', minutes: 12, water: 'drained' }])],
  ['M20', 'green lentils boiled 24 min', 'yield', [2.1, 2.7], 'P', 'med', 'recalled', () => made('green-lentil-dry', [{ kind: 'boil-soft', minutes: 24, water: 'drained' }])],
  ['M21', 'red lentils boiled 14 min', 'yield', [2.2, 3.1], 'P/E', 'med', 'recalled', () => made('red-lentil-dry', [{ kind: 'boil-soft', minutes: 14, water: 'drained' }])],
  ['M22', 'cashews boiled 15 min', 'yield', [1.15, 1.6], 'E', 'low-med', 'guessed', () => made('cashew', [{ kind: 'boil-soft', minutes: 15, water: 'drained' }])],
  ['M23', 'onion 250 g fried 15 min, low to medium', 'mass-left', [55, 82], 'P/E', 'med', 'recalled', () => 100 * made('onion', [{ kind: 'fry', minutes: 15 }])],
  ['M24', 'onion 250 g fried 40 min: jam', 'mass-left', [25, 50], 'P/E', 'med', 'recalled', () => 100 * made('onion', [{ kind: 'fry', minutes: 40 }])],
  ['M25', 'mushrooms 250 g, high heat, 10 min', 'mass-left', [38, 65], 'P', 'med', 'recalled', () => 100 * made('mushroom', [{ kind: 'fry', minutes: 10, flame: 'high' }])],
  ['M26', 'spinach 300 g, medium, 28 cm, 8 min', 'mass-left', [35, 75], 'E', 'low-med', 'recalled', () => 100 * made('spinach', [{ kind: 'fry', minutes: 8, flame: 'medium', panCm: 28 }], 300)],
  ['M27', 'garlic 15 g, 3 min', 'mass-left', [50, 90], 'E', 'low', 'guessed', () => 100 * made('garlic', [{ kind: 'fry', minutes: 3 }], 15)],
  ['M28', 'cauliflower roasted 25 min at 200 °C', 'mass-left', [60, 85], 'E', 'med', 'recalled', () => 100 * made('cauliflower', [{ kind: 'roast', minutes: 25 }])],
  ['M29', 'squash roasted 40 min', 'mass-left', [58, 82], 'E', 'med', 'recalled', () => 100 * made('squash', [{ kind: 'roast', minutes: 40 }])],
  ['M30', 'mushrooms roasted 25 min', 'mass-left', [32, 62], 'P/E', 'med', 'recalled', () => 100 * made('mushroom', [{ kind: 'roast', minutes: 25 }])],
  ['M31', 'carrots roasted 35 min', 'mass-left', [58, 82], 'E', 'med', 'recalled', () => 100 * made('carrot', [{ kind: 'roast', minutes: 35 }])],
  ['M32', 'almonds toasted 10 min at 170 °C', 'mass-left', [94, 99.5], 'P', 'med', 'recalled', () => 100 * made('almond', [{ kind: 'roast', minutes: 10, ovenC: 170 }])],
  ['M33', 'simmer, 20 cm, open', 'rate', [8, 19], 'E', 'med', 'recalled', () => evaporationRate({ panCm: 20, vigour: 'simmer', lid: 'open' })],
  ['M34', 'the same with its lid on', 'rate', [0.5, 3], 'E', 'low-med', 'recalled', () => evaporationRate({ panCm: 20, vigour: 'simmer', lid: 'on' })],
  ['M35', 'rolling boil, 24 cm', 'rate', [25, 48], 'P/E', 'med', 'recalled', () => evaporationRate({ panCm: 24, vigour: 'rolling', lid: 'open' })],
  ['M36', 'simmer in a wide pan, 28 cm', 'rate', [16, 36], 'E', 'med', 'recalled', () => evaporationRate({ panCm: 28, vigour: 'simmer', lid: 'open' })],
  ['M37', 'brisk, 22 cm, ten minutes on 500 g of water', 'water-lost', [20, 50], 'E', 'med', 'recalled', () => { const p = predict(pot([['water', 500]], [{ kind: 'boil-down', minutes: 10, panCm: 22, vigour: 'brisk' }], 60)); return (100 * p.evaporatedG) / 500; }],
  ['M38', 'alcohol left, simmered 15 min', 'left', [32, 50], 'P', 'high', 'recalled', () => alcoholLeft([heat(15)])],
  ['M39', 'alcohol left, 30 min', 'left', [27, 42], 'P', 'high', 'recalled', () => alcoholLeft([heat(30)])],
  ['M40', 'alcohol left, an hour', 'left', [16, 32], 'P', 'high', 'recalled', () => alcoholLeft([heat(60)])],
  ['M41', 'alcohol left, two hours and a half', 'left', [2, 10], 'P', 'high', 'recalled', () => alcoholLeft([heat(150)])],
  ['M42', 'alcohol left, stirred into the hot pot', 'left', [78, 97], 'P', 'med', 'recalled', () => 100 * potAt(pot([['water', 300], ['white-wine', 100]], [heat(2), { kind: 'put-in', lines: ['white-wine'] }], 60)).mix.alcoholLeft],
  ['M43', 'alcohol left when wine is boiled down by half', 'left', [0, 8], 'P/E', 'med', 'recalled', () => alcoholLeft([{ kind: 'boil-down', toG: 200, minutes: 12 }])],
  ['M44', 'soaked cashews, strong jug, 90 s', 'size', [8, 35], 'E', 'low-med', 'recalled', () => sizeAfter('cashew', 'strong-jug', 90, 1)],
  ['M45', 'soaked almonds, jug, 60 s', 'size', [40, 160], 'E', 'low', 'guessed', () => sizeAfter('almond', 'jug', 60, 1)],
  ['M46', 'raw almonds, food processor, 60 s', 'size', [200, 800], 'E', 'low', 'guessed', () => sizeAfter('almond', 'processor', 60)],
  ['M47', 'boiled chickpeas, food processor, two minutes', 'size', [60, 280], 'E', 'low', 'guessed', () => sizeAfter('chickpea-boiled', 'processor', 120)],
  ['M48', 'firm curd under a stick, 30 s', 'size', [30, 220], 'E', 'low', 'guessed', () => sizeAfter('tofu-firm', 'stick', 30)],
  ['M49', 'boiled carrot, jug, 60 s: single cells', 'size', [50, 220], 'P/E', 'med', 'recalled', () => sizeAfter('carrot', 'jug', 60, 0, 1)],
  ['M50', 'garlic crushed, a minute at the boil', 'left', [50, 88], 'E', 'low', 'guessed', () => aroma('garlic', 1)],
  ['M51', 'garlic crushed, ten minutes', 'left', [0, 20], 'E', 'low-med', 'recalled', () => aroma('garlic', 10)],
  ['M52', 'basil, five minutes', 'left', [20, 65], 'E', 'low', 'guessed', () => aroma('basil-fresh', 5)],
  ['M53', 'black pepper, twenty minutes', 'left', [65, 95], 'E', 'low', 'guessed', () => aroma('black-pepper', 20)],
  ['M54', 'chilli heat, an hour', 'left', [75, 100], 'P', 'med', 'recalled', () => aroma('cayenne', 60)],
  ['M55', 'psyllium swollen after ten minutes', 'left', [70, 98], 'P/E', 'med', 'recalled', () => 100 * swollenShare(of('psyllium-husk'), 10)],
  ['M56', 'guar swollen after ten minutes', 'left', [30, 75], 'P/E', 'med', 'recalled', () => 100 * swollenShare(of('guar'), 10)],
  ['M57', 'konjac swollen after an hour', 'left', [80, 98], 'P/E', 'med', 'recalled', () => 100 * swollenShare(of('konjac'), 60)],
  ['M58', 'soya drink, lemon in from the start: splits', 'curdling', [0.75, 1], 'P/E', 'med', 'recalled', () => predict(pot(soya, [heat(2, 85)], 60)).curdling],
  ['M59', 'soya drink, lemon stirred in after the heat', 'curdling', [0.15, 0.8], 'E', 'low', 'guessed', () => predict(pot(soya, [heat(2, 85), { kind: 'put-in', lines: ['lemon-juice'] }], 60)).curdling],
  ['M60', 'starch stirred into a pot of 40 °C stays thin', 'viscosity', [1, 8], 'P', 'med', 'recalled', () => predict(pot([['water', 300], ['corn-starch', 12]], [heat(2, 90), { kind: 'cool', temperatureC: 40, minutes: 30 }, { kind: 'put-in', lines: ['corn-starch'] }], 40)).viscosity.mid],
  ['M61', 'the same heated with it thickens', 'viscosity', [60, 500], 'P', 'med', 'recalled', () => predict(pot([['water', 300], ['corn-starch', 12]], [heat(3, 92)], 60)).viscosity.mid],
  ['M62', 'agar never heated sets nothing', 'yield-stress', [0, 20], 'P', 'high', 'recalled', () => predict(pot([['water', 300], ['agar', 3]], [heat(5, 60)], 20)).yieldStress.mid],
  ['M63', 'agar boiled sets', 'yield-stress', [5000, 40000], 'P', 'med', 'recalled', () => predict(pot([['water', 300], ['agar', 3]], [heat(3, 97)], 20)).yieldStress.mid],
  ['M64', 'peas in pieces against peas blended', 'viscosity-ratio', [0.05, 0.8], 'E', 'low', 'guessed', () => { const blend = { kind: 'blend', seconds: 60 } as const; return predict(pot(peas, [heat(4), blend, { kind: 'stir-in', lines: ['green-pea'] }], 60)).viscosity.mid / predict(pot(peas, [heat(4), blend], 60)).viscosity.mid; }],
  ['M65', 'a white sauce boiled down by a quarter thickens', 'viscosity-ratio', [1.5, 6], 'P/E', 'med', 'recalled', () => predict(pot(whiteSauce, [heat(3), { kind: 'boil-down', toG: 318 }], 60)).viscosity.mid / predict(pot(whiteSauce, [heat(3)], 60)).viscosity.mid],
  ['M66', 'sugars that cashews leave in a soak overnight', 'left', [3, 40], 'E', 'low', 'guessed', () => { const row = of('cashew').handling?.soaking; return row ? 100 * soaked(row, { hours: 10, temperatureC: 5, boiling: false }, 0.95, true).sugarsLost : NaN; }],
];

export const methodAnchors: readonly Anchor[] = rows.map(
  ([id, name, quantity, reference, provenance, confidence, basis, figure]) => ({
    id, name, quantity, reference, provenance, confidence, basis, figure,
    family: 'method',
    unit: units[quantity],
  }),
);
