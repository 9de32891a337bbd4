import {
  amountOfWire,
  formulaBodyOf,
  type FormulaSummary,
  type FormulaView,
  type VersionView,
} from '@alterum/contract';
import { type Formula, type Line, uncooked } from '@alterum/core';
import type { FormulaLineRow, FormulaRow, FormulaVersionRow } from './formula.row.js';

const lineFromRow = (row: FormulaLineRow): Line => ({
  id: row.lineId, ingredient: row.ingredient, amount: amountOfWire(row.amount ?? null, row.unit), role: row.role, preparation: row.preparation, stage: row.stage,
  ...(row.hold ? { hold: row.hold } : {}),
}); // prettier-ignore

export function formulaFromRow(row: FormulaRow): Formula {
  const { name, family, portions, note, process, serve, brief } = row;
  // A process saved before a later field was thought of is completed with what that field means when nothing is said.
  return {
    name,
    family,
    portions,
    note,
    process: { ...uncooked, ...process },
    serve,
    lines: row.lines.getItems().map(lineFromRow),
    ...(brief ? { brief } : {}),
  };
}

/** The part of a formula that stands in its own row. */
export function headOfFormula(formula: Formula) {
  const { name, family, portions, note, process, serve, brief = null } = formula;
  return { name, family, portions, note, process, serve, brief };
}

/** Columns of a line, without its owner. */
export function lineToColumns(line: Line, position: number) {
  const { id, ingredient, amount, role, preparation, stage, hold = null } = line;
  return {
    lineId: id,
    position,
    ingredient,
    amount: amount?.value ?? null,
    unit: amount?.unit ?? ('g' as const),
    role,
    preparation,
    stage,
    hold,
  };
}

export function viewOfFormula(row: FormulaRow): FormulaView {
  return {
    id: row.id,
    version: row.version,
    updatedAt: row.updatedAt.toISOString(),
    ...formulaBodyOf(formulaFromRow(row)),
  };
}

export function summaryOfFormula(row: FormulaRow): FormulaSummary {
  const { id, name, family, portions, version } = row;
  return {
    id,
    name,
    family,
    portions,
    version,
    lineCount: row.lines.count(),
    updatedAt: row.updatedAt.toISOString(),
  };
}

export function viewOfVersion({ id, name, why, keptAt, content }: FormulaVersionRow): VersionView {
  return { id, name, why, keptAt: keptAt.toISOString(), content };
}
