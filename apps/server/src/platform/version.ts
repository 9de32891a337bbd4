import { invalidInput } from './failure.js';

/** The version a delete was meant for, when it was said. */
export function versionFromQuery(text: string | undefined): number | undefined {
  if (text === undefined) return undefined;
  const version = Number(text);
  if (!Number.isInteger(version) || version < 1)
    throw invalidInput([{ field: 'version', message: 'The version must be a whole number from 1.' }]);
  return version;
}
