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

/** What is taught, with the labels that were read with it: a reading that ends after another word was taught is remembered nowhere that counts. */
interface Taught {
  readonly words: readonly TaughtWord[];
  readonly key: string;
  readonly remembered: Map<string, LabelKnowledge>;
}

/** Reads labels, and keeps those of the packs in the house. */
@Injectable()
export class LabelService {
  private taught: Taught = { words: [], key: '[]', remembered: new Map() };

  constructor(
    private readonly em: EntityManager,
    private readonly larder: LarderService,
    private readonly clock: Clock,
    private readonly heavy: HeavyWork,
    private readonly words: TaughtWordService,
  ) {}

  /** Keeps nothing. */
  async read({ text }: LabelText): Promise<LabelView> {
    const read = await this.readText(text, (await this.taughtNow()).words);
    return { ...read, ...allergensOfLabel(read), nutrition: read.nutrition ?? null };
  }

  async list(): Promise<readonly PackLabelView[]> {
    const views: PackLabelView[] = [];
    const taught = await this.taughtNow();
    for (const row of await this.em.find(PackLabelRow, {}, { orderBy: { ingredient: 'asc' } }))
      views.push(viewOf(row, await this.knowledgeOf(row.text, taught)));
    return views;
  }

  /** Keeps a label for an ingredient, in place of an older one. */
  async keep(id: string, { text }: LabelText): Promise<PackLabelView> {
    const ingredient = this.larder.read(id).id;
    const knowledge = await this.knowledgeOf(text, await this.taughtNow());
    const { contains, askFor } = knowledge;
    const columns = { text, contains, askFor, readOn: this.clock.now() };
    const held = await this.em.findOne(PackLabelRow, { ingredient });
    const row = held
      ? Object.assign(held, columns)
      : this.em.create(PackLabelRow, { ingredient, ...columns });
    await this.em.persistAndFlush(row);
    return viewOf(row, knowledge);
  }

  /** What is taught by now; what was read with other words is forgotten. */
  private async taughtNow(): Promise<Taught> {
    const words = await this.words.list(),
      key = JSON.stringify(words);
    if (key !== this.taught.key) this.taught = { words, key, remembered: new Map() };
    return this.taught;
  }

  /** What a label means by today’s reader: what was read of it when it was kept may be less. */
  private async knowledgeOf(text: string, { words, remembered }: Taught): Promise<LabelKnowledge> {
    const held = remembered.get(text);
    if (held) return held;
    const knowledge = allergensOfLabel(await this.readText(text, words));
    if (remembered.size >= MOST_REMEMBERED) remembered.clear();
    remembered.set(text, knowledge);
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
