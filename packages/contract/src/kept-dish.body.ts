import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayUnique,
  IsArray,
  IsDateString,
  IsNotEmpty,
  IsObject,
  IsString,
  MaxLength,
  ValidateIf,
} from 'class-validator';
import { dishLimits } from './dish-limits.js';
import {
  AreOvenStages,
  DishPartBase,
  IsGoingInAt,
  IsRest,
  LayerInput,
  OvenStageInput,
  VesselInput,
} from './dish.body.js';
import {
  AreParts,
  IsBetween,
  IsName,
  IsNoMemberName,
  IsPart,
  IsPortions,
  IsVersion,
  MayBeAbsent,
  nameOf,
} from './field.js';

/** A vessel as a dish keeps it, with the name it goes by in the house. */
export class KeptVesselInput extends VesselInput {
  @MayBeAbsent()
  @IsString({ message: 'The name must be a text.' })
  @MaxLength(60, { message: 'The name is longer than 60 characters.' })
  name?: string;
}

/** A part of a kept dish: a kept formula, or a bought or plain thing. */
export class KeptPartInput extends DishPartBase {
  /** g; null is all that a formula makes, and not said yet of a thing. */
  @ValidateIf((part: KeptPartInput) => part.grams !== null && part.grams !== undefined)
  @IsBetween('The amount of the part', 0, dishLimits.grams, 'g')
  grams?: number | null;
}

/** A layer with a name of its own: the same part may lie in several. */
export class KeptLayerInput extends LayerInput {
  @IsString({ message: 'A layer is named by its id.' })
  @IsNotEmpty({ message: 'The id of a layer cannot be empty.' })
  @MaxLength(64, { message: 'The id of a layer is longer than 64 characters.' })
  @IsNoMemberName()
  id!: string;
}

/** Somebody who eats of it, and how many usual portions. */
export class DishEaterInput {
  @IsString({ message: 'Who eats is named by an id.' })
  @MaxLength(64, { message: 'The id of a person is longer than 64 characters.' })
  eater!: string;

  @IsBetween('The appetite', 0.1, dishLimits.appetite, 'portions')
  appetite!: number;
}

/** What is written of a dish; what is left out is as in a blank dish, or stays as it stands. */
export class DishContentBody {
  @IsName('Give the dish a name.', 120)
  name!: string;

  @MayBeAbsent()
  @IsString({ message: 'The note must be a text.' })
  @MaxLength(4000, { message: 'The note is longer than 4000 characters.' })
  note?: string;

  @IsPortions()
  portions?: number;

  @MayBeAbsent()
  @IsArray({ message: 'Who eats is a list of people.' })
  @ArrayMaxSize(dishLimits.eaters, { message: `At most ${dishLimits.eaters} people eat of a dish.` })
  @ArrayUnique((one: DishEaterInput | null) => one?.eater, { message: 'Each person is named once.' })
  @AreParts()
  @Type(() => DishEaterInput)
  eaters?: DishEaterInput[];

  /** Null until one is chosen. */
  @ValidateIf((dish: KeptDishBody) => dish.vessel !== null && dish.vessel !== undefined)
  @IsObject({ message: 'The vessel must be an object.' })
  @IsPart()
  @Type(() => KeptVesselInput)
  vessel?: KeptVesselInput | null;

  @MayBeAbsent()
  @IsArray({ message: 'Send the parts of the dish as a list.' })
  @ArrayMaxSize(dishLimits.components, { message: `A dish has at most ${dishLimits.components} parts.` })
  @ArrayUnique((part: KeptPartInput | null) => part?.id, { message: 'Each part has an id of its own.' })
  @AreParts()
  @Type(() => KeptPartInput)
  parts?: KeptPartInput[];

  /** From the bottom up. */
  @MayBeAbsent()
  @IsArray({ message: 'Send the layers as a list.' })
  @ArrayMaxSize(dishLimits.layers, { message: `A dish has at most ${dishLimits.layers} layers.` })
  @ArrayUnique((layer: KeptLayerInput | null) => layer?.id, { message: 'Each layer has an id of its own.' })
  @AreParts()
  @Type(() => KeptLayerInput)
  layers?: KeptLayerInput[];

  @AreOvenStages() oven?: OvenStageInput[];
  @IsRest() restMin?: number;

  /** °C as it goes into the oven. */
  @IsGoingInAt() fromC?: number;
}

/** A dish as it stood once, under a name. */
export class KeptMomentInput {
  @IsString({ message: 'A version is told from others by its id.' })
  @IsNotEmpty({ message: 'The id of a version cannot be empty.' })
  @MaxLength(64, { message: 'The id of a version is longer than 64 characters.' })
  @IsNoMemberName()
  id!: string;

  @IsName('Give the version a name.', 80)
  name!: string;

  @IsDateString({}, { message: 'When it was kept must be a date and time.' })
  keptAt!: string;

  @IsObject({ message: 'What a version holds must be an object.' })
  @IsPart()
  @Type(() => DishContentBody)
  content!: DishContentBody;
}

/** A dish of several parts as it is kept, with versions of it. */
export class KeptDishBody extends DishContentBody {
  /** Oldest first. */
  @MayBeAbsent()
  @IsArray({ message: 'The versions must be a list.' })
  @ArrayMaxSize(dishLimits.kept, { message: `At most ${dishLimits.kept} versions of a dish are kept.` })
  @ArrayUnique(nameOf, {
    message: 'Each version has a name of its own.',
  })
  @AreParts()
  @Type(() => KeptMomentInput)
  kept?: KeptMomentInput[];
}

/** The same, changed from the version that was read. */
export class KeptDishUpdate extends KeptDishBody {
  @IsVersion() version!: number;
}
