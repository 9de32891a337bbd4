import { storedOf, type StoredShape, valueOfStored } from '@alterum/contract';
import { Type } from '@mikro-orm/core';

/** The value of a kept text, for what is read without the mapper. */
export const readStored = <T>(shape: StoredShape<T>, text: string): T =>
  valueOfStored(shape, JSON.parse(text));

/** A JSON column whose shape carries the number of its form; older forms are brought up as they are read. */
export class StoredJson<T> extends Type<T | null, string | null> {
  constructor(private readonly shape: StoredShape<T>) {
    super();
  }

  override convertToDatabaseValue(value: T | null): string | null {
    return value === null || value === undefined ? null : JSON.stringify(storedOf(this.shape, value));
  }

  override convertToJSValue(kept: unknown): T | null {
    if (kept === null || kept === undefined) return null;
    return valueOfStored(this.shape, typeof kept === 'string' ? (JSON.parse(kept) as unknown) : kept);
  }

  override compareAsType(): string {
    return 'string';
  }

  override getColumnType(): string {
    return 'json';
  }

  override ensureComparable(): boolean {
    return false;
  }
}
