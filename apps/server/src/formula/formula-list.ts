import { createHash } from 'node:crypto';
import type { FormulaSummary, FormulaView } from '@alterum/contract';
import { type Family, familyNames, type Formula, larderTable } from '@alterum/core';
import { EntityManager } from '@mikro-orm/libsql';
import { Injectable } from '@nestjs/common';
import { breathe } from '../platform/breathe.js';
import { LarderService } from '../larder/larder.service.js';
import { formulaOf, HEAD, type HeadRow, summaryOf, viewOf, WHOLE, type WholeRow } from './formula-reading.js';
import { LONGEST_SEARCH, MOST_WORDS, READ_AT_ONCE, RENEWED_AT_ONCE } from './formula-list.params.js';

/** In which order a list stands: last changed first, or by name. */
export const listOrders = ['changed', 'name'] as const;
export type ListOrder = (typeof listOrders)[number];

export interface ListQuery {
  readonly search: string;
  readonly limit: number;
  readonly order: ListOrder;
  readonly kind: Family | undefined;
  /** Only what the household marked. */
  readonly favourite: boolean;
  /** Only formulas that stand behind this turn; of the list as it was changed. */
  readonly before: number | undefined;
  /** How many are passed over; of a list by name. */
  readonly skip: number;
}

/** The query of the page that follows. */
export type NextPage = { readonly before: number } | { readonly skip: number };

export interface Listed<T> {
  /** How many there are in all. */
  readonly total: number;
  readonly formulas: readonly T[];
  /** What to ask for the next page with; undefined on the last one. */
  readonly next: NextPage | undefined;
}

/** A formula with its place in the list. */
export interface WholeInList {
  readonly turn: number;
  readonly formula: Formula;
}

/** Words that ship with the app: when they change, what was written of them is stale. */
const larderDigest = createHash('sha256')
  .update(JSON.stringify([familyNames, larderTable.map(({ id, name }) => [id, name])]))
  .digest('hex')
  .slice(0, 16);

/** A text as a question to the index: every word must be there, or begin a word that is; undefined when there is no word in it. */
export function matchOf(search: string): string | undefined {
  const words = search.slice(0, LONGEST_SEARCH).match(/[\p{L}\p{N}\p{M}]+/gu) ?? [];
  if (words.length === 0) return undefined;
  return words
    .slice(0, MOST_WORDS)
    .map((word) => `"${word}"*`)
    .join(' ');
}

/** Which formulas a list holds, as a condition. */
function wanted(
  { search, kind, favourite }: ListQuery,
  among: readonly number[] | undefined,
): { readonly where: string; readonly parameters: readonly (string | number)[] } {
  const match = matchOf(search);
  const conditions: readonly (readonly [sql: string, ...parameters: string[]])[] = [
    ['f.turn is not null'],
    ...(match === undefined
      ? []
      : [['f.turn in (select rowid from formula_search where formula_search match ?)', match] as const]),
    ...(kind === undefined ? [] : [['f.family = ?', kind] as const]),
    ...(favourite ? [['f.favourite = 1'] as const] : []),
    ...(among === undefined
      ? []
      : [['f.turn in (select value from json_each(?))', JSON.stringify(among)] as const]),
  ];
  return {
    where: conditions.map(([sql]) => sql).join(' and '),
    parameters: conditions.flatMap(([, ...parameters]) => parameters),
  };
}

/**
 * The list of formulas, last changed first, and what a search of it finds. Each formula that is not put away holds a turn: a number larger than
 * all before it, taken anew with every change. The index of words has it as its row number, so that a page of either is read without looking at
 * the formulas behind it.
 */
@Injectable()
export class FormulaList {
  constructor(
    private readonly em: EntityManager,
    private readonly larder: LarderService,
  ) {}

  /** Puts a formula first and writes down its words. Runs in the transaction of the write it belongs to. */
  async enter(id: string, formula: Formula): Promise<void> {
    await this.leave(id);
    const [{ turn }] = (await this.run('select coalesce(max(turn), 0) + 1 as turn from formula')) as [
      { turn: number },
    ];
    await this.run('update formula set turn = ? where id = ?', [turn, id]);
    await this.write(turn, formula);
  }

  /** Takes a formula out of the list; it stays where it is kept. */
  async leave(id: string): Promise<void> {
    await this.run('delete from formula_search where rowid = (select turn from formula where id = ?)', [id]);
    await this.run('update formula set turn = null where id = ?', [id]);
  }

  /** @param among turns of the formulas that may stand in it; all where it is left out */
  async page(query: ListQuery, among?: readonly number[]): Promise<Listed<FormulaSummary>> {
    const { rows, ...listed } = await this.rowsOf<HeadRow>(HEAD, query, among);
    return { ...listed, formulas: rows.map(summaryOf) };
  }

  /** The same with everything that is in each, as judging it needs. */
  async wholePage(query: ListQuery, among?: readonly number[]): Promise<Listed<FormulaView>> {
    const { rows, ...listed } = await this.rowsOf<WholeRow>(WHOLE, query, among);
    return { ...listed, formulas: rows.map(viewOf) };
  }

  /** Turns of all that are in sight, in their order. */
  async turns(): Promise<readonly number[]> {
    const rows = await this.run('select turn from formula where turn is not null order by turn');
    return (rows as readonly { readonly turn: number }[]).map(({ turn }) => turn);
  }

  /** Formulas by their turns with all that is in them, some at a time, so that whoever else asks gets a turn. */
  async *ofTurns(turns: readonly number[]): AsyncGenerator<WholeInList> {
    for (let at = 0; at < turns.length; at += READ_AT_ONCE) {
      await breathe();
      const rows = (await this.run(
        `select ${WHOLE} from formula f where f.turn in (select value from json_each(?))`,
        [JSON.stringify(turns.slice(at, at + READ_AT_ONCE))],
      )) as readonly WholeRow[];
      for (const row of rows) yield { turn: row.turn, formula: formulaOf(row) };
    }
  }

  /** Writes down again, without moving them, the words of formulas that hold an ingredient which has another name now. */
  async renewHolding(ingredient: string): Promise<void> {
    await this.renew('exists (select 1 from formula_line l where l.formula_id = f.id and l.ingredient = ?)', [
      ingredient,
    ]);
  }

  /** At start: what was written with another larder, or never, is written again. @returns how many */
  async complete(): Promise<number> {
    return this.renew('not exists (select 1 from formula_search s where s.rowid = f.turn and s.larder = ?)', [
      larderDigest,
    ]);
  }

  private async renew(which: string, parameters: readonly unknown[]): Promise<number> {
    let done = 0,
      after = 0;
    for (;;) {
      const rows = (await this.run(
        `select ${WHOLE} from formula f where f.turn > ? and ${which} order by f.turn limit ?`,
        [after, ...parameters, RENEWED_AT_ONCE],
      )) as readonly WholeRow[];
      await this.em.transactional(async () => {
        for (const row of rows) {
          await this.run('delete from formula_search where rowid = ?', [row.turn]);
          await this.write(row.turn, formulaOf(row));
        }
      });
      await breathe();
      done += rows.length;
      after = rows.at(-1)?.turn ?? after;
      if (rows.length < RENEWED_AT_ONCE) return done;
    }
  }

  private async write(turn: number, { name, family, note, lines }: Formula): Promise<void> {
    const held = lines.map(({ ingredient }) => this.larder.nameOf(ingredient)).join(', ');
    await this.run(
      'insert into formula_search (rowid, name, kind, ingredients, note, larder) values (?, ?, ?, ?, ?, ?)',
      [turn, name, `${familyNames[family]} ${family}`, held, note, larderDigest],
    );
  }

  private async rowsOf<Row extends HeadRow>(
    columns: string,
    query: ListQuery,
    among: readonly number[] | undefined,
  ) {
    const { limit, order, before, skip } = query;
    const { where, parameters } = wanted(query, among);
    const behind = order === 'changed' && before !== undefined;
    const by = order === 'name' ? 'f.name collate nocase, f.turn desc' : 'f.turn desc';
    // What is in a formula is read for those of the page alone.
    const rows = (await this.run(
      `select ${columns} from formula f where f.turn in (
         select f.turn from formula f where ${where}${behind ? ' and f.turn < ?' : ''} order by ${by} limit ? offset ?
       ) order by ${by}`,
      [...parameters, ...(behind ? [before] : []), limit + 1, order === 'name' ? skip : 0],
    )) as readonly Row[];
    const [{ total }] = (await this.run(
      `select count(*) as total from formula f where ${where}`,
      parameters,
    )) as [{ total: number }];
    const shown = rows.slice(0, limit),
      last = shown.at(-1);
    const next: NextPage | undefined =
      rows.length <= limit || !last
        ? undefined
        : order === 'name'
          ? { skip: skip + limit }
          : { before: last.turn };
    return { rows: shown, total, next };
  }

  private run(sql: string, parameters: readonly unknown[] = []): Promise<unknown> {
    return this.em.execute(sql, [...parameters]);
  }
}
