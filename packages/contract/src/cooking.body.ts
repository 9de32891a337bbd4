import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsNotEmpty,
  IsOptional,
  IsString,
  MaxLength,
  ValidateIf,
} from 'class-validator';
import { eveningLimits } from './evening-limits.js';
import { all, AreParts, IsBetween, MayBeAbsent } from './field.js';
import { IsDay } from './household.body.js';

const IsTaskId = (): PropertyDecorator =>
  all(
    IsString({ message: 'A task is named by its id.' }),
    IsNotEmpty({ message: 'The id of a task cannot be empty.' }),
    MaxLength(eveningLimits.taskId, { message: 'The id of a task is too long.' }),
  );

/** min of an evening: from midnight of the day before, past the midnight after. */
const IsMinuteOfEvening = (what: string): PropertyDecorator =>
  IsBetween(what, 0, 4320, 'minutes after midnight of the day before');

/** When a task began, ended or is to begin; null takes back what was said of it. */
export class SaidAtInput {
  @IsTaskId() id!: string;

  @ValidateIf((said: SaidAtInput) => said.at !== null)
  @IsMinuteOfEvening('The time of a task')
  at!: number | null;
}

/** Who does a task; null is whoever is free. */
export class SaidByInput {
  @IsTaskId() id!: string;

  @IsOptional()
  @IsString({ message: 'A cook is named by a text.' })
  @MaxLength(60, { message: 'The name of a cook is longer than 60 characters.' })
  cook!: string | null;
}

const AreSaid = (what: string, type: () => new () => object): PropertyDecorator =>
  all(
    MayBeAbsent(),
    IsArray({ message: `Send ${what} as a list.` }),
    ArrayMaxSize(eveningLimits.said, { message: 'Too much is said at once.' }),
    AreParts(),
    Type(type),
  );

/** What is said while an evening is cooked: only what is said changes, so that two phones at one stove do not undo each other. */
export class CookingSaid {
  /** The day on which it is eaten: of another one nothing is left. */
  @IsDay('The day')
  day!: string;

  /** Everything that was said before is dropped first. */
  @MayBeAbsent()
  @IsBoolean({ message: 'Say with true or false whether it begins anew.' })
  anew?: boolean;

  @AreSaid('what has begun', () => SaidAtInput) begun?: SaidAtInput[];
  @AreSaid('what is done', () => SaidAtInput) done?: SaidAtInput[];
  @AreSaid('what is put to a time', () => SaidAtInput) pinned?: SaidAtInput[];
  @AreSaid('who does what', () => SaidByInput) by?: SaidByInput[];

  /** min of the evening from which the rest was planned again. */
  @MayBeAbsent()
  @IsMinuteOfEvening('The time from which it is planned again')
  from?: number;
}
