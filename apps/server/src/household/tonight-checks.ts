import type { EveningBody, FieldProblem, TonightBody } from '@alterum/contract';
import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import { DishRow } from '../dish/dish.row.js';
import { FormulaRow } from '../formula/formula.row.js';
import { invalidInput } from '../platform/failure.js';

export type Named = readonly (readonly [field: string, id: string])[];

/** What was put away stays where it stands: it may come back. @throws Failure for what was never here */
function refuseUnknown(what: string, named: Named, there: readonly { readonly id: string }[]): void {
  const known = new Set(there.map(({ id }) => id));
  const errors = named
    .filter(([, id]) => !known.has(id))
    .map(([field, id]): FieldProblem => ({ field, message: `There is no ${what} “${id}”.` }));
  if (errors.length > 0) throw invalidInput(errors);
}

/** What is said of an evening must belong together, and name what is here. */
@Injectable()
export class TonightChecks {
  constructor(private readonly em: EntityManager) {}

  /** @param within of the field that holds it, such as "evening."   @throws Failure naming the field */
  evening({ cooks, named = [], shop, up }: EveningBody, within = ''): void {
    const errors: FieldProblem[] = [];
    if (named.length > 0 && named.length !== cooks)
      errors.push({
        field: `${within}named`,
        message: `There are ${cooks} cooks, but ${named.length} are named: name all of them or none.`,
      });
    named.forEach(({ from = 0, to = Infinity, name }, i) => {
      if (from >= to)
        errors.push({
          field: `${within}named[${i}].to`,
          message: `${name} leaves before coming: turn the times round.`,
        });
    });
    if (up && up.from >= up.to)
      errors.push({
        field: `${within}up.to`,
        message: 'Nobody goes to sleep before they rise: turn the times round.',
      });
    if (shop && shop.from >= shop.to)
      errors.push({
        field: `${within}shop.to`,
        message: 'The shop closes before it opens: turn the times round.',
      });
    if (errors.length > 0) throw invalidInput(errors);
  }

  async tonight({ pots, dishes = [] }: TonightBody, within = ''): Promise<void> {
    await this.formulas(pots.map(({ formula }, i) => [`${within}pots[${i}].formula`, formula]));
    const named = dishes.map(({ dish }, i) => [`${within}dishes[${i}].dish`, dish] as const);
    const there = await this.em.find(DishRow, { id: { $in: named.map(([, id]) => id) } }, { fields: ['id'] });
    refuseUnknown('dish', named, there);
  }

  async formulas(named: Named): Promise<void> {
    const there = await this.em.find(
      FormulaRow,
      { id: { $in: named.map(([, id]) => id) } },
      { fields: ['id'] },
    );
    refuseUnknown('formula', named, there);
  }
}
