import { type Cover, ovenCovers } from '@alterum/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  ArrayUnique,
  IsArray,
  IsBoolean,
  IsDefined,
  IsIn,
  IsNotEmpty,
  IsObject,
  IsString,
  MaxLength,
  ValidateIf,
} from 'class-validator';
import { dishLimits } from './dish-limits.js';
import {
  all,
  AreParts,
  IsBetween,
  IsIngredientId,
  IsName,
  IsNoMemberName,
  IsPart,
  IsPortions,
  MayBeAbsent,
} from './field.js';
import { PeopleAsked } from './who-can-eat.body.js';
import { requestLimits } from './kitchen-limits.js';
import { PotLineInput } from './line.body.js';
import { AreOperations, OperationInput } from './operation.body.js';
import { ProcessInput } from './process.body.js';

/** A vessel by its inside: a round one by its diameter, another by length and width. */
export class VesselInput {
  @IsIn(['rectangular', 'round'], { message: 'A vessel is rectangular or round.' })
  shape!: 'rectangular' | 'round';

  @ValidateIf(({ shape }: VesselInput) => shape === 'rectangular')
  @IsBetween('The length of the vessel', 2, dishLimits.cm, 'cm')
  lengthCm?: number;

  @ValidateIf(({ shape }: VesselInput) => shape === 'rectangular')
  @IsBetween('The width of the vessel', 2, dishLimits.cm, 'cm')
  widthCm?: number;

  @ValidateIf(({ shape }: VesselInput) => shape === 'round')
  @IsBetween('The diameter of the vessel', 2, dishLimits.cm, 'cm')
  diameterCm?: number;

  @IsBetween('The depth of the vessel', 0.5, dishLimits.depthCm, 'cm')
  depthCm!: number;
}

/** What every part of a dish has: an id, and what it is of. */
export class DishPartBase {
  @IsString({ message: 'A part of the dish is named by its id.' })
  @IsNotEmpty({ message: 'The id of a part cannot be empty.' })
  @MaxLength(64, { message: 'The id of a part is longer than 64 characters.' })
  @IsNoMemberName()
  id!: string;

  @MayBeAbsent()
  @IsString({ message: 'The name must be a text.' })
  @MaxLength(120, { message: 'The name is longer than 120 characters.' })
  name?: string;

  @MayBeAbsent()
  @IsString({ message: 'The formula must be named by its id.' })
  @MaxLength(80, { message: 'The formula id is too long.' })
  formula?: string;

  /** Name of a version that the household divides the formula into (`/api/household`); left out, the formula as it is. */
  @MayBeAbsent()
  @IsName('Name the version.', 60)
  version?: string;

  @MayBeAbsent()
  @IsIngredientId()
  ingredient?: string;

  /** Ids of those who alone eat of it; left out or empty, everybody. */
  @MayBeAbsent()
  @IsArray({ message: 'Who alone eats of a part is a list of ids.' })
  @ArrayMaxSize(dishLimits.eaters, { message: `At most ${dishLimits.eaters} people eat of a dish.` })
  @ArrayUnique((id: unknown) => id, { message: 'Each person is named once.' })
  @IsString({ each: true, message: 'Who eats of a part is named by an id.' })
  @MaxLength(64, { each: true, message: 'The id of a person is longer than 64 characters.' })
  onlyFor?: string[];

  /** What is done to a bought or plain thing before it goes in: fried, roasted, salted, boiled, pressed. */
  @AreOperations(requestLimits.readyOperations, 'What is done to a part')
  ready?: OperationInput[] | null;
}

/** A part of a dish: a kept formula, a sauce that is sent with its lines, or a bought or plain thing. One of the three. */
export class DishComponentInput extends DishPartBase {
  @MayBeAbsent()
  @IsArray({ message: 'Send the lines of the sauce as a list.' })
  @ArrayMinSize(1, { message: 'Add at least one ingredient.' })
  @ArrayMaxSize(requestLimits.lines, { message: `A sauce has at most ${requestLimits.lines} lines.` })
  @AreParts()
  @Type(() => PotLineInput)
  lines?: PotLineInput[];

  @MayBeAbsent()
  @IsObject({ message: 'The process must be an object.' })
  @IsPart()
  @Type(() => ProcessInput)
  process?: ProcessInput;

  @AreOperations(requestLimits.operations, 'The method')
  method?: OperationInput[] | null;

  /** g there are: of a sauce as it is made, all of it where it is left out; of a thing as it is bought, before what is done to it. */
  @ValidateIf((part: DishComponentInput) => part.grams !== undefined || part.ingredient !== undefined)
  @IsBetween('The amount of the part', 0, dishLimits.grams, 'g')
  grams?: number;
}

/** A layer, from the bottom up: so many g, so many mm, or a share of what is left of its part. */
export class LayerInput {
  @IsString({ message: 'A layer names the part it is of.' })
  @MaxLength(64, { message: 'The id of a part is longer than 64 characters.' })
  component!: string;

  @MayBeAbsent()
  @IsBetween('The amount of the layer', 0, dishLimits.grams, 'g')
  grams?: number;

  @MayBeAbsent()
  @IsBetween('The height of the layer', 0, dishLimits.mm, 'mm')
  mm?: number;

  @MayBeAbsent()
  @IsBetween('The share of the layer', 0, 1000)
  share?: number;
}

/** One stretch in the oven; the temperature in °C, or in °F. */
export class OvenStageInput {
  @MayBeAbsent()
  @IsBetween('The temperature of the oven', 0, 600, '°F')
  temperatureF?: number;

  @ValidateIf((stage: OvenStageInput) => stage.temperatureF === undefined || stage.temperatureC !== undefined)
  @IsBetween('The temperature of the oven', -20, 320, '°C')
  temperatureC?: number;

  @IsBetween('The minutes in the oven', 0, dishLimits.minutes, 'minutes')
  minutes!: number;

  @MayBeAbsent()
  @IsIn([...ovenCovers], { message: `A dish in the oven is ${ovenCovers.join(', ')}.` })
  cover?: Cover;

  @MayBeAbsent()
  @IsBoolean({ message: 'Whether the fan runs must be true or false.' })
  fan?: boolean;
}

/** Stretches in the oven, first to last. */
export const AreOvenStages = (): PropertyDecorator =>
  all(
    MayBeAbsent(),
    IsArray({ message: 'Send the stretches in the oven as a list.' }),
    ArrayMaxSize(dishLimits.stages, { message: `At most ${dishLimits.stages} stretches in the oven.` }),
    AreParts(),
    Type(() => OvenStageInput),
  );
/** min that it rests after the oven. */
export const IsRest = (): PropertyDecorator =>
  all(MayBeAbsent(), IsBetween('The rest', 0, dishLimits.minutes, 'minutes'));
/** °C as it goes into the oven. */
export const IsGoingInAt = (): PropertyDecorator =>
  all(MayBeAbsent(), IsBetween('The temperature it goes in with', -20, 100, '°C'));

/** A dish of several parts before it is made; nothing of it is kept. */
export class DishRequest extends PeopleAsked {
  @IsDefined({ message: 'Say which vessel it is made in: its shape, its size and its depth.' })
  @IsObject({ message: 'The vessel must be an object.' })
  @IsPart()
  @Type(() => VesselInput)
  vessel!: VesselInput;

  @IsArray({ message: 'Send the parts of the dish as a list.' })
  @ArrayMinSize(1, { message: 'A dish has at least one part.' })
  @ArrayMaxSize(dishLimits.components, { message: `A dish has at most ${dishLimits.components} parts.` })
  @ArrayUnique((part: DishComponentInput | null) => part?.id, { message: 'Each part has an id of its own.' })
  @AreParts()
  @Type(() => DishComponentInput)
  components!: DishComponentInput[];

  /** From the bottom up; each part once, in their order, where it is left out. */
  @MayBeAbsent()
  @IsArray({ message: 'Send the layers as a list.' })
  @ArrayMinSize(1, { message: 'A dish has at least one layer.' })
  @ArrayMaxSize(dishLimits.layers, { message: `A dish has at most ${dishLimits.layers} layers.` })
  @AreParts()
  @Type(() => LayerInput)
  layers?: LayerInput[];

  @AreOvenStages() oven?: OvenStageInput[];
  @IsRest() restMin?: number;

  /** °C as it goes into the oven; 20 where nothing is said. */
  @IsGoingInAt() fromC?: number;

  /** Portions it is divided into; 1 when left out. */
  @IsPortions()
  portions?: number;
}
