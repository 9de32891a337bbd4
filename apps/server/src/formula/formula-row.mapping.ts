import { amountOfInput, formulaBodyOf, type FormulaView, type VersionView } from '@alterum/contract';
import type { AmountRange, Formula, Line } from '@alterum/core';
import type { FormulaLineRow, FormulaRow, FormulaVersionRow } from './formula.row.js';

/** What a formula is made of, as it is kept in its own row. */
export type FormulaColumns = Pick<
  FormulaRow,
  'name' | 'family' | 'portions' | 'note' | 'process' | 'method' | 'writesItself' | 'serve' | 'brief'
>;
/** What a line is made of, as it is kept. */
export type LineColumns = Pick<
  FormulaLineRow,
  | 'lineId'
  | 'ingredient'
  | 'amount'
  | 'unit'
  | 'least'
  | 'most'
  | 'role'
  | 'preparation'
  | 'stage'
  | 'ready'
  | 'weighed'
  | 'hold'
>;

const rangeOf = ({ least, most }: LineColumns): AmountRange | null =>
  typeof least === 'number' && typeof most === 'number' ? { low: least, high: most } : null;

const lineFromColumns = (row: LineColumns): Line => ({
  id: row.lineId,
  ingredient: row.ingredient,
  amount: amountOfInput(row.amount ?? null, row.unit, rangeOf(row)),
  role: row.role,
  preparation: row.preparation,
  stage: row.stage,
  ...(row.ready ? { ready: row.ready } : {}),
  ...(row.weighed ? { weighed: row.weighed } : {}),
  ...(row.hold ? { hold: row.hold } : {}),
});

export function formulaFromColumns(columns: FormulaColumns, lines: readonly LineColumns[]): Formula {
  const { name, family, portions, note, process, method, writesItself, serve, brief } = columns;
  return {
    name,
    family,
    portions,
    note,
    process,
    ...(method ? { method } : {}),
    ...(writesItself ? { writesItself: true as const } : {}),
    serve,
    lines: lines.map(lineFromColumns),
    ...(brief ? { brief } : {}),
  };
}

export const formulaFromRow = (row: FormulaRow): Formula => formulaFromColumns(row, row.lines.getItems());

/** The part of a formula that stands in its own row. */
export function headOfFormula(formula: Formula) {
  const {
    name,
    family,
    portions,
    note,
    process,
    method = null,
    writesItself = false,
    serve,
    brief = null,
  } = formula;
  return { name, family, portions, note, process, method, writesItself, serve, brief };
}

/** Columns of a line, without its owner. */
export function lineToColumns(line: Line, position: number) {
  const {
    id,
    ingredient,
    amount,
    role,
    preparation,
    stage,
    ready = null,
    weighed = null,
    hold = null,
  } = line;
  return {
    lineId: id,
    position,
    ingredient,
    amount: amount?.value ?? null,
    unit: amount?.unit ?? ('g' as const),
    least: amount?.range?.low ?? null,
    most: amount?.range?.high ?? null,
    role,
    preparation,
    stage,
    ready,
    weighed,
    hold,
  };
}

export function viewOfFormula(row: FormulaRow): FormulaView {
  return {
    id: row.id,
    version: row.version,
    updatedAt: row.updatedAt.toISOString(),
    favourite: row.favourite,
    ...formulaBodyOf(formulaFromRow(row)),
  };
}

export function viewOfVersion({ id, name, why, keptAt, content }: FormulaVersionRow): VersionView {
  return { id, name, why, keptAt: keptAt.toISOString(), content };
}
