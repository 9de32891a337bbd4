import { type Family, families } from '@alterum/core';
import {
  IsIn,
  IsInt,
  IsNotEmpty,
  IsNotIn,
  IsNumber,
  IsString,
  Max,
  MaxLength,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator';

/** Several checks as one decorator. */
export const all =
  (...checks: readonly PropertyDecorator[]): PropertyDecorator =>
  (target, property) =>
    checks.forEach((check) => check(target, property));

/** It may be left out; null is not leaving it out. */
export const MayBeAbsent = (): PropertyDecorator =>
  ValidateIf((_object: object, value: unknown) => value !== undefined);

/** What tells named things apart: the name without blanks around it, whatever was sent as one. */
export const nameOf = (one: { readonly name?: unknown } | null): unknown =>
  typeof one?.name === 'string' ? one.name.trim() : one;

/** Names that every object has (`__proto__`, `constructor`): as the name of a thing they are taken for what they are not. */
const memberNames: readonly string[] = Object.getOwnPropertyNames(Object.prototype);

/** Something sent by which things are told apart, that is no name of a member that every object has. */
export const IsNoMemberName = (): PropertyDecorator =>
  IsNotIn([...memberNames], {
    message: 'This id has a meaning of its own in programs and cannot name anything; take another one.',
  });

/** A name that must be there. */
export const IsName = (missing: string, longest: number): PropertyDecorator =>
  all(
    IsString({ message: 'The name must be a text.' }),
    IsNotEmpty({ message: missing }),
    MaxLength(longest, { message: `The name is longer than ${longest} characters.` }),
  );

/** A version that can still be written over many times; nothing is written so often. @source assumed: ten years of a write a second are a third of it */
const LARGEST_VERSION = 1_000_000_000;

/** The version that a write was made from, so that no write goes over another unseen. */
export const IsVersion = (): PropertyDecorator =>
  all(
    IsInt({ message: 'Say which version was changed: “version” must be a whole number.' }),
    Min(1, { message: 'The version starts at 1.' }),
    Max(LARGEST_VERSION, { message: `No version is larger than ${LARGEST_VERSION}.` }),
  );

/** A number between two ends, both allowed; `what` begins the sentence that refuses another, a unit ends it. */
export const IsBetween = (what: string, low: number, high: number, unit = ''): PropertyDecorator => {
  const range = { message: `${what} must be between ${low} and ${high}${unit && ` ${unit}`}.` };
  return all(IsNumber({}, { message: `${what} must be a number.` }), Min(low, range), Max(high, range));
};

/** Portions a batch is divided into; may be left out. */
export const IsPortions = (): PropertyDecorator => {
  const range = { message: 'The portions must be between a quarter and 200.' };
  return all(
    MayBeAbsent(),
    IsNumber({}, { message: 'The portions must be a number.' }),
    Min(0.25, range),
    Max(200, range),
  );
};

/** Kind of product; may be left out. */
export const IsFamily = (): PropertyDecorator =>
  all(
    MayBeAbsent(),
    IsIn([...families] satisfies Family[], { message: `The family must be one of: ${families.join(', ')}.` }),
  );

/** An object with checks of its own. */
export const IsPart = (): PropertyDecorator =>
  ValidateNested({ message: 'What is sent here must be an object.' });

/** A list of objects, each with checks of its own. */
export const AreParts = (): PropertyDecorator =>
  ValidateNested({ each: true, message: 'Each entry of the list must be an object.' });

/** The larder id of an ingredient. */
export const IsIngredientId = (): PropertyDecorator =>
  all(
    IsString({ message: 'The ingredient must be named by its larder id.' }),
    IsNotEmpty({ message: 'The ingredient must be named by its larder id.' }),
    MaxLength(120, { message: 'The ingredient id is too long.' }),
    IsNoMemberName(),
  );
