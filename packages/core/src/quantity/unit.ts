import { type UnitId, type UnitRow, unitRows } from './unit.params.js';

export type { UnitId } from './unit.params.js';

const byId = new Map<string, UnitRow & { id: UnitId }>(unitRows.map((row) => [row.id, row]));
const byReading = new Map<string, UnitId>(
  unitRows.flatMap((row) => [row.id, ...row.read].map((reading): [string, UnitId] => [reading, row.id])),
);

export const unitIds: readonly UnitId[] = unitRows.map((row) => row.id);

/** @throws RangeError when the id names no unit (a caller's bug; text from people goes through `readUnit`). */
export function unitOf(id: UnitId): UnitRow & { id: UnitId } {
  const row = byId.get(id);
  if (!row) throw new RangeError(`no unit is called "${id}"`);
  return row;
}

export const isUnitId = (text: string): text is UnitId => byId.has(text);

/** The unit a cook meant, or undefined when the word is not a unit. Capital T means tablespoon, small t teaspoon. */
export function readUnit(text: string): UnitId | undefined {
  const trimmed = text.trim().replace(/\.$/, '');
  if (trimmed === 'T') return 'tbsp';
  if (trimmed === 't') return 'tsp';
  return byReading.get(trimmed.toLowerCase().replace(/\s+/g, ' '));
}
