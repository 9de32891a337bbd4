import { type Kitchen, type KitchenRow, kitchenRows } from './kitchen.params.js';
import { type UnitId, unitOf } from './unit.js';

export type { Kitchen } from './kitchen.params.js';

export const kitchens: readonly Kitchen[] = kitchenRows.map(({ id }) => id);

/** The spoons and cups of a household that has said nothing. */
export const usualKitchen: Kitchen = 'us';

export const kitchenOf = (id: Kitchen): KitchenRow =>
  kitchenRows.find((row) => row.id === id) ?? kitchenRows[0];

/** Words for spoons and cups whose size differs between kitchens, by the unit that has the plain name. */
const words = ['tsp', 'tbsp', 'cup', 'floz'] as const;
type Word = (typeof words)[number];

const wordOf = (unit: UnitId): Word | undefined =>
  words.find((word) => unit === word || unit.startsWith(`${word}-`));

/** The unit of that name in a kitchen: "cup" of an Australian one holds 250 mL. What is the same everywhere stays. */
export function unitIn(kitchen: Kitchen, unit: UnitId): UnitId {
  const word = wordOf(unit);
  return word ? kitchenOf(kitchen)[word] : unit;
}

/** How a unit is written in a kitchen, singular then plural: plainly where it is its own, else with its size. */
export function writtenIn(kitchen: Kitchen, unit: UnitId): readonly [string, string] {
  const word = wordOf(unit);
  const { written, size } = unitOf(unit);
  if (!word) return written;
  const [one, many] = unitOf(word).written;
  if (unitIn(kitchen, unit) === unit) return [one, many];
  return [`${one} (${Math.round(size)} ml)`, `${many} (${Math.round(size)} ml)`];
}

/** "cup (250 ml)" as it is written of another kitchen. */
const SIZED = /^(.+?)\s*\((\d+)\s*ml\)$/i;

/** The unit a text names together with its size; undefined for what names none so. */
export function sizedUnit(text: string, plain: (word: string) => UnitId | undefined): UnitId | undefined {
  const [, word, ml] = SIZED.exec(text.trim()) ?? [];
  const unit = word === undefined ? undefined : plain(word);
  const name = unit && wordOf(unit);
  if (!name) return undefined;
  return kitchenRows.map((row) => row[name]).find((id) => Math.round(unitOf(id).size) === Number(ml));
}
