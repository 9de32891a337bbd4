import {
  choiceFields,
  choiceNames,
  choicesOf,
  figureFields,
  figureNames,
  kindOf,
  type Method,
  operationKindIds,
  type OperationKindId,
} from '@alterum/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsIn,
  IsNumber,
  IsOptional,
  IsString,
  Max,
  MaxLength,
  Min,
  Validate,
  type ValidationArguments,
  ValidatorConstraint,
  type ValidatorConstraintInterface,
} from 'class-validator';
import { all, AreParts, MayBeAbsent } from './field.js';
import { requestLimits } from './kitchen-limits.js';

/** The operation a message is about, by its name. */
const named = ({ object }: ValidationArguments): string => {
  const { kind } = object as OperationInput;
  return operationKindIds.includes(kind) ? `“${kindOf(kind).name}”` : 'the operation';
};

/** Only what its kind has a use for; anything else would be lost unseen. */
@ValidatorConstraint({ name: 'fieldsOfKind' })
class FieldsOfKind implements ValidatorConstraintInterface {
  private stranger(object: object): string | undefined {
    const { kind } = object as OperationInput;
    if (!operationKindIds.includes(kind)) return undefined;
    const { figures, choices } = kindOf(kind);
    const has: ReadonlySet<string> = new Set([...figures, ...choices]);
    return [...figureNames, ...choiceNames].find(
      (name) => (object as Readonly<Record<string, unknown>>)[name] !== undefined && !has.has(name),
    );
  }
  validate(_kind: unknown, { object }: ValidationArguments): boolean {
    return this.stranger(object) === undefined;
  }
  defaultMessage(about: ValidationArguments): string {
    const { figures, choices } = kindOf((about.object as OperationInput).kind);
    return `${named(about)} has no “${this.stranger(about.object)}”. It takes ${[...figures, ...choices].join(', ') || 'no figures'}.`;
  }
}

/** One thing that is done; what is left out is as usual for its kind (GET /api/operations lists them). */
export class OperationInput {
  @IsIn([...operationKindIds], {
    message: `The kind of an operation must be one of: ${operationKindIds.join(', ')}.`,
  })
  @Validate(FieldsOfKind)
  kind!: OperationKindId;

  /** Ids of the lines that go in with it; a line without an id is named by its place in the list, from 0. */
  @MayBeAbsent()
  @IsArray({ message: (about) => `The lines that go in with ${named(about)} must be a list of their ids.` })
  @ArrayMaxSize(requestLimits.lines, { message: (about) => `Too many lines go in with ${named(about)}.` })
  @IsString({
    each: true,
    message: (about) => `The lines that go in with ${named(about)} are named by their ids.`,
  })
  @MaxLength(64, {
    each: true,
    message: (about) => `An id of a line at ${named(about)} is longer than 64 characters.`,
  })
  lines?: string[];

  minutes?: number;
  mostMinutes?: number;
  temperatureC?: number;
  rateCPerMin?: number;
  lossG?: number;
  toG?: number;
  panCm?: number;
  seconds?: number;
  power?: number;
  sizeMm?: number;
  ovenC?: number;
  layerMm?: number;
  noodlesG?: number;
  saltPct?: number;
  testLossG?: number;
  tool?: Method[number]['tool'] & string;
  vigour?: Method[number]['vigour'] & string;
  lid?: Method[number]['lid'] & string;
  flame?: Method[number]['flame'] & string;
  water?: Method[number]['water'] & string;
  through?: Method[number]['through'] & string;
  plate?: Method[number]['plate'] & string;
  rinse?: Method[number]['rinse'] & string;
  keep?: Method[number]['keep'] & string;
  pour?: Method[number]['pour'] & string;
}

// The checks of the figures and choices follow from the core's own table, so that none can be forgotten.
for (const name of figureNames) {
  const { name: word, unit, low, high } = figureFields[name];
  const range = {
    message: (about: ValidationArguments) =>
      `${named(about)}: ${word.toLowerCase()} must be between ${low} and ${high} ${unit}.`,
  };
  all(
    MayBeAbsent(),
    IsNumber(
      {},
      { message: (about: ValidationArguments) => `${named(about)}: ${word.toLowerCase()} must be a number.` },
    ),
    Min(low, range),
    Max(high, range),
  )(OperationInput.prototype, name);
}
for (const name of choiceNames) {
  const choices = choicesOf(name);
  all(
    MayBeAbsent(),
    IsIn([...choices], {
      message: (about: ValidationArguments) =>
        `${named(about)}: ${choiceFields[name].name.toLowerCase()} must be one of ${choices.join(', ')}.`,
    }),
  )(OperationInput.prototype, name);
}

/** A list of operations; null is none of one's own. */
export const AreOperations = (most: number, what: string): PropertyDecorator =>
  all(
    IsOptional(),
    IsArray({ message: `${what} must be a list of operations.` }),
    ArrayMaxSize(most, { message: `${what} holds at most ${most} operations.` }),
    AreParts(),
    Type(() => OperationInput),
  );
