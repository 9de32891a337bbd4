import {
  type EaterInput,
  type FieldProblem,
  needFromInput,
  needKnowing,
  type PotLineInput,
  requestLimits,
  WhoCanEatRequest,
  type WhoCanEatResponse,
} from '@alterum/contract';
import { type Contact, type Eater, type PackLabel, packLabel } from '@alterum/core';
import { Injectable } from '@nestjs/common';
import { EaterService } from '../eater/eater.service.js';
import { unknownIn } from '../eater/unknown-in.js';
import { LabelService } from '../label/label.service.js';
import { LarderService } from '../larder/larder.service.js';
import { Clock } from '../platform/clock.js';
import { invalidInput } from '../platform/failure.js';
import { HeavyWork } from '../work/heavy-work.js';
import { FEW_JUDGEMENTS } from '../work/work.params.js';
import { judgeAll } from './judge-all.js';
import { PortionService } from './portion.service.js';

export const CAUTION =
  'Checked against the ingredients’ tables and the labels that were typed in, never against the packs themselves. It is no medical advice: read every label, ask the maker about traces, and a clinician about severe allergies.';

/** Whoever is sent without an id or a name is called by their place among all. */
export const calledByPlace = (eaters: readonly EaterInput[] = []) =>
  eaters.map((eater, i) => ({
    ...eater,
    id: eater.id ?? `eater-${i + 1}`,
    name: eater.name ?? `Eater ${i + 1}`,
  }));

/** Something that lies beside what is eaten, with its lines. */
export interface Touching {
  readonly from: string;
  readonly lines: PotLineInput[];
}

/** Asks the core who can eat; keeps nothing. */
@Injectable()
export class WhoCanEatService {
  constructor(
    private readonly portions: PortionService,
    private readonly eaters: EaterService,
    private readonly labels: LabelService,
    private readonly larder: LarderService,
    private readonly clock: Clock,
    private readonly heavy: HeavyWork,
  ) {}

  /** @param touching what lies beside it in one vessel and is not eaten */
  async run(request: WhoCanEatRequest, touching: readonly Touching[] = []): Promise<WhoCanEatResponse> {
    this.checkChoice(request);
    const labels = await this.packLabels();
    const contacts: Contact[] = [];
    for (const { from, lines } of touching)
      contacts.push({ by: 'vessel', from, lines: (await this.portions.ofRequest({ lines }, labels)).lines });
    const eaten = await this.portions.ofRequest(request, labels),
      portion = contacts.length > 0 ? { ...eaten, contacts } : eaten;
    const eaters = await this.peopleOf(request);
    const needs = eaters.reduce((sum, eater) => sum + eater.needs.length, 0);
    if (needs > requestLimits.needs)
      throw invalidInput([
        {
          field: 'eaters',
          message: `At most ${requestLimits.needs} needs can be judged at once; these are ${needs}. Ask for fewer people.`,
        },
      ]);
    const people =
      needs * portion.lines.length <= FEW_JUDGEMENTS
        ? judgeAll({ eaters, portion })
        : await this.heavy.run('judge', { eaters, portion });
    return { people, caution: CAUTION };
  }

  private checkChoice({ lines, formulaId, eaters, eaterIds }: WhoCanEatRequest): void {
    const errors: FieldProblem[] = [];
    if ((lines === undefined) === (formulaId === undefined))
      errors.push({ field: 'lines', message: 'Send either the lines of a pot or the id of a formula.' });
    if (eaters === undefined && eaterIds === undefined)
      errors.push({ field: 'eaters', message: 'Send the eaters, or the ids of people at the table.' });
    eaters?.forEach(({ needs }, i) =>
      errors.push(...unknownIn(needs, `eaters[${i}].needs`, this.larder.plain)),
    );
    if (errors.length > 0) throw invalidInput(errors);
  }

  /** Labels of the packs in the house, as judging needs them. */
  async packLabels(): Promise<ReadonlyMap<string, PackLabel>> {
    const now = this.clock.now().getTime();
    return new Map((await this.labels.list()).map((label) => [label.ingredient, packLabel(label, now)]));
  }

  private async peopleOf({ eaters, eaterIds }: WhoCanEatRequest): Promise<readonly Eater[]> {
    const sent = calledByPlace(eaters).map(({ id, name, needs }): Eater => ({
      id,
      name,
      eatsTonight: true,
      needs: needs.map((need) => needKnowing(needFromInput(need), this.larder.plain)),
    }));
    const known = await Promise.all((eaterIds ?? []).map((id) => this.eaters.read(id)));
    return [...sent, ...known];
  }
}
