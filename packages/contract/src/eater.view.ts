import type { Eater } from '@alterum/core';

export interface EaterView extends Eater {
  readonly version: number;
}
