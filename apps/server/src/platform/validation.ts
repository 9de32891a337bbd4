import type { FieldProblem } from '@alterum/contract';
import { ValidationPipe } from '@nestjs/common';
import type { ValidationError } from 'class-validator';
import { invalidInput } from './failure.js';

const pathOf = (parent: string, property: string): string => {
  if (/^\d+$/.test(property)) return `${parent}[${property}]`;
  return parent ? `${parent}.${property}` : property;
};

/** Flattens nested validation errors to paths and kitchen words. */
export function fieldProblems(errors: readonly ValidationError[], parent = ''): FieldProblem[] {
  return errors.flatMap((error) => {
    const field = pathOf(parent, error.property);
    const own = Object.entries(error.constraints ?? {}).map(([rule, message]) => ({
      field,
      message:
        rule === 'whitelistValidation'
          ? `“${error.property}” is not a field that is known here; leave it out.`
          : rule === 'nestedValidation'
            ? `“${field}” must be an object with its fields.`
            : message,
    }));
    return [...own.slice(0, 1), ...fieldProblems(error.children ?? [], field)];
  });
}

/** Fields that are not known are refused. */
export const strictly = {
  whitelist: true,
  forbidNonWhitelisted: true,
  forbidUnknownValues: true,
  stopAtFirstError: true,
} as const;

/** Every body is checked against its contract class. */
export const contractValidation = (): ValidationPipe =>
  new ValidationPipe({
    transform: true,
    ...strictly,
    exceptionFactory: (errors) => invalidInput(fieldProblems(errors)),
  });
