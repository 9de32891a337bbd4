import { IsBoolean } from 'class-validator';
import { IsBetween, MayBeAbsent } from './field.js';

/** What is done to the pot; what is left out keeps its default. */
export class ProcessInput {
  /** °C. */
  @MayBeAbsent()
  @IsBetween('The cooking temperature', 0, 130, '°C')
  maxTemperatureC?: number;

  /** min. */
  @MayBeAbsent()
  @IsBetween('The holding time', 0, 600, 'minutes')
  holdMin?: number;

  /** °C/min. */
  @MayBeAbsent()
  @IsBetween('The heating rate', 0, 100, '°C a minute')
  heatingRateCPerMin?: number;

  /** 0..1. */
  @MayBeAbsent()
  @IsBetween('The blender power', 0, 1)
  blenderPower?: number;

  /** s. */
  @MayBeAbsent()
  @IsBetween('The blending time', 0, 1800, 'seconds')
  blendSeconds?: number;

  /** g of water. */
  @MayBeAbsent()
  @IsBetween('The water boiled off', 0, 20_000, 'g')
  evaporatedG?: number;

  @MayBeAbsent()
  @IsBoolean({ message: 'Whether it was blended after cooking must be true or false.' })
  blendedAfterCooking?: boolean;

  /** min in the oven; 0 for what is not baked. */
  @MayBeAbsent()
  @IsBetween('The baking time', 0, 300, 'minutes')
  bakeMin?: number;

  /** °C. */
  @MayBeAbsent()
  @IsBetween('The oven temperature', 60, 300, '°C')
  ovenC?: number;

  /** mm. */
  @MayBeAbsent()
  @IsBetween('The thickness of the layer', 1, 150, 'mm')
  layerMm?: number;

  @MayBeAbsent()
  @IsBoolean({ message: 'Whether it is covered must be true or false.' })
  covered?: boolean;

  /** min. */
  @MayBeAbsent()
  @IsBetween('The time it is kept warm', 0, 600, 'minutes')
  keepWarmMin?: number;

  /** g, dry. */
  @MayBeAbsent()
  @IsBetween('The noodles', 0, 20_000, 'g')
  noodlesG?: number;
}
