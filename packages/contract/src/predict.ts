import type { CurvePoint, PredictionFlag, PropertyContributions, ThicknessClass } from '@alterum/core';
import { Type } from 'class-transformer';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsObject, IsOptional, ValidateNested } from 'class-validator';
import { ServeInput } from './formula.js';
import { PotLineInput } from './line.js';
import { ProcessInput } from './process.js';

/** A pot to predict; nothing of it is kept. */
export class PredictRequest {
  @IsArray({ message: 'Send the lines of the pot as a list.' })
  @ArrayMinSize(1, { message: 'Add at least one ingredient.' })
  @ArrayMaxSize(200, { message: 'At most 200 lines can be predicted at once.' })
  @ValidateNested({ each: true })
  @Type(() => PotLineInput)
  lines!: PotLineInput[];

  @IsOptional()
  @IsObject({ message: 'The process must be an object.' })
  @ValidateNested()
  @Type(() => ProcessInput)
  process?: ProcessInput;

  @IsOptional()
  @IsObject({ message: 'Serving must be an object.' })
  @ValidateNested()
  @Type(() => ServeInput)
  serve?: ServeInput;
}

/** An 80 % interval around the predicted value. */
export interface BandView {
  readonly low: number;
  readonly mid: number;
  readonly high: number;
}

/** What the model says; units stand in the names. */
export interface PredictResponse {
  readonly massG: number;
  readonly volumeMl: number;
  readonly evaporatedG: number;
  readonly fatPct: number;
  readonly proteinPct: number;
  readonly saltPct: number;
  readonly sweetPct: number;
  readonly umamiEucPct: number;
  readonly sourMEqPerKg: number;
  readonly pH: number;
  readonly energyKcal: number;
  readonly viscosityMPaS: BandView;
  readonly yieldStressPa: number;
  readonly thicknessClass: ThicknessClass;
  readonly thicknessRange: readonly [ThicknessClass, ThicknessClass];
  readonly pullLengthCm: BandView;
  readonly curdlingProbability: number;
  readonly graininess: number;
  readonly weepingPct: number;
  readonly solidFatPct: number;
  readonly colourHex: string;
  readonly curve: readonly {
    readonly temperatureC: CurvePoint['temperatureC'];
    readonly viscosityMPaS: number;
    readonly low: number;
    readonly high: number;
  }[];
  readonly contributions: readonly PropertyContributions[];
  readonly flags: readonly PredictionFlag[];
}
