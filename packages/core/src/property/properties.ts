import { acidity } from './acidity.js';
import { browning } from './browning.js';
import { climate } from './climate.js';
import { coldThickness } from './cold-thickness.js';
import { cost } from './cost.js';
import { creaming } from './creaming.js';
import { curdling } from './curdling.js';
import { energy } from './energy.js';
import { fat } from './fat.js';
import { graininess } from './graininess.js';
import { oilingOff } from './oiling-off.js';
import { portion } from './portion.js';
import type { Property } from './property.js';
import { protein } from './protein.js';
import { rawThickness } from './raw-thickness.js';
import { reheatedThickness } from './reheated-thickness.js';
import { salt } from './salt.js';
import { saturatedFat } from './saturated-fat.js';
import { savoriness } from './savoriness.js';
import { sourness } from './sourness.js';
import { stretch } from './stretch.js';
import { sweetness } from './sweetness.js';
import { thickness } from './thickness.js';
import { weeping } from './weeping.js';
import { yellowness } from './yellowness.js';

/** Everything that can be said of a pot, in the order in which a cook reads it. A new property is its file and a line here. */
const all = [
  fat,
  thickness,
  stretch,
  savoriness,
  salt,
  sourness,
  sweetness,
  graininess,
  curdling,
  yellowness,
  rawThickness,
  coldThickness,
  reheatedThickness,
  cost,
  energy,
  portion,
  weeping,
  creaming,
  oilingOff,
  acidity,
  browning,
  protein,
  saturatedFat,
  climate,
] as const;

type Every = (typeof all)[number];
export type PropertyId = Every['id'];
/** Those that can be asked for; each has a rail. */
export type RailId = Extract<Every, { readonly scale: unknown }>['id'];
/** Those that are held where they are by the lines. */
export type LinedId = Extract<Every, { readonly lines: unknown }>['id'];

export const properties: readonly (Property & { readonly id: PropertyId })[] = all;

const byId = new Map<string, (typeof properties)[number]>(all.map((property) => [property.id, property]));

/** @throws RangeError for a name that is no property's */
export function propertyOf(id: PropertyId): (typeof properties)[number] {
  const found = byId.get(id);
  if (!found) throw new RangeError(`no property is called "${id}"`);
  return found;
}
