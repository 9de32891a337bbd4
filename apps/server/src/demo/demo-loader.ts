import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import { KeptDishService } from '../dish/kept-dish.service.js';
import { EaterRow } from '../eater/eater.row.js';
import { EaterService } from '../eater/eater.service.js';
import { FormulaRow } from '../formula/formula.row.js';
import { FormulaService } from '../formula/formula.service.js';
import { HouseholdService } from '../household/household.service.js';
import { LabelService } from '../label/label.service.js';
import { RequestScope } from '../storage/request-scope.js';
import { VesselService } from '../vessel/vessel.service.js';
import { DIP_AT, demoBake, demoEvening, demoVersions, demoVessels } from './demo-evening.js';
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
    private readonly vessels: VesselService,
    private readonly dishes: KeptDishService,
    private readonly household: HouseholdService,
  ) {}

  /** @returns whether anything was loaded; deleted rows count as content, so nothing comes back by itself */
  async loadIfEmpty(): Promise<boolean> {
    return this.scope.run(async () => {
      if ((await this.em.count(FormulaRow)) + (await this.em.count(EaterRow)) > 0) return false;
      // Whole or not at all: half a household would never be completed.
      await this.em.transactional(async () => {
        for (const { ingredient, text } of demoLabels) await this.labels.keep(ingredient, { text });
        const people = new Map<string, string>();
        for (const eater of demoHousehold) people.set(eater.name, (await this.eaters.create(eater)).id);
        // The newest stands first in the list, so the one to open is created last.
        const ids = new Map<string, string>();
        for (const formula of [...demoFormulas].reverse())
          ids.set(formula.name, (await this.formulas.create(formula)).id);
        await this.planFriday(
          (name) => ids.get(name) ?? '',
          (name) => people.get(name) ?? '',
        );
      });
      return true;
    });
  }

  /** The evening that everything stands ready for: a layered bake, a melt in two versions, and a dip before. */
  private async planFriday(
    formulaOf: (name: string) => string,
    eaterOf: (name: string) => string,
  ): Promise<void> {
    for (const vessel of demoVessels) await this.vessels.create(vessel);
    const bake = await this.dishes.create(demoBake(formulaOf));
    await this.household.eatAt(demoEvening);
    await this.household.cookTonight({
      pots: [
        { formula: formulaOf('Flatbread melt'), tools: ['spoon'], washedBefore: false },
        {
          formula: formulaOf('Smoked pumpkin-seed dip'),
          tools: ['spoon'],
          washedBefore: false,
          serveAt: DIP_AT,
        },
      ],
      dishes: [{ dish: bake.id }],
    });
    await this.household.divide(demoVersions(formulaOf, eaterOf));
  }
}
