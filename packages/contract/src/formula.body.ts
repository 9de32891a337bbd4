import { type Family, type Storage, storages } from '@alterum/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsObject,
  IsOptional,
  IsString,
  MaxLength,
} from 'class-validator';
import { AreWishes, WishInput } from './brief.body.js';
import {
  AreParts,
  IsBetween,
  IsFamily,
  IsName,
  IsPart,
  IsPortions,
  IsVersion,
  MayBeAbsent,
} from './field.js';
import { LineInput } from './line.body.js';
import { requestLimits } from './kitchen-limits.js';
import { AreOperations, OperationInput } from './operation.body.js';
import { ProcessInput } from './process.body.js';

/** When and how warm it is eaten. */
export class ServeInput {
  /** °C. */
  @MayBeAbsent()
  @IsBetween('The serving temperature', -5, 100, '°C')
  temperatureC?: number;

  @MayBeAbsent()
  @IsIn([...storages], { message: `The storage must be one of: ${storages.join(', ')}.` })
  storage?: Storage;

  @MayBeAbsent()
  @IsBetween('The days in the fridge', 0, 30)
  days?: number;
}

/** Whether the household marked it. */
export class FavouriteBody {
  @IsBoolean({ message: 'Whether it is a favourite is true or false.' })
  favourite!: boolean;
}

/** A formula as it is sent; what is left out is completed with a blank formula's or keeps what stands. */
export class FormulaBody {
  @IsName('Give the formula a name.', 120)
  name!: string;

  @IsFamily()
  family?: Family;

  @IsPortions()
  portions?: number;

  @MayBeAbsent()
  @IsString({ message: 'The note must be a text.' })
  @MaxLength(4000, { message: 'The note is longer than 4000 characters.' })
  note?: string;

  @MayBeAbsent()
  @IsArray({ message: 'The lines must be a list.' })
  @ArrayMaxSize(80, { message: 'A formula holds at most 80 lines.' })
  @AreParts()
  @Type(() => LineInput)
  lines?: LineInput[];

  @MayBeAbsent()
  @IsObject({ message: 'The process must be an object.' })
  @IsPart()
  @Type(() => ProcessInput)
  process?: ProcessInput;

  /** What is done, first to last; null is no method of its own. */
  @AreOperations(requestLimits.operations, 'The method')
  method?: OperationInput[] | null;

  /** The app writes the method from family and lines. */
  @MayBeAbsent()
  @IsBoolean({ message: 'Whether the method writes itself must be true or false.' })
  writesItself?: boolean;

  @MayBeAbsent()
  @IsObject({ message: 'Serving must be an object.' })
  @IsPart()
  @Type(() => ServeInput)
  serve?: ServeInput;

  /** What is asked of it; null is nothing: it is to stay as it is. */
  @IsOptional()
  @AreWishes()
  brief?: WishInput[] | null;
}

/** A write over a formula that was read at a version. */
export class FormulaUpdate extends FormulaBody {
  @IsVersion()
  version!: number;
}

/** A version to be kept: the formula as it stands, or as it would be with a proposal, under a name, with the reason. */
export class VersionBody {
  @IsName('Give the version a name.', 80)
  name!: string;

  @MayBeAbsent()
  @IsString({ message: 'The reason must be a text.' })
  @MaxLength(1000, { message: 'The reason is longer than 1000 characters.' })
  why?: string;

  /** What is kept instead of what stands; the formula itself stays as it is. */
  @MayBeAbsent()
  @IsObject({ message: 'The content must be a formula.' })
  @IsPart()
  @Type(() => FormulaBody)
  content?: FormulaBody;
}

/** A formula made from a version. */
export class BranchBody {
  @IsName('Give the new formula a name.', 120)
  name!: string;
}
