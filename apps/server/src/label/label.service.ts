import { LabelText, type LabelView, type PackLabelView } from '@alterum/contract';
import {
  allergensOfLabel,
  type LabelKnowledge,
  readLabel,
  type ReadLabel,
  type TaughtWord,
} from '@alterum/core';
import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import { LarderService } from '../larder/larder.service.js';
import { Clock } from '../platform/clock.js';
import { Failure } from '../platform/failure.js';
import { HeavyWork } from '../work/heavy-work.js';
import { SHORT_LABEL } from '../work/work.params.js';
import { PackLabelRow } from './pack-label.row.js';
import { TaughtWordService } from './taught-word.service.js';

const viewOf = ({ ingredient, text, readOn }: PackLabelRow, knowledge: LabelKnowledge): PackLabelView => ({
  ingredient,
  text,
  ...knowledge,
  readOn: readOn.toISOString(),
});

/** Labels whose reading is remembered; more than a house has packs. */
const MOST_REMEMBERED = 1000;

/** Reads labels, and keeps those of the packs in the house. */
@Injectable()
export class LabelService {
  private readonly remembered = new Map<string, LabelKnowledge>();
  /** What was taught when they were read. */
  private taughtThen = '[]';

  constructor(
    private readonly em: EntityManager,
    private readonly larder: LarderService,
    private readonly clock: Clock,
    private readonly heavy: HeavyWork,
    private readonly words: TaughtWordService,
  ) {}

  /** Keeps nothing. */
  async read({ text }: LabelText): Promise<LabelView> {
    const read = await this.readText(text, await this.words.list());
    return { ...read, ...allergensOfLabel(read), nutrition: read.nutrition ?? null };
  }

  async list(): Promise<readonly PackLabelView[]> {
    const views: PackLabelView[] = [];
    const taught = await this.words.list();
    for (const row of await this.em.find(PackLabelRow, {}, { orderBy: { ingredient: 'asc' } }))
      views.push(viewOf(row, await this.knowledgeOf(row.text, taught)));
    return views;
  }

  /** Keeps a label for an ingredient, in place of an older one. */
  async keep(id: string, { text }: LabelText): Promise<PackLabelView> {
    const ingredient = this.larder.read(id).id;
    const knowledge = await this.knowledgeOf(text, await this.words.list());
    const { contains, askFor } = knowledge;
    const columns = { text, contains, askFor, readOn: this.clock.now() };
    const held = await this.em.findOne(PackLabelRow, { ingredient });
    const row = held
      ? Object.assign(held, columns)
      : this.em.create(PackLabelRow, { ingredient, ...columns });
    await this.em.persistAndFlush(row);
    return viewOf(row, knowledge);
  }

  /** What a label means by today’s reader: what was read of it when it was kept may be less. */
  private async knowledgeOf(text: string, taught: readonly TaughtWord[]): Promise<LabelKnowledge> {
    const taughtNow = JSON.stringify(taught);
    if (taughtNow !== this.taughtThen) this.remembered.clear();
    this.taughtThen = taughtNow;
    const held = this.remembered.get(text);
    if (held) return held;
    const knowledge = allergensOfLabel(await this.readText(text, taught));
    if (this.remembered.size >= MOST_REMEMBERED) this.remembered.clear();
    this.remembered.set(text, knowledge);
    return knowledge;
  }

  private readText(text: string, taught: readonly TaughtWord[]): ReadLabel | Promise<ReadLabel> {
    return text.length <= SHORT_LABEL
      ? readLabel(text, taught)
      : this.heavy.run('read-label', { text, taught });
  }

  async forget(ingredient: string): Promise<void> {
    const held = await this.em.findOne(PackLabelRow, { ingredient });
    if (!held) throw new Failure('not-found', 'No label is kept for this ingredient.');
    await this.em.removeAndFlush(held);
  }
}
