import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  ArrayUnique,
  IsArray,
  IsNotEmpty,
  IsString,
  MaxLength,
} from 'class-validator';
import { dishLimits } from './dish-limits.js';
import { AreParts, IsBetween, IsIngredientId, IsNoMemberName, MayBeAbsent } from './field.js';

/** Pieces of one thing in a pot that several share. */
export class PiecesInput {
  @IsString({ message: 'Pieces are named by an id.' })
  @IsNotEmpty({ message: 'The id of the pieces cannot be empty.' })
  @MaxLength(64, { message: 'The id of the pieces is longer than 64 characters.' })
  @IsNoMemberName()
  id!: string;

  @IsIngredientId() ingredient!: string;

  /** mm: the edge of cubes, the width of florets; 20 where nothing is said. */
  @MayBeAbsent()
  @IsBetween('The size of the pieces', 2, 200, 'mm')
  sizeMm?: number;
}

/** Several things boiled in one pot; nothing of it is kept. */
export class FinishTogetherRequest {
  @IsArray({ message: 'Send the pieces as a list.' })
  @ArrayMinSize(1, { message: 'Send at least one kind of pieces.' })
  @ArrayMaxSize(dishLimits.components, { message: `At most ${dishLimits.components} kinds share a pot.` })
  @ArrayUnique((one: PiecesInput | null) => one?.id, { message: 'Each kind of pieces has an id of its own.' })
  @AreParts()
  @Type(() => PiecesInput)
  pieces!: PiecesInput[];

  /** °C of the water; at the boil where nothing is said. */
  @MayBeAbsent()
  @IsBetween('The temperature of the water', 70, 120, '°C')
  temperatureC?: number;

  /** Of what they lie in; 7 where nothing is said. */
  @MayBeAbsent()
  @IsBetween('The pH', 2, 10)
  pH?: number;
}
