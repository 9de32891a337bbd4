import type { BackupKind } from '@alterum/contract';
import { taughtKey } from '@alterum/core';

/** Which field tells an entry from the others of its kind. */
export const keyFieldOf: Readonly<Record<BackupKind, 'id' | 'name' | 'ingredient' | 'word'>> = {
  formulas: 'id',
  vessels: 'id',
  dishes: 'id',
  evenings: 'id',
  people: 'id',
  ownIngredients: 'id',
  labels: 'ingredient',
  words: 'word',
  household: 'id',
  stock: 'ingredient',
  briefs: 'name',
};

/** What tells an entry from the others of its kind. */
export function keyOf(kind: BackupKind, entry: object): string {
  const key = (entry as Readonly<Record<string, unknown>>)[keyFieldOf[kind]];
  const text = typeof key === 'string' ? key : '';
  return kind === 'words' ? taughtKey(text) : kind === 'briefs' ? text.trim() : text;
}
