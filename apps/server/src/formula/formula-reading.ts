import { formulaBodyOf, type FormulaSummary, type FormulaView, valueOfStored } from '@alterum/contract';
import type { Formula } from '@alterum/core';
import { briefShape } from '../brief/brief.shape.js';
import { readStored } from '../storage/stored-json.js';
import { type FormulaColumns, formulaFromColumns, type LineColumns } from './formula-row.mapping.js';
import { holdShape, methodShape, processShape, serveShape } from './formula.shapes.js';

/** What a list shows of a formula, as it is read. */
export interface HeadRow {
  readonly id: string;
  readonly version: number;
  readonly name: string;
  readonly family: FormulaSummary['family'];
  readonly portions: number;
  readonly updated_at: number;
  readonly turn: number;
  readonly favourite: number;
  readonly line_count: number;
}

/** All of a formula, as it is read. */
export interface WholeRow extends HeadRow {
  readonly note: string;
  readonly process: string;
  readonly method: string | null;
  readonly writes_itself: number;
  readonly serve: string;
  readonly brief: string | null;
  readonly lines: string;
}

/** Columns of `HeadRow`, from `formula f`. */
export const HEAD = `f.id, f.version, f.name, f.family, f.portions, f.updated_at, f.turn, f.favourite,
  (select count(*) from formula_line l where l.formula_id = f.id) as line_count`;
/** Columns of `WholeRow`, from `formula f`; its lines come as one text. */
export const WHOLE = `${HEAD}, f.note, f.process, f.method, f.writes_itself, f.serve, f.brief,
  (select json_group_array(json_object('lineId', l.line_id, 'ingredient', l.ingredient, 'amount', l.amount, 'unit', l.unit,
    'least', l.least, 'most', l.most, 'role', l.role, 'preparation', l.preparation, 'stage', l.stage, 'ready', json(l.ready), 'weighed', l.weighed, 'hold', json(l.hold)))
   from (select * from formula_line where formula_id = f.id order by position) l) as lines`;
const whenOf = ({ updated_at }: HeadRow): string => new Date(updated_at).toISOString();
const columnsOf = (row: WholeRow): FormulaColumns => ({
  name: row.name,
  family: row.family,
  portions: row.portions,
  note: row.note,
  process: readStored(processShape, row.process),
  method: row.method === null ? null : readStored(methodShape, row.method),
  writesItself: row.writes_itself === 1,
  serve: readStored(serveShape, row.serve),
  brief: row.brief === null ? null : readStored(briefShape, row.brief),
});
const linesOf = ({ lines }: WholeRow): readonly LineColumns[] =>
  (
    JSON.parse(lines) as (Omit<LineColumns, 'hold' | 'ready'> & {
      readonly hold: unknown;
      readonly ready: unknown;
    })[]
  ).map((line) => ({
    ...line,
    ready: line.ready === null ? null : valueOfStored(methodShape, line.ready),
    hold: line.hold === null ? null : valueOfStored(holdShape, line.hold),
  }));

export function summaryOf(row: HeadRow): FormulaSummary {
  const { id, name, family, portions, version, line_count: lineCount } = row;
  return {
    id,
    name,
    family,
    portions,
    version,
    lineCount,
    updatedAt: whenOf(row),
    favourite: row.favourite === 1,
  };
}

export const formulaOf = (row: WholeRow): Formula => formulaFromColumns(columnsOf(row), linesOf(row));

export const viewOf = (row: WholeRow): FormulaView => ({
  id: row.id,
  version: row.version,
  updatedAt: whenOf(row),
  favourite: row.favourite === 1,
  ...formulaBodyOf(formulaOf(row)),
});
