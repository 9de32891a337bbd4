import { choiceNames, figureNames, type Method, type Operation } from '@alterum/core';
import type { OperationInput } from './operation.body.js';

/** The core's operation from what was sent: only what was said. */
function operationOfInput(input: OperationInput): Operation {
  const said = Object.fromEntries(
    [...figureNames, ...choiceNames].flatMap((name) =>
      input[name] === undefined ? [] : [[name, input[name]]],
    ),
  );
  return { kind: input.kind, ...(input.lines ? { lines: [...input.lines] } : {}), ...said };
}

/** The core's method from what was sent. */
export const methodOfInput = (input: readonly OperationInput[]): Method => input.map(operationOfInput);

/** A method as it is sent. */
export const inputOfMethod = (method: Method): OperationInput[] =>
  method.map(({ lines, ...operation }) => ({ ...operation, ...(lines ? { lines: [...lines] } : {}) }));
