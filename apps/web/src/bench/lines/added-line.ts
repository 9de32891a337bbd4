import { type Ingredient, type Line, readIngredientLine, type ReadLine } from '@alterum/core';
import { nanoid } from 'nanoid';
import { habitsNow } from '../../household/habits';
import { wholeLarder } from '../../household/house-larder';
import { take } from '../../open-formula/bench-store';
import { focusAmountAfter } from '../../open-formula/focus';

/** A line that waits for its amount, unless one was said: nothing is made up. */
function lineOf(ingredient: Ingredient, said: ReadLine | undefined): Line {
  return {
    id: nanoid(),
    ingredient: ingredient.id,
    amount: said?.written,
    role: ingredient.role,
    preparation: said?.preparation ?? 'as-is',
    stage: 'start',
    ...(said?.ready ? { ready: said.ready } : {}),
  };
}

/** How sure a name has to be for a line that comes along without being chosen. */
const SURE = 0.8;

/** What else was said in one go: the water that starch is stirred into, the zest beside the juice. */
function alsoSaid(typed: string): readonly Line[] {
  const [, ...more] = readIngredientLine(typed, wholeLarder(), undefined, habitsNow());
  return more.flatMap((line) =>
    line.ingredient && line.written && line.confidence >= SURE ? [lineOf(line.ingredient, line)] : [],
  );
}

/** The cursor goes to the amount; where one was said, it stays for the next ingredient, and what else was said comes along in the same step. */
export function add(ingredient: Ingredient, said?: ReadLine, typed = ''): void {
  const line = lineOf(ingredient, said),
    steps = [line, ...(said ? alsoSaid(typed) : [])].map((one) => ({ step: 'add-line' as const, line: one }));
  const put = () => take({ step: 'several', steps });
  if (line.amount === undefined) focusAmountAfter(put, line.id);
  else put();
}
