import { type AllergenId, allergenIds } from '@alterum/core';
import { IsIn } from 'class-validator';

/** What a word means that the reader of labels does not know. */
export class TaughtWordBody {
  @IsIn(['nothing', ...allergenIds], {
    message: 'A word means “nothing”, or one of the allergens of the lists.',
  })
  means!: 'nothing' | AllergenId;
}
