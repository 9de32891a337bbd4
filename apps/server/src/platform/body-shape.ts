import type { NextFunction, Request, Response } from 'express';
import { invalidInput } from './failure.js';

/** How deep a body may nest, and how many values it may hold in all: several times what the largest formula needs. */
const DEEPEST = 12,
  MOST_VALUES = 20_000;

/** Names that mean something to the language itself. */
export const isReserved = (key: string): boolean =>
  key === '__proto__' || key === 'constructor' || key === 'prototype';

interface Trouble {
  readonly field: string;
  readonly message: string;
}

/** The first thing about a body that no part of the kitchen can take, whatever its fields mean; undefined when there is none. @param most values in it */
export function shapeTrouble(body: unknown, most: number = MOST_VALUES): Trouble | undefined {
  let values = 0;
  const look = (value: unknown, field: string, depth: number): Trouble | undefined => {
    if (++values > most) return { field, message: `More than ${most} values cannot be sent at once.` };
    if (depth > DEEPEST) return { field, message: 'This is nested deeper than anything here.' };
    if (typeof value === 'string' && value.includes('\0'))
      return { field, message: 'A text cannot hold the character NUL.' };
    if (typeof value !== 'object' || value === null) return undefined;
    for (const [key, part] of Object.entries(value)) {
      const path = Array.isArray(value) ? `${field}[${key}]` : field ? `${field}.${key}` : key;
      if (isReserved(key)) return { field: path, message: `“${key}” cannot be the name of a field.` };
      if (Array.isArray(value) && Array.isArray(part))
        return { field: path, message: `“${path}” must be an object or a value, not another list.` };
      const trouble = look(part, path, depth + 1);
      if (trouble) return trouble;
    }
    return undefined;
  };
  return look(body, '', 0);
}

/** NUL in an address, as it is sent: it ends texts for those who keep them. */
const NUL_IN_ADDRESS = /%00|\0/;
const addressTrouble = (address: string): Trouble | undefined =>
  NUL_IN_ADDRESS.test(address)
    ? { field: 'address', message: 'An address cannot hold the character NUL.' }
    : undefined;

/** Refuses addresses and bodies of a shape that nothing here has, before anybody looks at their fields. */
export function checkShape(request: Request, _response: Response, next: NextFunction): void {
  const trouble = addressTrouble(request.originalUrl) ?? shapeTrouble(request.body);
  next(trouble && invalidInput([trouble]));
}
