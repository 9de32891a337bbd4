import { type Process } from '@alterum/core';
import { IsBoolean, IsNumber, IsOptional, Max, Min } from 'class-validator';

const number = (what: string) => ({ message: `${what} must be a number.` });
const range = (what: string, low: number, high: number, unit: string) => ({
  message: `${what} must be between ${low} and ${high} ${unit}.`.replace(' .', '.'),
});

/** What is done to the pot; what is left out keeps its default. */
export class ProcessInput {
  /** °C. */
  @IsOptional()
  @IsNumber({}, number('The cooking temperature'))
  @Min(0, range('The cooking temperature', 0, 130, '°C'))
  @Max(130, range('The cooking temperature', 0, 130, '°C'))
  maxTemperatureC?: number;

  /** min. */
  @IsOptional()
  @IsNumber({}, number('The holding time'))
  @Min(0, range('The holding time', 0, 600, 'minutes'))
  @Max(600, range('The holding time', 0, 600, 'minutes'))
  holdMin?: number;

  /** °C/min. */
  @IsOptional()
  @IsNumber({}, number('The heating rate'))
  @Min(0, range('The heating rate', 0, 100, '°C a minute'))
  @Max(100, range('The heating rate', 0, 100, '°C a minute'))
  heatingRateCPerMin?: number;

  /** 0..1. */
  @IsOptional()
  @IsNumber({}, number('The blender power'))
  @Min(0, range('The blender power', 0, 1, ''))
  @Max(1, range('The blender power', 0, 1, ''))
  blenderPower?: number;

  /** s. */
  @IsOptional()
  @IsNumber({}, number('The blending time'))
  @Min(0, range('The blending time', 0, 1800, 'seconds'))
  @Max(1800, range('The blending time', 0, 1800, 'seconds'))
  blendSeconds?: number;

  /** g of water. */
  @IsOptional()
  @IsNumber({}, number('The water boiled off'))
  @Min(0, range('The water boiled off', 0, 20_000, 'g'))
  @Max(20_000, range('The water boiled off', 0, 20_000, 'g'))
  evaporatedG?: number;

  @IsOptional()
  @IsBoolean({ message: 'Whether it was blended after cooking must be true or false.' })
  blendedAfterCooking?: boolean;

  /** min in the oven; 0 for what is not baked. */
  @IsOptional()
  @IsNumber({}, number('The baking time'))
  @Min(0, range('The baking time', 0, 300, 'minutes'))
  @Max(300, range('The baking time', 0, 300, 'minutes'))
  bakeMin?: number;

  /** °C. */
  @IsOptional()
  @IsNumber({}, number('The oven temperature'))
  @Min(60, range('The oven temperature', 60, 300, '°C'))
  @Max(300, range('The oven temperature', 60, 300, '°C'))
  ovenC?: number;

  /** mm. */
  @IsOptional()
  @IsNumber({}, number('The thickness of the layer'))
  @Min(1, range('The thickness of the layer', 1, 150, 'mm'))
  @Max(150, range('The thickness of the layer', 1, 150, 'mm'))
  layerMm?: number;

  @IsOptional()
  @IsBoolean({ message: 'Whether it is covered must be true or false.' })
  covered?: boolean;

  /** min. */
  @IsOptional()
  @IsNumber({}, number('The time it is kept warm'))
  @Min(0, range('The time it is kept warm', 0, 600, 'minutes'))
  @Max(600, range('The time it is kept warm', 0, 600, 'minutes'))
  keepWarmMin?: number;

  /** g, dry. */
  @IsOptional()
  @IsNumber({}, number('The noodles'))
  @Min(0, range('The noodles', 0, 20_000, 'g'))
  @Max(20_000, range('The noodles', 0, 20_000, 'g'))
  noodlesG?: number;
}

/** A whole process from what was sent, completed from a base. */
export function completeProcess(given: ProcessInput | undefined, base: Process): Process {
  return {
    ...base,
    ...Object.fromEntries(Object.entries(given ?? {}).filter(([, value]) => value !== undefined)),
  };
}
