import { componentOfIngredient, type DishComponent } from '../../src/dish/component.js';
import { layered } from '../../src/dish/layers.js';
import { bakedWater, type WaterBudget } from '../../src/dish/moisture.js';
import { type Cover, minutesToMiddle } from '../../src/dish/oven.js';
import type { DishVessel } from '../../src/dish/vessel.js';
import { ingredientById } from '../../src/larder/catalog/larder-table.js';
import { minutesTender } from '../../src/predict/ready/soften.js';
import { softenRows } from '../../src/predict/ready/soften.params.js';
import type { Method } from '../../src/recipe/method/operation.js';
import { units } from './define.js';
import type { Anchor, AnchorQuantity } from '../anchor.js';

/** A thing of a dish: its kind, g as bought, and what is done to it before. */
type Thing = readonly [id: string, g: number, ready?: Method];

interface Oven {
  readonly temperatureC?: number;
  readonly minutes: number;
  readonly cover?: Cover;
  readonly fan?: boolean;
  readonly fromC?: number;
}

/** 30 by 22 cm and 7 cm deep: a usual baking dish. */
const usual: DishVessel = { shape: 'rectangular', lengthCm: 30, widthCm: 22, depthCm: 7 };

function partOf([id, g, ready = []]: Thing): DishComponent {
  const ingredient = ingredientById(id);
  if (!ingredient) throw new RangeError(`the larder has no "${id}"`);
  return componentOfIngredient(id, ingredient, g, ready);
}

/** Where the water of things laid one above the other goes. */
function baked(things: readonly Thing[], { temperatureC = 190, minutes, cover = 'open', fan = false, fromC = 20 }: Oven, vessel = usual): WaterBudget {
  const components = things.map(partOf);
  const { layers, areaDm2 } = layered(vessel, components, components.map(({ id }) => ({ component: id })));
  return bakedWater({
    layers,
    areaDm2,
    components: new Map(components.map((component) => [component.id, component])),
    fromC,
    oven: [{ temperatureC, minutes, cover, fan }],
    restMin: 0,
  });
}

/** g drunk by a g of what drinks, between two layers with water in plenty. */
const drunk = (thing: Thing, oven: Oven): number =>
  baked([['vegetable-stock', 800], thing, ['passata', 800]], oven).drunkG / partOf(thing).grams;

/** % of its mass that a thing lets go in the dish. */
const given = (thing: Thing, oven: Oven): number => (100 * baked([thing], { cover: 'foil', ...oven }).releasedG) / partOf(thing).grams;

/** g that leave a dish full of stock. */
const dried = (oven: Oven, vessel?: DishVessel): number => baked([['vegetable-stock', 1500]], oven, vessel).evaporatedG;

/** min until a piece of so many mm is tender. */
function tender(id: string, sizeMm: number, temperatureC = 100, pH = 7): number {
  const row = softenRows.get(id);
  if (!row) throw new RangeError(`nobody knows how ${id} softens`);
  return minutesTender(row, sizeMm, { temperatureC, pH });
}

const boil = (minutes: number): Method => [{ kind: 'boil-soft', minutes }],
  soak = (minutes: number): Method => [{ kind: 'soak', minutes }],
  fry = (minutes: number): Method => [{ kind: 'fry', minutes, flame: 'medium', panCm: 28 }],
  salted: Method = [{ kind: 'salt', saltPct: 1.5, minutes: 40, rinse: 'squeezed' }];
/** g that dry noodles have gained, per g, by what is done to them. */
const gained = (id: string, ready: Method): number => partOf([id, 100, ready]).grams / 100 - 1;
const middle = (depthMm: number, temperatureC: number, fromC: number, cover: Cover = 'open'): number =>
  minutesToMiddle(depthMm, { temperatureC, minutes: 60, cover, fan: false }, fromC);

type Row = readonly [
  id: string,
  name: string,
  quantity: AnchorQuantity,
  reference: readonly [number, number],
  provenance: Anchor['provenance'],
  confidence: Anchor['confidence'],
  basis: NonNullable<Anchor['basis']>,
  figure: () => number,
];

/**
 * What things drink, let go and lose in a dish, and how long they take.
 * @source recalled from packs, cook's tables and kitchens; written down before the first run, none was weighed for this work
 */
const rows: readonly Row[] = [
  // What drinks.
  ['D01', 'dry lasagne sheets between wet layers, 40 min under foil', 'uptake', [1.1, 1.7], 'P/E', 'med', 'recalled', () => drunk(['pasta-sheet-dry', 150], { minutes: 40, cover: 'foil' })],
  ['D02', 'the same after 20 min: still firm', 'uptake', [0.4, 1.2], 'E', 'low-med', 'recalled', () => drunk(['pasta-sheet-dry', 150], { minutes: 20, cover: 'foil' })],
  ['D03', 'dry elbows baked in sauce for 45 min', 'uptake', [1.1, 1.8], 'E', 'low-med', 'recalled', () => drunk(['pasta-wheat-dry', 150], { minutes: 45, cover: 'foil' })],
  ['D04', 'drained noodles baked in sauce for 25 min', 'uptake', [0.12, 0.45], 'E', 'low-med', 'recalled', () => drunk(['wheat-noodles-cooked', 300], { minutes: 25 })],
  ['D05', 'fresh bread under custard, 30 min', 'uptake', [0.8, 1.6], 'E', 'low-med', 'recalled', () => drunk(['bread-wheat', 150], { minutes: 30 })],
  ['D06', 'dry crumbs on a wet layer', 'uptake', [1.2, 2.4], 'E', 'low', 'guessed', () => drunk(['breadcrumbs-wheat', 40], { minutes: 30 })],
  ['D07', 'dry rice baked covered for 50 min', 'uptake', [1.5, 2.4], 'P/E', 'med', 'recalled', () => drunk(['rice-dry', 150], { minutes: 50, cover: 'foil' })],
  ['D08', 'red lentils baked in sauce for 45 min', 'uptake', [1.3, 2.3], 'E', 'low-med', 'recalled', () => drunk(['red-lentil-dry', 120], { minutes: 45, cover: 'foil' })],
  ['D09', 'oat flakes in a bake, 30 min', 'uptake', [1.1, 2.2], 'E', 'low', 'guessed', () => drunk(['oat-flakes', 80], { minutes: 30 })],
  ['D10', 'raw potato slices hardly drink', 'uptake', [0, 0.1], 'E', 'low-med', 'recalled', () => drunk(['potato', 500], { minutes: 50, cover: 'foil' })],
  ['D11', 'gnocchi hardly drink', 'uptake', [0, 0.15], 'E', 'low', 'guessed', () => drunk(['gnocchi', 400], { minutes: 30 })],
  ['D12', 'soft flat breads between wet layers, 25 min', 'uptake', [0.5, 1.1], 'E', 'low', 'guessed', () => drunk(['tortilla-wheat', 200], { minutes: 25 })],
  ['D13', 'noodles boiled for 9 min: al dente', 'uptake', [1, 1.35], 'P', 'high', 'recalled', () => gained('pasta-wheat-dry', boil(9))],
  ['D14', 'noodles boiled for 12 min: soft', 'uptake', [1.2, 1.6], 'P', 'med', 'recalled', () => gained('pasta-wheat-dry', boil(12))],
  ['D15', 'noodles boiled for 5 min: a hard core', 'uptake', [0.65, 1.05], 'P/E', 'med', 'recalled', () => gained('pasta-wheat-dry', boil(5))],
  ['D16', 'noodles in cold water for an hour', 'uptake', [0.4, 0.8], 'E', 'low-med', 'recalled', () => gained('pasta-wheat-dry', soak(60))],
  ['D17', 'sheets boiled for 3 min take less in the dish', 'uptake', [0.3, 1], 'E', 'low-med', 'recalled', () => drunk(['pasta-sheet-dry', 150, boil(3)], { minutes: 35, cover: 'foil' })],
  // What lets go.
  ['D18', 'raw mushrooms, 40 min', 'given', [25, 50], 'P/E', 'med', 'recalled', () => given(['mushroom', 500], { minutes: 40 })],
  ['D19', 'courgette slices, 40 min', 'given', [18, 40], 'E', 'med', 'recalled', () => given(['courgette', 600], { minutes: 40 })],
  ['D20', 'raw spinach, 30 min', 'given', [30, 65], 'E', 'low-med', 'recalled', () => given(['spinach', 300], { minutes: 30 })],
  ['D21', 'frozen spinach unpressed, 30 min', 'given', [20, 55], 'E', 'low-med', 'recalled', () => given(['spinach-frozen', 400], { minutes: 30 })],
  ['D22', 'tomato slices, 40 min', 'given', [25, 50], 'E', 'low-med', 'recalled', () => given(['tomato-fresh', 500], { minutes: 40 })],
  ['D23', 'raw aubergine, 45 min', 'given', [12, 38], 'E', 'low-med', 'recalled', () => given(['aubergine', 700], { minutes: 45 })],
  ['D24', 'sliced onion, 40 min', 'given', [15, 40], 'E', 'low', 'guessed', () => given(['onion', 300], { minutes: 40 })],
  ['D25', 'pepper strips, 40 min', 'given', [14, 38], 'E', 'low', 'guessed', () => given(['red-pepper', 400], { minutes: 40 })],
  ['D26', 'broccoli, 30 min', 'given', [6, 24], 'E', 'low', 'guessed', () => given(['broccoli', 400], { minutes: 30 })],
  ['D27', 'carrot, 40 min', 'given', [2, 14], 'E', 'low-med', 'recalled', () => given(['carrot', 400], { minutes: 40 })],
  ['D28', 'potato, 50 min: nothing to speak of', 'given', [0, 4], 'E', 'low-med', 'recalled', () => given(['potato', 800], { minutes: 50 })],
  ['D29', 'silken tofu, 35 min', 'given', [4, 22], 'E', 'low', 'guessed', () => given(['tofu-silken', 400], { minutes: 35 })],
  ['D30', 'mushrooms fried dry before, 40 min', 'given', [1, 20], 'E', 'low-med', 'recalled', () => given(['mushroom', 400, fry(14)], { minutes: 40 })],
  ['D31', 'courgette salted and squeezed, 40 min', 'given', [3, 22], 'E', 'low-med', 'recalled', () => given(['courgette', 600, salted], { minutes: 40 })],
  ['D32', 'mushrooms in the first ten minutes: nothing yet', 'given', [0, 8], 'E', 'low', 'guessed', () => given(['mushroom', 500], { minutes: 10 })],
  ['D33', 'courgette out of the fridge, 20 min', 'given', [2, 20], 'E', 'low', 'guessed', () => given(['courgette', 600], { minutes: 20, fromC: 5 })],
  // What the oven takes.
  ['D34', 'open dish of 6.6 dm², 190 °C, 30 min', 'dried', [55, 140], 'E', 'low-med', 'recalled', () => dried({ minutes: 30 })],
  ['D35', 'the same for an hour', 'dried', [130, 330], 'E', 'low-med', 'recalled', () => dried({ minutes: 60 })],
  ['D36', 'under foil, 40 min', 'dried', [0, 18], 'E', 'med', 'recalled', () => dried({ minutes: 40, cover: 'foil' })],
  ['D37', 'under paper, 40 min', 'dried', [20, 90], 'E', 'low', 'guessed', () => dried({ minutes: 40, cover: 'parchment' })],
  ['D38', 'fan, 190 °C, 30 min', 'dried', [80, 210], 'E', 'low', 'guessed', () => dried({ minutes: 30, fan: true })],
  ['D39', '220 °C, 30 min', 'dried', [70, 190], 'E', 'low-med', 'recalled', () => dried({ minutes: 30, temperatureC: 220 })],
  ['D40', '150 °C, 30 min', 'dried', [20, 95], 'E', 'low', 'guessed', () => dried({ minutes: 30, temperatureC: 150 })],
  ['D41', 'a small dish of 3.1 dm², 190 °C, 30 min', 'dried', [25, 75], 'E', 'low', 'guessed', () => dried({ minutes: 30 }, { shape: 'round', diameterCm: 20, depthCm: 7 })],
  ['D42', 'in warm at 60 °C, 30 min', 'dried', [65, 170], 'E', 'low', 'guessed', () => dried({ minutes: 30, fromC: 60 })],
  // How long pieces take.
  ['D43', 'carrot, cubes of 2 cm', 'minutes', [10, 17], 'P/E', 'med', 'recalled', () => tender('carrot', 20)],
  ['D44', 'carrot, cubes of 1 cm', 'minutes', [6, 12], 'P/E', 'med', 'recalled', () => tender('carrot', 10)],
  ['D45', 'potato, cubes of 2 cm', 'minutes', [8, 13], 'P', 'high', 'recalled', () => tender('potato', 20)],
  ['D46', 'potatoes whole, 5 cm', 'minutes', [18, 32], 'P', 'high', 'recalled', () => tender('potato', 50)],
  ['D47', 'potatoes simmered at 92 °C, 2 cm', 'minutes', [11, 24], 'P/E', 'med', 'recalled', () => tender('potato', 20, 92)],
  ['D48', 'potato in tomato sauce, 2 cm', 'minutes', [11, 28], 'P/E', 'med', 'recalled', () => tender('potato', 20, 100, 4.4)],
  ['D49', 'cauliflower florets of 4 cm', 'minutes', [6, 13], 'P/E', 'med', 'recalled', () => tender('cauliflower', 40)],
  ['D50', 'broccoli florets of 3 cm', 'minutes', [3.5, 7.5], 'P/E', 'med', 'recalled', () => tender('broccoli', 30)],
  ['D51', 'squash, cubes of 2.5 cm', 'minutes', [7, 14], 'E', 'low-med', 'recalled', () => tender('squash', 25)],
  ['D52', 'sweet potato, cubes of 2.5 cm', 'minutes', [7, 14], 'E', 'low-med', 'recalled', () => tender('sweet-potato', 25)],
  ['D53', 'parsnip, cubes of 2 cm', 'minutes', [7, 13], 'E', 'low-med', 'recalled', () => tender('parsnip', 20)],
  ['D54', 'celeriac, cubes of 2 cm', 'minutes', [8, 16], 'E', 'low-med', 'recalled', () => tender('celeriac', 20)],
  ['D55', 'beetroot whole, 6 cm', 'minutes', [30, 65], 'P/E', 'med', 'recalled', () => tender('beetroot', 60)],
  ['D56', 'green beans whole', 'minutes', [5, 9], 'P/E', 'med', 'recalled', () => tender('green-bean', 9)],
  ['D57', 'swede, cubes of 2 cm', 'minutes', [11, 20], 'E', 'low-med', 'recalled', () => tender('swede', 20)],
  // Until the middle is hot.
  ['D58', 'a bake of 4 cm, 190 °C, to 75 °C', 'minutes', [24, 48], 'E', 'low-med', 'recalled', () => middle(40, 190, 20)],
  ['D59', 'a bake of 6 cm out of the fridge, under foil', 'minutes', [55, 110], 'E', 'low', 'guessed', () => middle(60, 190, 6, 'foil')],
  ['D60', 'a shallow gratin of 2.5 cm', 'minutes', [12, 28], 'E', 'low', 'guessed', () => middle(25, 200, 20)],
];

export const dishAnchors: readonly Anchor[] = rows.map(
  ([id, name, quantity, reference, provenance, confidence, basis, figure]) => ({
    id, name, quantity, reference, provenance, confidence, basis, figure,
    family: 'dish',
    unit: units[quantity],
  }),
);
