import { type Process } from '@alterum/core';
import { IsBoolean, IsOptional } from 'class-validator';
import { IsBetween } from './field.js';

/** What is done to the pot; what is left out keeps its default. */
export class ProcessInput {
  /** °C. */
  @IsOptional()
  @IsBetween('The cooking temperature', 0, 130, '°C')
  maxTemperatureC?: number;

  /** min. */
  @IsOptional()
  @IsBetween('The holding time', 0, 600, 'minutes')
  holdMin?: number;

  /** °C/min. */
  @IsOptional()
  @IsBetween('The heating rate', 0, 100, '°C a minute')
  heatingRateCPerMin?: number;

  /** 0..1. */
  @IsOptional()
  @IsBetween('The blender power', 0, 1)
  blenderPower?: number;

  /** s. */
  @IsOptional()
  @IsBetween('The blending time', 0, 1800, 'seconds')
  blendSeconds?: number;

  /** g of water. */
  @IsOptional()
  @IsBetween('The water boiled off', 0, 20_000, 'g')
  evaporatedG?: number;

  @IsOptional()
  @IsBoolean({ message: 'Whether it was blended after cooking must be true or false.' })
  blendedAfterCooking?: boolean;

  /** min in the oven; 0 for what is not baked. */
  @IsOptional()
  @IsBetween('The baking time', 0, 300, 'minutes')
  bakeMin?: number;

  /** °C. */
  @IsOptional()
  @IsBetween('The oven temperature', 60, 300, '°C')
  ovenC?: number;

  /** mm. */
  @IsOptional()
  @IsBetween('The thickness of the layer', 1, 150, 'mm')
  layerMm?: number;

  @IsOptional()
  @IsBoolean({ message: 'Whether it is covered must be true or false.' })
  covered?: boolean;

  /** min. */
  @IsOptional()
  @IsBetween('The time it is kept warm', 0, 600, 'minutes')
  keepWarmMin?: number;

  /** g, dry. */
  @IsOptional()
  @IsBetween('The noodles', 0, 20_000, 'g')
  noodlesG?: number;
}

/** A whole process from what was sent, completed from a base. */
export function completeProcess(given: ProcessInput | undefined, base: Process): Process {
  return {
    ...base,
    ...Object.fromEntries(Object.entries(given ?? {}).filter(([, value]) => value !== undefined)),
  };
}
