import { Type } from 'class-transformer';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsString, MaxLength } from 'class-validator';
import { NeedInput } from './eater.body.js';
import { AreParts, IsNoMemberName, IsPortions, MayBeAbsent } from './field.js';
import { requestLimits } from './kitchen-limits.js';
import { PotLineInput } from './line.body.js';

/** Somebody to judge for, without being kept. */
export class EaterInput {
  @MayBeAbsent()
  @IsString({ message: 'The id must be a text.' })
  @MaxLength(80, { message: 'The id is too long.' })
  @IsNoMemberName()
  id?: string;

  @MayBeAbsent()
  @IsString({ message: 'The name must be a text.' })
  @MaxLength(60, { message: 'The name is longer than 60 characters.' })
  name?: string;

  @IsArray({ message: 'The needs must be a list.' })
  @ArrayMaxSize(60, { message: 'A person has at most 60 needs.' })
  @AreParts()
  @Type(() => NeedInput)
  needs!: NeedInput[];
}

/** Whoever is to be judged for: sent, or by the ids of people at the table. */
export class PeopleAsked {
  @MayBeAbsent()
  @IsArray({ message: 'The eaters must be a list.' })
  @ArrayMaxSize(100, { message: 'At most 100 people can be judged at once.' })
  @AreParts()
  @Type(() => EaterInput)
  eaters?: EaterInput[];

  @MayBeAbsent()
  @IsArray({ message: 'The eater ids must be a list.' })
  @ArrayMaxSize(100, { message: 'At most 100 people can be judged at once.' })
  @IsString({ each: true, message: 'An eater id must be a text.' })
  eaterIds?: string[];
}

/** Formulas of one meal. @source assumed: more pots than any evening has */
const MOST_BESIDE = 12;

/** Who can eat a pot or a formula; nothing of it is kept. Send `lines` or `formulaId`, and `eaters` or `eaterIds`. */
export class WhoCanEatRequest extends PeopleAsked {
  @MayBeAbsent()
  @IsArray({ message: 'Send the lines of the pot as a list.' })
  @ArrayMinSize(1, { message: 'Add at least one ingredient.' })
  @ArrayMaxSize(requestLimits.lines, {
    message: `At most ${requestLimits.lines} lines can be judged at once.`,
  })
  @AreParts()
  @Type(() => PotLineInput)
  lines?: PotLineInput[];

  @MayBeAbsent()
  @IsString({ message: 'The formula id must be a text.' })
  @MaxLength(80, { message: 'The formula id is too long.' })
  formulaId?: string;

  /** Portions the batch is divided into; 1 when left out, or those of the formula. */
  @IsPortions()
  portions?: number;

  /** What only this version of it gets, for as many portions as the pot: the pot or formula is then its base. */
  @MayBeAbsent()
  @IsArray({ message: 'Send what is added as a list of lines.' })
  @ArrayMaxSize(requestLimits.lines, {
    message: `At most ${requestLimits.lines} lines can be judged at once.`,
  })
  @AreParts()
  @Type(() => PotLineInput)
  added?: PotLineInput[];

  /** Ids of formulas of which a portion each is eaten beside it. */
  @MayBeAbsent()
  @IsArray({ message: 'Send the formulas beside it as a list of ids.' })
  @ArrayMaxSize(MOST_BESIDE, { message: `At most ${MOST_BESIDE} formulas can stand beside it.` })
  @IsString({ each: true, message: 'A formula id must be a text.' })
  beside?: string[];
}
