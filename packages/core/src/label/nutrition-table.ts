import type { NutritionLabel } from '../larder/own/label-composition.js';
import { NUMBER_WRITTEN, readNumber } from '../quantity/read-number.js';

/** Sodium to salt by mass. @source Regulation (EU) 1169/2011, Annex I, S-10 */
const SALT_PER_SODIUM = 2.5;
/** Longest line that is looked at; a label has no longer ones. */
const LINE = 240;

type Field = Exclude<keyof NutritionLabel, 'perG'>;

const NUMBER = `(?:<\\s*)?(${NUMBER_WRITTEN})`;
/** In the order in which they are looked for; the first that fits a place wins. */
const rows: readonly { readonly field: Field; readonly pattern: RegExp }[] = [
  { field: 'energyKJ', pattern: new RegExp(`${NUMBER}\\s*kj\\b`, 'i') },
  { field: 'energyKcal', pattern: new RegExp(`${NUMBER}\\s*kcal\\b`, 'i') },
  {
    field: 'saturatedFat',
    pattern: new RegExp(
      `(?:saturates?|saturated(?: fat| fatty acids)?|of which saturate[sd]?)[^\\d<\\n]{0,24}${NUMBER}\\s*g`,
      'i',
    ),
  },
  {
    field: 'fat',
    pattern: new RegExp(`(?:^|[^a-z])(?:total fat|fat)\\b(?!ty)[^\\d<\\n]{0,16}${NUMBER}\\s*g`, 'i'),
  },
  {
    field: 'sugars',
    pattern: new RegExp(`(?:of which sugars?|total sugars?|sugars?)\\b[^\\d<\\n]{0,16}${NUMBER}\\s*g`, 'i'),
  },
  {
    field: 'carbohydrate',
    pattern: new RegExp(`(?:total )?carbohydrates?\\b[^\\d<\\n]{0,16}${NUMBER}\\s*g`, 'i'),
  },
  { field: 'fibre', pattern: new RegExp(`(?:dietary )?fib(?:re|er)\\b[^\\d<\\n]{0,16}${NUMBER}\\s*g`, 'i') },
  { field: 'protein', pattern: new RegExp(`proteins?\\b[^\\d<\\n%]{0,16}${NUMBER}\\s*g`, 'i') },
  { field: 'salt', pattern: new RegExp(`\\bsalt\\b[^\\d<\\n]{0,16}${NUMBER}\\s*g`, 'i') },
  { field: 'calciumMg', pattern: new RegExp(`calcium\\b[^\\d<\\n]{0,16}${NUMBER}\\s*mg`, 'i') },
];
const SODIUM_G = new RegExp(`sodium\\b[^\\d<\\n]{0,16}${NUMBER}\\s*g\\b`, 'i'),
  SODIUM_MG = new RegExp(`sodium\\b[^\\d<\\n]{0,16}${NUMBER}\\s*mg`, 'i');
const PER = new RegExp(
  `per\\s*(${NUMBER_WRITTEN})\\s*(?:g|ml)\\b|(?:serving size|per serving|per portion)[^\\d\\n]{0,16}(${NUMBER_WRITTEN})\\s*(?:g|ml)\\b`,
  'i',
);
const BEGINS = /nutrition|typical values|energy|kcal|kj\b|per 100/i;

/** Most that a pack states of anything for 100 g or a serving, besides energy and milligrams: "1.250 g fat" is one and a quarter. */
const MOST_G = 500;

/** @param most above it three digits after one mark are decimals */
function valueOf(text: string | undefined, most = Infinity): number | undefined {
  const read = text === undefined ? undefined : readNumber(text);
  return read && (read.value > most ? (read.asDecimal ?? read.value) : read.value);
}
const inGrams = (field: Field): boolean => !/^energy|Mg$/.test(field);

/** The part of a label that holds the nutrition table, or undefined. */
function tableOf(text: string): string | undefined {
  const at = text.search(BEGINS);
  if (at < 0) return undefined;
  return text
    .slice(at, at + 4000)
    .split('\n')
    .map((line) => line.slice(0, LINE))
    .join('\n');
}

/**
 * Reads a nutrition table. The first column of figures is taken; what is not stated is left out.
 * @returns undefined when fat, carbohydrate and protein are not all there
 */
export function readNutrition(text: string): NutritionLabel | undefined {
  const table = tableOf(text);
  if (table === undefined) return undefined;
  const found: Partial<Record<Field, number>> = {};
  for (const { field, pattern } of rows) {
    const value = valueOf(pattern.exec(table)?.[1], inGrams(field) ? MOST_G : Infinity);
    if (value !== undefined && Number.isFinite(value)) found[field] = value;
  }
  if (found.salt === undefined) {
    const grams = valueOf(SODIUM_G.exec(table)?.[1], MOST_G),
      milligrams = valueOf(SODIUM_MG.exec(table)?.[1]);
    const sodium = milligrams !== undefined ? milligrams / 1000 : grams;
    if (sodium !== undefined) found.salt = sodium * SALT_PER_SODIUM;
  }
  const { fat, carbohydrate, protein, salt, ...rest } = found;
  if (fat === undefined || carbohydrate === undefined || protein === undefined) return undefined;
  const per = PER.exec(table);
  return {
    perG: valueOf(per?.[1] ?? per?.[2], MOST_G) ?? 100,
    fat,
    carbohydrate,
    protein,
    salt: salt ?? 0,
    ...rest,
  };
}
