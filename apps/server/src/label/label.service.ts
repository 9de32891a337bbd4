import { LabelText, type LabelView, type PackLabelView } from '@alterum/contract';
import { allergensOfLabel, readLabel, type ReadLabel } from '@alterum/core';
import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import { LarderService } from '../larder/larder.service.js';
import { Clock } from '../platform/clock.js';
import { Failure } from '../platform/failure.js';
import { HeavyWork } from '../work/heavy-work.js';
import { SHORT_LABEL } from '../work/work.params.js';
import { PackLabelRow } from './pack-label.row.js';

const viewOf = ({ ingredient, text, contains, askFor, readOn }: PackLabelRow): PackLabelView => ({
  ingredient, text, contains, askFor, readOn: readOn.toISOString(),
}); // prettier-ignore

/** Reads labels, and keeps those of the packs in the house. */
@Injectable()
export class LabelService {
  constructor(
    private readonly em: EntityManager,
    private readonly larder: LarderService,
    private readonly clock: Clock,
    private readonly heavy: HeavyWork,
  ) {}

  /** Keeps nothing. */
  async read({ text }: LabelText): Promise<LabelView> {
    const read = await this.readText(text);
    return { ...read, ...allergensOfLabel(read), nutrition: read.nutrition ?? null };
  }

  async list(): Promise<readonly PackLabelView[]> {
    return (await this.em.find(PackLabelRow, {}, { orderBy: { ingredient: 'asc' } })).map(viewOf);
  }

  /** Keeps a label for an ingredient, in place of an older one. */
  async keep(id: string, { text }: LabelText): Promise<PackLabelView> {
    const ingredient = this.larder.read(id).id;
    const columns = { text, ...allergensOfLabel(await this.readText(text)), readOn: this.clock.now() };
    const held = await this.em.findOne(PackLabelRow, { ingredient });
    const row = held
      ? Object.assign(held, columns)
      : this.em.create(PackLabelRow, { ingredient, ...columns });
    await this.em.persistAndFlush(row);
    return viewOf(row);
  }

  private readText(text: string): ReadLabel | Promise<ReadLabel> {
    return text.length <= SHORT_LABEL ? readLabel(text) : this.heavy.run('read-label', text);
  }

  async forget(ingredient: string): Promise<void> {
    const held = await this.em.findOne(PackLabelRow, { ingredient });
    if (!held) throw new Failure('not-found', 'No label is kept for this ingredient.');
    await this.em.removeAndFlush(held);
  }
}
