import { formulasIn, gramsOf, isInTheHouse } from '@alterum/core';
import { Injectable } from '@nestjs/common';
import { FormulaLarder } from '../formula/formula-larder.js';
import { FormulaList, type WholeInList } from '../formula/formula-list.js';
import { LarderService } from '../larder/larder.service.js';
import { StockService } from '../larder/stock.service.js';
import { PortionService } from '../who-can-eat/portion.service.js';

/** Which formulas everything is in the house for, by what the cook said of the stock. */
@Injectable()
export class InTheHouse {
  constructor(
    private readonly list: FormulaList,
    private readonly stock: StockService,
    private readonly larder: LarderService,
    private readonly known: FormulaLarder,
    private readonly portions: PortionService,
  ) {}

  /** Their turns. */
  async turns(): Promise<readonly number[]> {
    const stock = new Map((await this.stock.list()).map(({ ingredient, grams }) => [ingredient, grams]));
    const found: number[] = [];
    for await (const one of this.list.ofTurns(await this.list.turns()))
      if (await this.hasAll(one, stock)) found.push(one.turn);
    return found;
  }

  private async hasAll({ formula }: WholeInList, stock: ReadonlyMap<string, number>): Promise<boolean> {
    const inside = await this.known.knownIn(formula.lines);
    const batches = new Map<string, number>();
    for (const id of formulasIn(formula.lines)) await this.batchesOf(id, inside.formulas, batches);
    return isInTheHouse(formula.lines, {
      stock,
      grams: ({ ingredient, amount }) => gramsOf(amount, inside.find(ingredient)?.measures ?? {}),
      inside: (id) => {
        const within = inside.formulas.get(id);
        return within && { lines: within.lines, batchG: batches.get(id) ?? 0 };
      },
    });
  }

  /** g that a formula and those inside it make. */
  private async batchesOf(
    id: string,
    formulas: ReadonlyMap<string, WholeInList['formula']>,
    batches: Map<string, number>,
  ): Promise<void> {
    const formula = formulas.get(id);
    if (!formula || batches.has(id)) return;
    batches.set(id, (await this.portions.ofFormula(formula, new Map())).batchG);
    for (const inner of formulasIn(formula.lines)) await this.batchesOf(inner, formulas, batches);
  }
}
