import {
  type Hold,
  LARGEST_LINE_G,
  type Preparation,
  preparations,
  type Role,
  roles,
  type Stage,
  stages,
  type UnitId,
  unitIds,
} from '@alterum/core';
import { Type } from 'class-transformer';
import {
  IsIn,
  IsNotEmpty,
  IsNumber,
  IsOptional,
  IsString,
  Max,
  MaxLength,
  Min,
  Validate,
  ValidateIf,
  type ValidationArguments,
  ValidatorConstraint,
  type ValidatorConstraintInterface,
} from 'class-validator';
import { IsBetween, IsIngredientId, IsNoMemberName, IsPart, MayBeAbsent } from './field.js';
import { requestLimits } from './kitchen-limits.js';
import { AreOperations, OperationInput } from './operation.body.js';

@ValidatorConstraint({ name: 'holdsItsAmount' })
class HoldsItsAmount implements ValidatorConstraintInterface {
  validate(range: unknown, { object }: ValidationArguments): boolean {
    const { amount } = object as PotLineInput;
    const { low, high } = (range ?? {}) as Partial<AmountRangeInput>;
    return typeof amount === 'number' && !(Number(low) > amount) && !(Number(high) < amount);
  }
  defaultMessage(): string {
    return 'The range of an amount must hold the amount itself: low, amount, high.';
  }
}

/** What may be meant by an amount that was said loosely, in its unit. */
export class AmountRangeInput {
  @IsBetween('The least of the amount', 0, 100_000)
  low!: number;

  @IsBetween('The most of the amount', 0, 100_000)
  high!: number;
}

/** One thing in the pot: what, how much, how prepared and when it goes in. */
export class PotLineInput {
  /** By which a method names it; on a formula made by the client, or by the server when it is absent. */
  @MayBeAbsent()
  @IsString({ message: 'The line id must be a text.' })
  @IsNotEmpty({ message: 'The line id cannot be empty.' })
  @MaxLength(64, { message: 'The line id is longer than 64 characters.' })
  @IsNoMemberName()
  id?: string;

  /** Id of a larder ingredient, or its exact name. */
  @IsIngredientId()
  ingredient!: string;

  /** Null where the cook has not said any that could be read; such a line is left out of the figures. */
  @ValidateIf((line: PotLineInput) => line.amount !== null)
  @IsNumber({}, { message: 'The amount must be a number.' })
  @Min(0, { message: 'The amount cannot be below zero.' })
  @Max(100_000, { message: 'The amount is larger than any kitchen holds.' })
  amount!: number | null;

  @IsIn(unitIds as UnitId[], { message: `The unit must be one of: ${unitIds.join(', ')}.` })
  unit!: UnitId;

  /** Where the amount was said loosely ("2-3", "a handful"), what it lies between; null or absent is as weighed. */
  @IsOptional()
  @IsPart()
  @Type(() => AmountRangeInput)
  @Validate(HoldsItsAmount)
  amountRange?: AmountRangeInput | null;

  @MayBeAbsent()
  @IsIn([...preparations], { message: `The preparation must be one of: ${preparations.join(', ')}.` })
  preparation?: Preparation;

  @MayBeAbsent()
  @IsIn([...stages], { message: `The stage must be one of: ${stages.join(', ')}.` })
  stage?: Stage;

  /** What is done to it before it meets the pot, in place of the preparation. */
  @AreOperations(requestLimits.readyOperations, 'What is done to a line')
  ready?: OperationInput[] | null;

  /** Whether the amount was weighed before it was made ready or after. */
  @MayBeAbsent()
  @IsIn(['before', 'ready'], { message: 'A line was weighed “before” it was made ready, or “ready”.' })
  weighed?: 'before' | 'ready';
}

@ValidatorConstraint({ name: 'notUpsideDown' })
class NotUpsideDown implements ValidatorConstraintInterface {
  validate(most: unknown, { object }: ValidationArguments): boolean {
    const { leastG } = object as HoldInput;
    return typeof most !== 'number' || typeof leastG !== 'number' || leastG <= most;
  }
  defaultMessage(): string {
    return 'The bounds of the line are upside down: the least lies above the most.';
  }
}

/** How far balancing may change a line: pinned, or between two masses in g. */
export class HoldInput {
  @IsIn(['pinned', 'bounded'], { message: 'A line is held as pinned or bounded.' })
  kind!: Hold['kind'];

  @ValidateIf((hold: HoldInput) => hold.kind === 'bounded')
  @IsBetween('The least mass of the line', 0, LARGEST_LINE_G, 'g')
  leastG?: number;

  @ValidateIf((hold: HoldInput) => hold.kind === 'bounded')
  @IsBetween('The most mass of the line', 0, LARGEST_LINE_G, 'g')
  @Validate(NotUpsideDown)
  mostG?: number;
}

/** A line of a formula: a thing in the pot with its own id and place on the Bench. */
export class LineInput extends PotLineInput {
  @MayBeAbsent()
  @IsIn([...roles], { message: `The role must be one of: ${roles.join(', ')}.` })
  role?: Role;

  /** Absent or null: free. */
  @IsOptional()
  @IsPart()
  @Type(() => HoldInput)
  hold?: HoldInput | null;
}
