import type { TaughtWord } from '@alterum/core';
import { defineEntity, type InferEntity, p } from '@mikro-orm/core';

/** What the cook said of a word on labels that the reader does not know. */
export const TaughtWordRow = defineEntity({
  name: 'TaughtWordRow',
  tableName: 'taught_word',
  properties: {
    /** Two spellings of one phrase have one key. */
    key: p.string().length(80).primary(),
    word: p.string().length(80),
    means: p.string().length(40).$type<TaughtWord['means']>(),
    taughtAt: p.datetime(),
  },
  checks: [{ name: 'taught_word_given', expression: 'length(key) > 0 and length(word) > 0' }],
});
export type TaughtWordRow = InferEntity<typeof TaughtWordRow>;
