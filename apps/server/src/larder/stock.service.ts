import { StockInput, type StockView } from '@alterum/contract';
import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import { Clock } from '../platform/clock.js';
import { Failure } from '../platform/failure.js';
import { LarderService } from './larder.service.js';
import { StockRow } from './stock.row.js';

/** What is in the house. What nobody said anything of is not known, which is not the same as none. */
@Injectable()
export class StockService {
  constructor(
    private readonly em: EntityManager,
    private readonly larder: LarderService,
    private readonly clock: Clock,
  ) {}

  async list(): Promise<readonly StockView[]> {
    const rows = await this.em.find(StockRow, {}, { orderBy: { ingredient: 'asc' } });
    return rows.map(({ ingredient, grams }) => ({ ingredient, grams }));
  }

  async say(ingredientId: string, { grams }: StockInput): Promise<StockView> {
    const ingredient = this.larder.find(ingredientId)?.id;
    if (!ingredient)
      throw new Failure(
        'not-found',
        `“${ingredientId}” is not in the larder, so there can be none of it in the house.`,
      );
    await this.em.upsert(StockRow, { ingredient, grams, saidAt: this.clock.now() });
    return { ingredient, grams };
  }

  /** It is not known any more how much there is. */
  async forget(ingredient: string): Promise<void> {
    await this.em.nativeDelete(StockRow, { ingredient });
  }
}
