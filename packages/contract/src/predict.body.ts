import type { Family } from '@alterum/core';
import { Type } from 'class-transformer';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsObject } from 'class-validator';
import { AreParts, IsFamily, IsPart, IsPortions, MayBeAbsent } from './field.js';
import { ServeInput } from './formula.body.js';
import { requestLimits } from './kitchen-limits.js';
import { PotLineInput } from './line.body.js';
import { AreOperations, OperationInput } from './operation.body.js';
import { ProcessInput } from './process.body.js';

/** A pot to predict; nothing of it is kept. */
export class PredictRequest {
  @IsArray({ message: 'Send the lines of the pot as a list.' })
  @ArrayMinSize(1, { message: 'Add at least one ingredient.' })
  @ArrayMaxSize(requestLimits.lines, {
    message: `At most ${requestLimits.lines} lines can be predicted at once.`,
  })
  @AreParts()
  @Type(() => PotLineInput)
  lines!: PotLineInput[];

  @MayBeAbsent()
  @IsObject({ message: 'The process must be an object.' })
  @IsPart()
  @Type(() => ProcessInput)
  process?: ProcessInput;

  /** What is done, first to last, in place of the flat process. Lines go in where an operation names their ids. */
  @AreOperations(requestLimits.operations, 'The method')
  method?: OperationInput[] | null;

  @MayBeAbsent()
  @IsObject({ message: 'Serving must be an object.' })
  @IsPart()
  @Type(() => ServeInput)
  serve?: ServeInput;

  /** Portions the batch is divided into; 1 when left out. */
  @IsPortions()
  portions?: number;

  /** Kind of product; when given, it is held against the dairy thing it replaces. */
  @IsFamily()
  family?: Family;
}
