import type { ReadRecipe } from '@alterum/core';
import { inputOfMethod } from './operation.convert.js';
import type { ReadLineView, RecipeReadResponse } from './recipe.view.js';

const lineView = (line: ReadRecipe['lines'][number]): ReadLineView => ({
  id: line.id,
  text: line.text,
  section: line.section ?? null,
  amount: line.amount ?? null,
  unit: line.unit ?? null,
  grams: line.grams?.mid ?? null,
  gramsRange: line.grams ?? null,
  ingredient: line.ingredient?.id ?? null,
  confidence: line.confidence,
  candidates: line.others.map(({ id }) => id),
  preparation: line.preparation,
  ready: line.ready ? inputOfMethod(line.ready) : null,
  made: line.made,
  alternatives: line.alternatives.map(({ text, ingredient }) => ({
    text,
    ingredient: ingredient?.id ?? null,
  })),
  optional: line.optional,
  toTaste: line.toTaste,
});

/** What was read, in the words and units of the contract. */
export const viewOfRecipe = ({ name, portions, lines, method, unread }: ReadRecipe): RecipeReadResponse => ({
  name: name ?? null,
  portions: portions ?? null,
  lines: lines.map(lineView),
  method: method.map(({ text, operations }) => ({ text, operations: inputOfMethod(operations) })),
  unread,
});
