import type { EaterView } from '@alterum/contract';
import { needFromInput, type NeedInput } from '@alterum/contract';
import type { Need } from '@alterum/core';
import type { EaterNeedRow, EaterRow } from './eater.row.js';

function needFromRow(row: EaterNeedRow): Need {
  const input: Partial<NeedInput> = { kind: row.kind, traces: row.traces };
  if (row.allergen !== null && row.allergen !== undefined) input.allergen = row.allergen;
  if (row.ingredient !== null && row.ingredient !== undefined) input.ingredient = row.ingredient;
  if (row.strictness !== null && row.strictness !== undefined) input.strictness = row.strictness;
  if (row.gramsPerPortion !== null && row.gramsPerPortion !== undefined)
    input.gramsPerPortion = row.gramsPerPortion;
  if (row.compound !== null && row.compound !== undefined) input.compound = row.compound;
  if (row.rule !== null && row.rule !== undefined) input.rule = row.rule;
  return needFromInput(input as NeedInput);
}

/** Columns of a need, without its owner. */
export function needToColumns(need: Need, position: number) {
  const empty = {
    allergen: null,
    ingredient: null,
    strictness: null,
    traces: false,
    gramsPerPortion: null,
    compound: null,
    rule: null,
  };
  return { ...empty, ...need, position };
}

export function viewOfEater(row: EaterRow): EaterView {
  const { id, version, name, eatsTonight, guest } = row;
  return { id, version, name, eatsTonight, guest, needs: row.needs.getItems().map(needFromRow) };
}
