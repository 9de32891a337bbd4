import { kitchenLimits, type TaughtWordBody, type TaughtWordView } from '@alterum/contract';
import { knownIn, LONGEST_TAUGHT, taughtKey, type TaughtWord } from '@alterum/core';
import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import { refuseBeyond } from '../platform/ceiling.js';
import { Clock } from '../platform/clock.js';
import { Failure, invalidInput } from '../platform/failure.js';
import { TaughtWordRow } from './taught-word.row.js';

const viewOf = ({ word, means, taughtAt }: TaughtWordRow): TaughtWordView => ({
  word,
  means,
  taughtOn: taughtAt.toISOString(),
});

/** Words of labels that the cook explained. */
@Injectable()
export class TaughtWordService {
  constructor(
    private readonly em: EntityManager,
    private readonly clock: Clock,
  ) {}

  async list(): Promise<readonly TaughtWord[]> {
    return (await this.em.find(TaughtWordRow, {}, { orderBy: { key: 'asc' } })).map(viewOf);
  }

  /** Says what a word means, in place of what was said before. */
  async teach(text: string, { means }: TaughtWordBody): Promise<TaughtWordView> {
    const word = text.trim(),
      key = taughtKey(word);
    if (key === '' || key.length > LONGEST_TAUGHT || word.length > LONGEST_TAUGHT)
      throw invalidInput([
        { field: 'word', message: `Teach a word or a short phrase of at most ${LONGEST_TAUGHT} characters.` },
      ]);
    const known = knownIn(word);
    if (known !== undefined)
      throw invalidInput([
        {
          field: 'word',
          message: `“${known}” is understood already, so it cannot be given another meaning. Teach the words beside it.`,
        },
      ]);
    await this.em.transactional(async (em) => {
      const held = await em.findOne(TaughtWordRow, { key });
      if (held) Object.assign(held, { word, means, taughtAt: this.clock.now() });
      else {
        refuseBeyond(kitchenLimits.words, await em.count(TaughtWordRow), 'taught words');
        em.persist(em.create(TaughtWordRow, { key, word, means, taughtAt: this.clock.now() }));
      }
    });
    return viewOf(await this.em.findOneOrFail(TaughtWordRow, { key }));
  }

  /** Takes back what was said of a word. */
  async forget(word: string): Promise<void> {
    const gone = await this.em.nativeDelete(TaughtWordRow, { key: taughtKey(word) });
    if (gone === 0)
      throw new Failure('not-found', `Nothing was taught of “${word.slice(0, LONGEST_TAUGHT)}”.`);
  }
}
