import type { PutAwayView } from '@alterum/contract';
import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import { DishRow } from '../dish/dish.row.js';
import { EaterRow } from '../eater/eater.row.js';
import { EveningRow } from '../evening/evening.row.js';
import { FormulaRow, FormulaVersionRow } from '../formula/formula.row.js';
import { OwnIngredientRow } from '../larder/own-ingredient.row.js';
import { VesselRow } from '../vessel/vessel.row.js';

/** Of each kind, so that the answer has an end. @source assumed: more than anybody looks through */
const SHOWN = 500;

/** What was taken out of sight and can be brought back, newest first. */
@Injectable()
export class PutAwayService {
  constructor(private readonly em: EntityManager) {}

  async list(): Promise<readonly PutAwayView[]> {
    const gone = { deletedAt: { $ne: null } } as const;
    const newest = { limit: SHOWN, orderBy: { deletedAt: 'desc' } } as const;
    const formulas = await this.em.find(FormulaRow, gone, newest);
    const people = await this.em.find(EaterRow, gone, newest);
    const own = await this.em.find(OwnIngredientRow, gone, newest);
    const dishes = await this.em.find(DishRow, gone, newest);
    const evenings = await this.em.find(EveningRow, gone, newest);
    const vessels = await this.em.find(VesselRow, gone, newest);
    const versions = await this.em.find(
      FormulaVersionRow,
      { ...gone, formula: { deletedAt: null } },
      { ...newest, populate: ['formula'], exclude: ['content'] },
    );
    const views: PutAwayView[] = [
      ...formulas.map((row) => viewOf('formula', row)),
      ...dishes.map((row) => viewOf('dish', row)),
      ...evenings.map((row) => viewOf('evening', row)),
      ...vessels.map((row) => viewOf('vessel', row)),
      ...people.map((row) => viewOf('person', row)),
      ...own.map((row) => viewOf('own-ingredient', row)),
      ...versions.map((row) => ({
        ...viewOf('version', row),
        formula: { id: row.formula.id, name: row.formula.name },
      })),
    ];
    return views.sort((a, b) => b.putAwayAt.localeCompare(a.putAwayAt));
  }
}

interface Gone {
  readonly id: string;
  readonly name: string;
  readonly deletedAt?: Date | null | undefined;
}

const viewOf = (kind: PutAwayView['kind'], { id, name, deletedAt }: Gone): PutAwayView => ({
  kind,
  id,
  name,
  putAwayAt: (deletedAt ?? new Date(0)).toISOString(),
});
