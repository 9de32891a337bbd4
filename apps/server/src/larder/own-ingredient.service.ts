import { randomUUID } from 'node:crypto';
import {
  type FieldProblem,
  kitchenLimits,
  labelFromInput,
  OwnIngredientBody,
  OwnIngredientUpdate,
  type OwnIngredientView,
} from '@alterum/contract';
import { ingredientById, OWN_PREFIX, problemsOfLabel } from '@alterum/core';
import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import { FormulaList } from '../formula/formula-list.js';
import { FormulaLineRow } from '../formula/formula.row.js';
import { Clock } from '../platform/clock.js';
import { refuseBeyond } from '../platform/ceiling.js';
import { Failure, invalidInput } from '../platform/failure.js';
import { columnsOfOwn, viewOfOwn } from './own-ingredient-row.mapping.js';
import { OwnIngredientRow } from './own-ingredient.row.js';
import { OwnLarder } from './own-larder.js';

/** Keeps what the household wrote down from its labels. */
@Injectable()
export class OwnIngredientService {
  constructor(
    private readonly em: EntityManager,
    private readonly larder: OwnLarder,
    private readonly clock: Clock,
    private readonly formulas: FormulaList,
  ) {}

  async list(): Promise<readonly OwnIngredientView[]> {
    const rows = await this.em.find(OwnIngredientRow, { deletedAt: null }, { orderBy: { name: 'asc' } });
    return rows.map(viewOfOwn);
  }

  /** Reads everything into the larder the model uses; at start-up and after every write. */
  async renew(): Promise<void> {
    const away = await this.em.find(
      OwnIngredientRow,
      { deletedAt: { $ne: null } },
      { fields: ['id', 'name'] },
    );
    this.larder.renew(await this.list(), away);
  }

  async create(body: OwnIngredientBody): Promise<OwnIngredientView> {
    this.check(body);
    await this.refuseMore();
    const row = this.em.create(OwnIngredientRow, {
      id: `${OWN_PREFIX}${randomUUID()}`,
      version: 1,
      ...columnsOfOwn(body),
      createdAt: this.clock.now(),
      deletedAt: null,
    });
    await this.em.persistAndFlush(row);
    await this.renew();
    return viewOfOwn(row);
  }

  async update(id: string, body: OwnIngredientUpdate): Promise<OwnIngredientView> {
    this.check(body);
    const row = await this.rowOf(id);
    if (row.version !== body.version)
      throw new Failure(
        'conflict',
        `Nothing was overwritten. ${row.name} was changed somewhere else in the meantime; look at what stands there now and change it again.`,
        { current: viewOfOwn(row) },
      );
    const before = row.name;
    Object.assign(row, columnsOfOwn(body));
    row.version += 1;
    await this.em.flush();
    await this.renew();
    if (row.name !== before) await this.formulas.renewHolding(id);
    return viewOfOwn(row);
  }

  /** Names of the formulas that hold it, by name. */
  async usedBy(id: string): Promise<readonly string[]> {
    const lines = await this.em.find(
      FormulaLineRow,
      { ingredient: id, formula: { deletedAt: null } },
      { populate: ['formula'] },
    );
    return [...new Set(lines.map((line) => line.formula.name))].sort();
  }

  async remove(id: string): Promise<void> {
    const row = await this.rowOf(id);
    row.deletedAt = this.clock.now();
    row.version += 1;
    await this.em.flush();
    await this.renew();
  }

  async restore(id: string): Promise<OwnIngredientView> {
    const row = await this.em.findOne(OwnIngredientRow, { id });
    if (!row) throw new Failure('not-found', 'This ingredient was never here, so it cannot be brought back.');
    if (row.deletedAt) await this.refuseMore();
    row.deletedAt = null;
    row.version += 1;
    await this.em.flush();
    await this.renew();
    return viewOfOwn(row);
  }

  private async rowOf(id: string): Promise<OwnIngredientRow> {
    const row = await this.em.findOne(OwnIngredientRow, { id, deletedAt: null });
    if (!row)
      throw new Failure(
        'not-found',
        'There is no own ingredient of this id. The larder’s own rows cannot be changed; write one of your own instead.',
      );
    return row;
  }

  private async refuseMore(): Promise<void> {
    refuseBeyond(
      kitchenLimits.ownIngredients,
      await this.em.count(OwnIngredientRow, { deletedAt: null }),
      'ingredients of your own',
    );
  }

  private check(body: OwnIngredientBody): void {
    const errors: FieldProblem[] = [];
    if (body.name.trim() === '') errors.push({ field: 'name', message: 'Give the ingredient a name.' });
    if (body.like !== undefined && !ingredientById(body.like))
      errors.push({ field: 'like', message: `“${body.like}” is not in the larder.` });
    for (const { field, message } of problemsOfLabel(labelFromInput(body.label)))
      errors.push({ field: `label.${field}`, message });
    if (errors.length > 0) throw invalidInput(errors);
  }
}
