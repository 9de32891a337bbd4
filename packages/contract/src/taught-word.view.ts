import type { TaughtWord } from '@alterum/core';

export type TaughtWordView = TaughtWord;
