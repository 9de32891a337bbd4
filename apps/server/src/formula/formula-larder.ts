import { type Formula, formulasIn, larderWithFormulas, type LarderLookup } from '@alterum/core';
import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import { LarderService } from '../larder/larder.service.js';
import { formulaFromRow } from './formula-row.mapping.js';
import { FormulaRow } from './formula.row.js';

/** The larder with the kept formulas that stand in some lines, and what is known of those that are put away. */
export interface KnownFormulas {
  readonly find: LarderLookup;
  /** Those in sight. */
  readonly formulas: ReadonlyMap<string, Formula>;
  /** Names of those that are put away. */
  readonly away: ReadonlyMap<string, string>;
}

interface Lined {
  readonly ingredient: string;
}

/** Formulas as ingredients: what stands in the lines, and in the lines of those, however deep. */
@Injectable()
export class FormulaLarder {
  constructor(
    private readonly em: EntityManager,
    private readonly larder: LarderService,
  ) {}

  async knownIn(lines: readonly Lined[]): Promise<KnownFormulas> {
    const formulas = new Map<string, Formula>(),
      away = new Map<string, string>();
    let asked = formulasIn(lines);
    while (asked.length > 0) {
      const rows = await this.em.find(FormulaRow, { id: { $in: [...asked] } }, { populate: ['lines'] });
      const next = new Set<string>();
      for (const row of rows) {
        if (row.deletedAt) {
          away.set(row.id, row.name);
          continue;
        }
        const formula = formulaFromRow(row);
        formulas.set(row.id, formula);
        for (const id of formulasIn(formula.lines)) next.add(id);
      }
      asked = [...next].filter((id) => !formulas.has(id) && !away.has(id));
    }
    const plain: LarderLookup = (id) => this.larder.find(id);
    return {
      find: formulas.size === 0 ? plain : larderWithFormulas(plain, (id) => formulas.get(id)),
      formulas,
      away,
    };
  }
}
