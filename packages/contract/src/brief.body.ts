import { currentRailId, type RailId, railIds, railOf, type Weight, weights } from '@alterum/core';
import { Transform, Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsNumber,
  Validate,
  type ValidationArguments,
  ValidatorConstraint,
  type ValidatorConstraintInterface,
} from 'class-validator';
import { all, AreParts, IsName, MayBeAbsent } from './field.js';

/** Widest a wish may reach beyond its rail, in lengths of the rail. @source assumed: enough for anything that can be dragged or typed */
const BEYOND = 10;

/** Two ends the right way round, near the rail they belong to. */
@ValidatorConstraint({ name: 'rangeOfRail' })
class RangeOfRail implements ValidatorConstraintInterface {
  validate(high: unknown, { object }: ValidationArguments): boolean {
    const { rail, low } = object as WishInput;
    if (typeof high !== 'number' || typeof low !== 'number' || !railIds.includes(rail)) return true;
    return (
      low <= high && low >= -BEYOND * railOf(rail).scale.high && high <= BEYOND * railOf(rail).scale.high
    );
  }
  defaultMessage({ object }: ValidationArguments): string {
    const { rail, low, high } = object as WishInput;
    return low > high
      ? `The lit range of ${rail} is upside down: its low end (${low}) lies above its high end (${high}).`
      : `The lit range of ${rail} lies far outside its rail.`;
  }
}

/** What is asked of one property. */
export class WishInput {
  /** Also by a name it had before. */
  @Transform(({ value }: { value: unknown }) => (typeof value === 'string' ? currentRailId(value) : value))
  @IsIn([...railIds], { message: `The property must be one of: ${railIds.join(', ')}.` })
  rail!: RailId;

  /** In the unit of the rail. */
  @IsNumber({}, { message: 'The low end must be a number.' })
  low!: number;

  @IsNumber({}, { message: 'The high end must be a number.' })
  @Validate(RangeOfRail)
  high!: number;

  @MayBeAbsent()
  @IsIn([...weights], { message: `How much it matters must be one of: ${weights.join(', ')}.` })
  weight?: Weight;

  @MayBeAbsent()
  @IsBoolean({ message: 'Whether it is pinned must be true or false.' })
  pinned?: boolean;
}

/** Wishes of a brief, at most one a rail. */
export const AreWishes = (): PropertyDecorator =>
  all(
    IsArray({ message: 'The brief must be a list of wishes.' }),
    ArrayMaxSize(railIds.length, { message: 'A brief holds at most one wish a property.' }),
    AreParts(),
    Type(() => WishInput),
  );

/** A brief kept under a name, for any formula. */
export class SavedBriefBody {
  @IsName('Give the brief a name.', 80)
  name!: string;

  @AreWishes()
  wishes!: WishInput[];
}
