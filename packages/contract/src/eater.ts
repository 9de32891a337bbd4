import {
  type AllergenId,
  allergenIds,
  type Eater,
  type Need,
  strictnesses,
  type Strictness,
} from '@alterum/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNotEmpty,
  IsNumber,
  IsOptional,
  IsString,
  Max,
  MaxLength,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator';

export const needKinds = ['allergen', 'ingredient', 'salt-limit'] as const;

const isSaltLimit = (need: NeedInput) => need.kind === 'salt-limit';

/** One need; which fields it has follows from its kind. */
export class NeedInput {
  @IsIn([...needKinds], { message: `The kind of need must be one of: ${needKinds.join(', ')}.` })
  kind!: Need['kind'];

  @ValidateIf((need: NeedInput) => need.kind === 'allergen' || need.allergen !== undefined)
  @IsIn([...allergenIds], { message: 'Choose an allergen from the lists.' })
  allergen?: AllergenId;

  @ValidateIf((need: NeedInput) => need.kind === 'ingredient' || need.ingredient !== undefined)
  @IsString({ message: 'Choose an ingredient from the larder.' })
  @IsNotEmpty({ message: 'Choose an ingredient from the larder.' })
  @MaxLength(120, { message: 'The ingredient id is too long.' })
  ingredient?: string;

  @ValidateIf((need: NeedInput) => !isSaltLimit(need) || need.strictness !== undefined)
  @IsIn([...strictnesses], { message: `How strict it is must be one of: ${strictnesses.join(', ')}.` })
  strictness?: Strictness;

  /** Traces matter: "may contain" and shared lines are asked about. */
  @IsOptional()
  @IsBoolean({ message: 'Whether traces matter must be true or false.' })
  traces?: boolean;

  /** g of salt a portion. */
  @ValidateIf((need: NeedInput) => isSaltLimit(need) || need.gramsPerPortion !== undefined)
  @IsNumber({}, { message: 'The salt limit must be a number of grams a portion.' })
  @Min(0.1, { message: 'The salt limit must be between 0.1 and 10 g a portion.' })
  @Max(10, { message: 'The salt limit must be between 0.1 and 10 g a portion.' })
  gramsPerPortion?: number;
}

/** Somebody at the table, as sent. */
export class EaterBody {
  @IsString({ message: 'The name must be a text.' })
  @IsNotEmpty({ message: 'Give the person a name.' })
  @MaxLength(60, { message: 'The name is longer than 60 characters.' })
  name!: string;

  @IsOptional()
  @IsBoolean({ message: 'Whether they eat tonight must be true or false.' })
  eatsTonight?: boolean;

  @IsOptional()
  @IsArray({ message: 'The needs must be a list.' })
  @ArrayMaxSize(60, { message: 'A person has at most 60 needs.' })
  @ValidateNested({ each: true })
  @Type(() => NeedInput)
  needs?: NeedInput[];
}

export class EaterUpdate extends EaterBody {
  @IsInt({ message: 'Say which version was changed: “version” must be a whole number.' })
  @Min(1, { message: 'The version starts at 1.' })
  version!: number;
}

export interface EaterView extends Eater {
  readonly version: number;
}

/** A need of the core from a validated input. @throws RangeError when a field its kind needs is missing (validation comes first) */
export function needFromInput(input: NeedInput): Need {
  const { kind, allergen, ingredient, strictness, gramsPerPortion } = input;
  if (kind === 'allergen' && allergen && strictness)
    return { kind, allergen, strictness, traces: input.traces ?? false };
  if (kind === 'ingredient' && ingredient && strictness) return { kind, ingredient, strictness };
  if (kind === 'salt-limit' && gramsPerPortion !== undefined) return { kind, gramsPerPortion };
  throw new RangeError(`a need of kind "${kind}" came without its fields`);
}
