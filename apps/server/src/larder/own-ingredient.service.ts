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
import { invalidInput } from '../platform/failure.js';
import { VersionedRows } from '../storage/versioned-row.js';
import { columnsOfOwn, viewOfOwn } from './own-ingredient-row.mapping.js';
import { OwnIngredientRow } from './own-ingredient.row.js';
import { OwnLarder } from './own-larder.js';

const ownRows = new VersionedRows<OwnIngredientRow>(
  OwnIngredientRow,
  {
    absent:
      'There is no own ingredient of this id. The larder’s own rows cannot be changed; write one of your own instead.',
    never: 'This ingredient was never here, so it cannot be brought back.',
    changed: ({ name }) =>
      `${name} was changed somewhere else in the meantime; look at what stands there now and change it again.`,
  },
  viewOfOwn,
);

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
    const row = await ownRows.inSight(this.em, id);
    ownRows.refuseOlder(row, body.version);
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
    ownRows.putAway(await ownRows.inSight(this.em, id), undefined, this.clock.now());
    await this.em.flush();
    await this.renew();
  }

  async restore(id: string): Promise<OwnIngredientView> {
    const row = await ownRows.everHere(this.em, id);
    if (row.deletedAt) await this.refuseMore();
    ownRows.bringBack(row);
    await this.em.flush();
    await this.renew();
    return viewOfOwn(row);
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
