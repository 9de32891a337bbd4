import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import { EaterRow } from '../eater/eater.row.js';
import { EaterService } from '../eater/eater.service.js';
import { FormulaRow } from '../formula/formula.row.js';
import { FormulaService } from '../formula/formula.service.js';
import { LabelService } from '../label/label.service.js';
import { RequestScope } from '../storage/request-scope.js';
import { demoFormulas } from './demo-formulas.js';
import { demoHousehold, demoLabels } from './demo-household.js';

/** Fills an empty database with the demonstration household, through the same services as everybody else. */
@Injectable()
export class DemoLoader {
  constructor(
    private readonly em: EntityManager,
    private readonly scope: RequestScope,
    private readonly eaters: EaterService,
    private readonly formulas: FormulaService,
    private readonly labels: LabelService,
  ) {}

  /** @returns whether anything was loaded; deleted rows count as content, so nothing comes back by itself */
  async loadIfEmpty(): Promise<boolean> {
    return this.scope.run(async () => {
      if ((await this.em.count(FormulaRow)) + (await this.em.count(EaterRow)) > 0) return false;
      // Whole or not at all: half a household would never be completed.
      await this.em.transactional(async () => {
        for (const { ingredient, text } of demoLabels) await this.labels.keep(ingredient, { text });
        for (const eater of demoHousehold) await this.eaters.create(eater);
        // The newest stands first in the list, so the one to open is created last.
        for (const formula of [...demoFormulas].reverse()) await this.formulas.create(formula);
      });
      return true;
    });
  }
}
