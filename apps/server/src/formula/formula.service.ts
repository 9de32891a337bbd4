import { randomUUID } from 'node:crypto';
import {
  FavouriteBody,
  type FieldProblem,
  FormulaBody,
  formulaBodyOf,
  type FormulaContent,
  formulaFromBody,
  FormulaUpdate,
  type FormulaView,
  kitchenLimits,
  LineInput,
} from '@alterum/contract';
import { type Formula, formulaInLine, holdsItself, isOwn } from '@alterum/core';
import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import { LarderService } from '../larder/larder.service.js';
import { Clock } from '../platform/clock.js';
import { refuseBeyond } from '../platform/ceiling.js';
import { invalidInput } from '../platform/failure.js';
import { VersionedRows } from '../storage/versioned-row.js';
import { FormulaLarder, type KnownFormulas } from './formula-larder.js';
import { FormulaList } from './formula-list.js';
import { formulaFromRow, headOfFormula, lineToColumns, viewOfFormula } from './formula-row.mapping.js';
import { FormulaLineRow, FormulaRow } from './formula.row.js';

const formulas = new VersionedRows<FormulaRow>(
  FormulaRow,
  {
    absent: 'There is no formula of this id. It may have been deleted; look in the list of formulas.',
    never: 'This formula was never here, so it cannot be brought back.',
    changed: ({ version }, theirs) =>
      `This formula was saved as version ${version} somewhere else; you changed version ${theirs}. Take that version, keep yours as a copy, or save yours over it.`,
  },
  viewOfFormula,
  { populate: ['lines'] as never },
);

/** Loads, checks and saves formulas; the core says what a formula is. */
@Injectable()
export class FormulaService {
  constructor(
    private readonly em: EntityManager,
    private readonly larder: LarderService,
    private readonly known: FormulaLarder,
    private readonly list: FormulaList,
    private readonly clock: Clock,
  ) {}

  async read(id: string): Promise<FormulaView> {
    return viewOfFormula(await formulas.inSight(this.em, id));
  }

  async create(body: FormulaBody): Promise<FormulaView> {
    const formula = await this.formulaOf(body);
    refuseBeyond(
      kitchenLimits.formulas,
      await this.em.count(FormulaRow, { turn: { $ne: null } }),
      'formulas',
    );
    const now = this.clock.now();
    const row = this.em.create(FormulaRow, {
      id: randomUUID(),
      version: 1,
      ...headOfFormula(formula),
      createdAt: now,
      updatedAt: now,
      deletedAt: null,
      turn: null,
    });
    this.writeLines(row, formula);
    await this.em.transactional(async (em) => {
      await em.persistAndFlush(row);
      await this.list.enter(row.id, formula);
    });
    return viewOfFormula(row);
  }

  /** Writes over the version that was read; an older one is refused with what stands now, and nothing is lost. */
  async update(id: string, body: FormulaUpdate): Promise<FormulaView> {
    return this.em.transactional(async (em) => {
      const row = await formulas.inSight(em, id);
      formulas.refuseOlder(row, body.version);
      const formula = await this.formulaOf(body, formulaFromRow(row), id);
      em.clear();
      await em.nativeUpdate(
        FormulaRow,
        { id },
        { ...headOfFormula(formula), version: body.version + 1, updatedAt: this.clock.now() },
      );
      await em.nativeDelete(FormulaLineRow, { formula: id });
      await em.insertMany(
        FormulaLineRow,
        formula.lines.map((line, position) => ({ formula: id, ...lineToColumns(line, position) })),
      );
      await this.list.enter(id, formula);
      return viewOfFormula(await formulas.inSight(em, id));
    });
  }

  /** Deleting keeps the formula for `restore`. */
  async remove(id: string, version: number | undefined): Promise<void> {
    await this.em.transactional(async (em) => {
      formulas.putAway(await formulas.inSight(em, id), version, this.clock.now());
      await em.flush();
      await this.list.leave(id);
    });
  }

  async restore(id: string): Promise<FormulaView> {
    return this.em.transactional(async (em) => {
      const row = await formulas.everHere(em, id);
      if (formulas.bringBack(row)) {
        row.updatedAt = this.clock.now();
        await em.flush();
        await this.list.enter(id, formulaFromRow(row));
      }
      return viewOfFormula(row);
    });
  }

  /** Marks a formula, or takes the mark away. What is in it stays as it is: neither its version nor its place in the list changes. */
  async mark(id: string, { favourite }: FavouriteBody): Promise<FormulaView> {
    const row = await formulas.inSight(this.em, id);
    row.favourite = favourite;
    await this.em.flush();
    return viewOfFormula(row);
  }

  async duplicate(id: string): Promise<FormulaView> {
    const { name, ...rest } = await this.read(id);
    const {
      favourite: _favourite,
      id: _id,
      version: _version,
      updatedAt: _updatedAt,
      ...body
    } = { name: `${name.slice(0, 113)}, copy`, ...rest };
    return this.create(body as unknown as FormulaBody);
  }

  /** A formula that was sent, checked like every other and completed from what stands; nothing is written. */
  async checked(body: FormulaBody, base: Formula, id?: string): Promise<FormulaContent> {
    return formulaBodyOf(await this.formulaOf(body, base, id));
  }

  /** @param id of the formula that is written, where it has one already */
  private async formulaOf(body: FormulaBody, base?: Formula, id?: string): Promise<Formula> {
    if (body.name.trim() === '') throw invalidInput([{ field: 'name', message: 'Give the formula a name.' }]);
    const lines = body.lines ?? [],
      known = await this.known.knownIn(lines);
    const errors = [...this.lineProblems(lines, known, id), ...repeatedIds(lines)];
    if (errors.length > 0) throw invalidInput(errors);
    return formulaFromBody(
      body,
      (line) => ({ id: line.id ?? randomUUID(), ingredient: known.find(line.ingredient) }),
      base,
    );
  }

  private lineProblems(
    lines: readonly LineInput[],
    known: KnownFormulas,
    id: string | undefined,
  ): FieldProblem[] {
    return lines.flatMap((line, i) => {
      const inside = formulaInLine(line.ingredient);
      if (id !== undefined && holdsItself(id, [line], (other) => known.formulas.get(other)))
        return [
          {
            field: `lines[${i}].ingredient`,
            message:
              'The formula would hold itself, straight or through another one. Take another sauce, or copy its lines.',
          },
        ];
      // What was put away may come back, and what is still empty may be filled; until then the line stays, and everybody is asked about it.
      const stays =
        inside === undefined ? isOwn(line.ingredient) : known.away.has(inside) || known.formulas.has(inside);
      if (stays && !known.find(line.ingredient)) return [];
      // A line may wait for its amount, but not for its ingredient.
      const weighed = this.larder.weigh(
        line.amount === null ? { ...line, amount: 0, unit: 'g' } : line,
        known.find,
      );
      return weighed.kind === 'weighed'
        ? []
        : [{ field: `lines[${i}].${weighed.field}`, message: weighed.message }];
    });
  }

  private writeLines(row: FormulaRow, formula: Formula): void {
    formula.lines.forEach((line, position) =>
      row.lines.add(this.em.create(FormulaLineRow, { formula: row, ...lineToColumns(line, position) })),
    );
  }
}

function repeatedIds(lines: readonly LineInput[]): FieldProblem[] {
  const seen = new Set<string>();
  return lines.flatMap((line, i) => {
    if (line.id === undefined || !seen.has(line.id)) {
      if (line.id !== undefined) seen.add(line.id);
      return [];
    }
    return [{ field: `lines[${i}].id`, message: 'Two lines carry the same id; give each its own.' }];
  });
}
