import { parameter, valuesOf } from '../../numeric/parameter.js';

/** A chilled block: when it can be cut and grated, and when it melts. @source S-04, engine notes E-6; estimated where marked E */
export const blockParameters = {
  chilledC: parameter(5, '°C', 0.1, 'P', 'a household fridge'),
  days: parameter(1, 'd', 0, 'E', 'set through after a night'),
  slices: parameter(3.5, 'kPa', 0.3, 'E', 'a knife leaves a clean face: the edge of the word for thickness'),
  fatSlices: parameter(40, 'kPa', 0.3, 'P/E', 'butter from the fridge is cut, soft butter spread'),
  packedSlices: parameter(15, 'kPa', 0.3, 'E', 'a paste as stiff as this is cut although nothing set in it'),
  set: parameter(0.5, 'share', 0.1, 'E', 'so much of the stiffness is a gel or fat crystals'),
  setWidth: parameter(0.06, 'share', 0.3, 'E', 'as above'),
  grates: parameter(22, 'kPa', 0.35, 'E', 'softer smears on the grater'),
  flows: parameter(250, 'Pa', 0.4, 'E', 'a slice on something hot loses its corners'),
  hottest: parameter(96, '°C', 0, 'P', 'what has not melted by the boil does not'),
} as const;
export const block = valuesOf(blockParameters);

/** Weights of the logit that a pot is seen to separate when it thaws. @source common knowledge of freezing sauces, E, CV 0.5 */
export const freezingParameters = {
  base: parameter(-1.5, 'logit', 0.3, 'E', 'a vegetable purée is hardly changed'),
  starch: parameter(0.95, 'logit per g/100 g', 0.4, 'P/E', 'starch with amylose presses water out: flour and maize sauces weep'),
  starchMost: parameter(3.2, 'g/100 g', 0.3, 'E', 'as above'),
  curd: parameter(7, 'logit per volume share', 0.4, 'P/E', 'curd turns spongy and lets water go'),
  curdMost: parameter(0.5, 'volume share', 0.3, 'E', 'as above'),
  drops: parameter(6, 'logit per fat share of the volume', 0.4, 'P/E', 'packed droplets are pierced by crystals: mayonnaise breaks'),
  covered: parameter(0.25, '-', 0.4, 'E', 'what the fat bodies of nuts and drinks leave of that'),
  packedFrom: parameter(0.6, 'fat share of the volume', 0.1, 'P/E', 'packed, covered droplets are pierced as well'),
  packedWidth: parameter(0.05, 'fat share', 0.3, 'E', 'as above'),
  hardFat: parameter(0.8, '-', 0.3, 'E', 'fat that was solid in the fridge has pierced what it could'),
  nutStarch: parameter(0.35, '-', 0.4, 'E', 'starch of nuts lies between protein and fat'),
  soured: parameter(1.2, 'logit', 0.4, 'E', 'yogurts and soured drinks'),
  holds: parameter(-16, 'logit per g/100 g', 0.4, 'P/E', 'xanthan holds water through freezing'),
  holdsMost: parameter(0.2, 'g/100 g', 0.3, 'E', 'as above'),
  brittle: parameter(5, 'logit per g/100 g', 0.4, 'P/E', 'ice breaks gels of agar and carrageenan: they weep'),
  brittleMost: parameter(0.6, 'g/100 g', 0.3, 'E', 'as above'),
  fatOutside: parameter(-4, 'logit', 0.3, 'P', 'butter and nut butters freeze well'),
} as const;
export const freezing = valuesOf(freezingParameters);

/** How long kinds of food are usually kept at 5 °C in a clean box, d: guidance of kitchens, never a proof of safety. @source kitchen physics 17, P/E, CV 0.3 */
export const keepsDays = {
  'raw nuts or seeds, blended': 3,
  'nuts or seeds, heated': 4,
  'soya curd': 3,
  'cooked pulses': 4,
  'starch sauce': 3,
  'cooked vegetables': 4,
  'cooked rice or noodles': 1.5,
  'raw vegetables and herbs': 3,
  'plant drink or cream': 4,
  'meat, fish or egg': 2,
  'bought, once opened': 7,
  cultured: 9,
  'fat and little else': 21,
} as const;
export type KeepingKind = keyof typeof keepsDays;

export const keepsParameters = {
  doubt: parameter(0.3, 'log sd', 0, 'E', 'spread between kitchens'),
  sourBelow: parameter(4.4, 'pH', 0.03, 'P', 'below it most of what spoils is held back'),
  sourWidth: parameter(0.12, 'pH', 0.3, 'E', 'as above'),
  sourFactor: parameter(1.5, '-', 0.2, 'P/E', 'kept sour'),
  saltFrom: parameter(2, '% of the water', 0.2, 'P', 'salty enough to slow what spoils'),
  saltWidth: parameter(0.4, '%', 0.3, 'E', 'as above'),
  sugarFrom: parameter(40, '% of water and sugars', 0.1, 'P', 'a syrup'),
  sugarWidth: parameter(5, '%', 0.3, 'E', 'as above'),
  conserves: parameter(1.5, '-', 0.2, 'P/E', 'salt or sugar enough'),
  share: parameter(0.03, 'of the mass', 0.4, 'E', 'less of a thing does not rule the whole'),
  garlicMost: parameter(3, 'd', 0, 'P', 'raw garlic in oil: spores'),
} as const;
export const keeps = valuesOf(keepsParameters);

/** How it is felt and tasted beyond what it holds. @source S-06 (viscosity and fat against taste), E */
export const mouthParameters = {
  coatViscosity: parameter(400, 'mPa·s', 0.4, 'E', 'a white sauce'),
  coatExponent: parameter(0.45, '-', 0.2, 'E', 'a film on the tongue grows slowly with viscosity'),
  coatDry: parameter(0.4, '-', 0.3, 'E', 'of a sauce without fat'),
  coatFat: parameter(25, 'g/100 g', 0.3, 'E', 'fat that adds as much again and more'),
  saltFat: parameter(0.006, 'per g/100 g', 0.4, 'P/E', 'fat keeps salt from the tongue'),
  saltFatLeast: parameter(0.65, '-', 0.2, 'E', 'as above'),
  saltThick: parameter(0.28, '-', 0.4, 'P/E', 'thickened past its overlap, a sauce tastes less salty'),
  saltThickFrom: parameter(2.9, 'lg mPa·s', 0.1, 'E', 'as above'),
  saltThickWidth: parameter(0.35, 'lg mPa·s', 0.3, 'E', 'as above'),
} as const;
export const mouth = valuesOf(mouthParameters);
