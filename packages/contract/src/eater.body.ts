import {
  type AllergenId,
  type Avoided,
  allergenIds,
  type Compound,
  compounds,
  type Need,
  type Rule,
  rules,
  type Strictness,
  strictnesses,
} from '@alterum/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsNotEmpty,
  IsNumber,
  IsObject,
  IsString,
  Max,
  MaxLength,
  Min,
  ValidateIf,
} from 'class-validator';
import { AreParts, IsName, IsVersion, MayBeAbsent } from './field.js';

export const needKinds = ['allergen', 'ingredient', 'salt-limit', 'compound', 'rule'] as const;

/** Kinds that are a limit in g a portion. */
const isLimit = (need: NeedInput) => need.kind === 'salt-limit' || need.kind === 'compound';
const isStrict = (need: NeedInput) => need.kind === 'allergen' || need.kind === 'ingredient';

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

  @ValidateIf((need: NeedInput) => isStrict(need) || need.strictness !== undefined)
  @IsIn([...strictnesses], { message: `How strict it is must be one of: ${strictnesses.join(', ')}.` })
  strictness?: Strictness;

  /** As it was read; what the ingredient is, is looked up anew. */
  @MayBeAbsent()
  @IsObject({ message: 'What the ingredient is need not be sent.' })
  what?: Avoided;

  /** Traces matter: "may contain" and shared lines are asked about. */
  @MayBeAbsent()
  @IsBoolean({ message: 'Whether traces matter must be true or false.' })
  traces?: boolean;

  /** g of salt, or of the compound, a portion. */
  @ValidateIf((need: NeedInput) => isLimit(need) || need.gramsPerPortion !== undefined)
  @IsNumber({}, { message: 'The limit must be a number of grams a portion.' })
  @Min(0.01, { message: 'The limit must be between 0.01 and 10 g a portion.' })
  @Max(10, { message: 'The limit must be between 0.01 and 10 g a portion.' })
  gramsPerPortion?: number;

  @ValidateIf((need: NeedInput) => need.kind === 'compound' || need.compound !== undefined)
  @IsIn([...compounds], { message: `The compound must be one of: ${compounds.join(', ')}.` })
  compound?: Compound;

  @ValidateIf((need: NeedInput) => need.kind === 'rule' || need.rule !== undefined)
  @IsIn([...rules], { message: `The rule must be one of: ${rules.join(', ')}.` })
  rule?: Rule;
}

/** Somebody at the table, as sent. */
export class EaterBody {
  @IsName('Give the person a name.', 60)
  name!: string;

  @MayBeAbsent()
  @IsBoolean({ message: 'Whether they eat tonight must be true or false.' })
  eatsTonight?: boolean;

  /** At the table for one evening. */
  @MayBeAbsent()
  @IsBoolean({ message: 'Whether they are a guest must be true or false.' })
  guest?: boolean;

  @MayBeAbsent()
  @IsArray({ message: 'The needs must be a list.' })
  @ArrayMaxSize(60, { message: 'A person has at most 60 needs.' })
  @AreParts()
  @Type(() => NeedInput)
  needs?: NeedInput[];
}

export class EaterUpdate extends EaterBody {
  @IsVersion()
  version!: number;
}
