import { randomUUID } from 'node:crypto';
import {
  dishBodyOf,
  dishFromBody,
  dishOfContent,
  type DishSummary,
  type FieldProblem,
  KeptDishBody,
  KeptDishUpdate,
  type KeptDishView,
  kitchenLimits,
} from '@alterum/contract';
import { isOwn, type WrittenDish } from '@alterum/core';
import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import { FormulaRow } from '../formula/formula.row.js';
import { LarderService } from '../larder/larder.service.js';
import { refuseBeyond } from '../platform/ceiling.js';
import { Clock } from '../platform/clock.js';
import { invalidInput } from '../platform/failure.js';
import { VersionedRows } from '../storage/versioned-row.js';
import { columnsOfDish, viewOfDishRow } from './dish-row.mapping.js';
import { DishRow } from './dish.row.js';

const dishes = new VersionedRows<DishRow>(
  DishRow,
  {
    absent: 'There is no dish of this id. It may have been deleted; look in the list of dishes.',
    never: 'This dish was never here, so it cannot be brought back.',
    changed: ({ version }, theirs) =>
      `This dish was saved as version ${version} somewhere else; you changed version ${theirs}. Take that version, keep yours as a copy, or save yours over it.`,
  },
  viewOfDishRow,
);

/** Dishes of several parts as the household keeps them. */
@Injectable()
export class KeptDishService {
  constructor(
    private readonly em: EntityManager,
    private readonly larder: LarderService,
    private readonly clock: Clock,
  ) {}

  /** Last changed first. */
  async list(): Promise<readonly DishSummary[]> {
    const rows = await this.em.find(
      DishRow,
      { deletedAt: null },
      { orderBy: { updatedAt: 'desc', id: 'asc' } },
    );
    return rows.map(({ id, name, version, updatedAt, content }) => ({
      id,
      name,
      version,
      updatedAt: updatedAt.toISOString(),
      parts: content.parts.length,
      layers: content.layers.length,
    }));
  }

  async read(id: string): Promise<KeptDishView> {
    return viewOfDishRow(await dishes.inSight(this.em, id));
  }

  async create(body: KeptDishBody): Promise<KeptDishView> {
    const dish = await this.checked(body);
    refuseBeyond(kitchenLimits.dishes, await this.em.count(DishRow, { deletedAt: null }), 'dishes');
    const now = this.clock.now();
    const row = this.em.create(DishRow, {
      id: randomUUID(),
      version: 1,
      ...columnsOfDish(dish),
      createdAt: now,
      updatedAt: now,
      deletedAt: null,
    });
    await this.em.persistAndFlush(row);
    return viewOfDishRow(row);
  }

  /** Writes over the version that was read; an older one is refused with what stands now, and nothing is lost. */
  async update(id: string, body: KeptDishUpdate): Promise<KeptDishView> {
    return this.em.transactional(async (em) => {
      const row = await dishes.inSight(em, id);
      dishes.refuseOlder(row, body.version);
      Object.assign(row, columnsOfDish(await this.checked(body, dishOfContent(viewOfDishRow(row)))), {
        version: body.version + 1,
        updatedAt: this.clock.now(),
      });
      await em.flush();
      return viewOfDishRow(row);
    });
  }

  async remove(id: string, version: number | undefined): Promise<void> {
    await this.em.transactional(async (em) => {
      dishes.putAway(await dishes.inSight(em, id), version, this.clock.now());
    });
  }

  async restore(id: string): Promise<KeptDishView> {
    return this.em.transactional(async (em) => {
      const row = await dishes.everHere(em, id);
      if (dishes.bringBack(row)) row.updatedAt = this.clock.now();
      await em.flush();
      return viewOfDishRow(row);
    });
  }

  async duplicate(id: string): Promise<KeptDishView> {
    const { name, ...dish } = dishOfContent(await this.read(id));
    return this.create(
      dishBodyOf({ ...dish, name: `${name.slice(0, 113)}, copy` }) as unknown as KeptDishBody,
    );
  }

  /** @throws Failure for what is not known, or does not belong together; what is only not said yet may stay so */
  private async checked(body: KeptDishBody, base?: WrittenDish): Promise<WrittenDish> {
    if (body.name.trim() === '') throw invalidInput([{ field: 'name', message: 'Give the dish a name.' }]);
    const dish = dishFromBody(body, base);
    const errors = [...(await this.partProblems(dish)), ...layerProblems(dish)];
    if (errors.length > 0) throw invalidInput(errors);
    return dish;
  }

  private async partProblems({ parts }: WrittenDish): Promise<readonly FieldProblem[]> {
    const named = parts.flatMap(({ formula }) => formula ?? []);
    const known = new Set(
      (await this.em.find(FormulaRow, { id: { $in: named } }, { fields: ['id'] })).map(({ id }) => id),
    );
    return parts.flatMap(({ formula, version, ingredient }, i): readonly FieldProblem[] => {
      const field = `parts[${i}]`;
      if ((formula === undefined) === (ingredient === undefined))
        return [{ field, message: 'A part is a formula or an ingredient: send one of the two.' }];
      if (version !== undefined && formula === undefined)
        return [{ field: `${field}.version`, message: 'Only a formula has versions.' }];
      if (formula !== undefined && !known.has(formula))
        return [{ field: `${field}.formula`, message: `There is no formula “${formula}”.` }];
      // An own ingredient that was put away may come back.
      if (ingredient !== undefined && !isOwn(ingredient) && !this.larder.find(ingredient))
        return [
          {
            field: `${field}.ingredient`,
            message: `“${ingredient}” is not in the larder. Search it with /api/ingredients?search=.`,
          },
        ];
      return [];
    });
  }
}

function layerProblems({ parts, layers }: WrittenDish): readonly FieldProblem[] {
  const there = new Set(parts.map(({ id }) => id));
  return layers.flatMap(({ component }, i) =>
    there.has(component)
      ? []
      : [
          {
            field: `layers[${i}].component`,
            message: `No part of the dish is called “${component}”. Send it among the parts.`,
          },
        ],
  );
}
