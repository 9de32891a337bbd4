import { createHash } from 'node:crypto';
import { type Eater, formulasIn, type PackLabel, type VerdictOrNone, whoCanEat } from '@alterum/core';
import { Injectable } from '@nestjs/common';
import { EaterService } from '../eater/eater.service.js';
import { FormulaList } from '../formula/formula-list.js';
import { OwnLarder } from '../larder/own-larder.js';
import { PortionService } from '../who-can-eat/portion.service.js';
import { WhoCanEatService } from '../who-can-eat/who-can-eat.service.js';

/** Everybody’s verdict of one formula, by person. */
export type Verdicts = ReadonlyMap<string, VerdictOrNone>;

interface Judged {
  readonly verdicts: Verdicts;
  /** How the list stood when it was judged, where formulas stand inside it: they may have changed since, or gone. */
  readonly asOf: string | undefined;
}

/** What verdicts depend on beside the formulas. */
interface Known {
  readonly eaters: readonly Eater[];
  readonly labels: ReadonlyMap<string, PackLabel>;
  readonly key: string;
}

/**
 * Verdicts of all formulas at once, as a list filtered by people needs them. A turn names a formula as it stood when it was last written, so what
 * was judged is kept by turn, until a person, a label or an own ingredient changes.
 */
@Injectable()
export class FormulaVerdicts {
  private judged = new Map<number, Judged>();
  private key = '';
  private last: Promise<unknown> = Promise.resolve();

  constructor(
    private readonly list: FormulaList,
    private readonly eaters: EaterService,
    private readonly people: WhoCanEatService,
    private readonly portions: PortionService,
    private readonly own: OwnLarder,
  ) {}

  /** By turn, of every formula in sight. One after the other: whoever asks meanwhile finds most of it judged. */
  all(): Promise<ReadonlyMap<number, Verdicts>> {
    const next = this.last.then(() => this.complete());
    this.last = next.catch(() => undefined);
    return next;
  }

  private async known(): Promise<Known> {
    const [eaters, labels] = [await this.eaters.list(), await this.people.packLabels()];
    const own = this.own.withTable().filter(({ guessed }) => guessed !== undefined);
    const key = createHash('sha256')
      .update(JSON.stringify([eaters.map(({ id, needs }) => [id, needs]), [...labels], own]))
      .digest('hex');
    return { eaters, labels, key };
  }

  private async complete(): Promise<ReadonlyMap<number, Verdicts>> {
    const known = await this.known();
    if (known.key !== this.key) {
      this.judged = new Map();
      this.key = known.key;
    }
    const turns = await this.list.turns(),
      asOf = `${turns.at(-1) ?? 0} of ${turns.length}`;
    const there = new Set(turns);
    for (const turn of this.judged.keys()) if (!there.has(turn)) this.judged.delete(turn);
    const missing = turns.filter((turn) => {
      const held = this.judged.get(turn);
      return !held || (held.asOf !== undefined && held.asOf !== asOf);
    });
    for await (const { turn, formula } of this.list.ofTurns(missing)) {
      const { portion } = await this.portions.ofFormula(formula, known.labels);
      this.judged.set(turn, {
        verdicts: new Map(known.eaters.map((eater) => [eater.id, whoCanEat(eater, portion).verdict])),
        asOf: formulasIn(formula.lines).length > 0 ? asOf : undefined,
      });
    }
    return new Map([...this.judged].map(([turn, { verdicts }]) => [turn, verdicts]));
  }
}
