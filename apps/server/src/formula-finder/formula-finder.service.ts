import { type FormulaSummary, type FormulaView, type Suiting, TONIGHT } from '@alterum/contract';
import type { VerdictOrNone } from '@alterum/core';
import { Injectable } from '@nestjs/common';
import { EaterService } from '../eater/eater.service.js';
import { FormulaList, type Listed } from '../formula/formula-list.js';
import { FormulaVerdicts, type Verdicts } from './formula-verdicts.js';
import { InTheHouse } from './in-the-house.js';
import type { FinderQuery } from './list-query.js';

/** Whether verdicts are what is looked for; a formula with nothing in it suits nobody yet. */
function suit(suiting: Suiting, verdicts: readonly VerdictOrNone[]): boolean {
  switch (suiting) {
    case 'fits':
      return verdicts.every((verdict) => verdict === 'fits');
    case 'possible':
      return verdicts.every((verdict) => verdict === 'fits' || verdict === 'ask');
    case 'conflict':
      return verdicts.includes('does-not');
  }
}

/** Finds formulas among all that the house keeps: by words and kind, by how they suit people, by what is in the house. */
@Injectable()
export class FormulaFinder {
  constructor(
    private readonly list: FormulaList,
    private readonly verdicts: FormulaVerdicts,
    private readonly house: InTheHouse,
    private readonly eaters: EaterService,
  ) {}

  async find(query: FinderQuery): Promise<Listed<FormulaSummary | FormulaView>> {
    const among = await this.among(query);
    return query.withLines ? this.list.wholePage(query, among) : this.list.page(query, among);
  }

  private async among({ suits, person, inTheHouse }: FinderQuery): Promise<readonly number[] | undefined> {
    let among = inTheHouse ? await this.house.turns() : undefined;
    if (suits === undefined) return among;
    const wanted = await this.idsOf(person);
    const all = await this.verdicts.all();
    const ofWanted = (verdicts: Verdicts): readonly VerdictOrNone[] =>
      wanted.map((id) => verdicts.get(id) ?? 'ask');
    among = (among ?? [...all.keys()]).filter((turn) => {
      const verdicts = all.get(turn);
      return verdicts !== undefined && suit(suits, ofWanted(verdicts));
    });
    return among;
  }

  private async idsOf(person: string | undefined): Promise<readonly string[]> {
    if (person !== undefined && person !== TONIGHT) return [(await this.eaters.read(person)).id];
    const all = await this.eaters.list();
    return all.filter(({ eatsTonight }) => person === undefined || eatsTonight).map(({ id }) => id);
  }
}
