import type { Storage } from '@alterum/core';

interface OtherDay {
  readonly storage: Storage;
  readonly days: number;
  readonly name: string;
}

const REHEATED: OtherDay = { storage: 'reheat', days: 1, name: 'reheated next day' };
const FRESH: OtherDay = { storage: 'cool', days: 0, name: 'on the day' };

/** The day a pot is compared with: what is served fresh with tomorrow, what comes from the fridge with the day it was made. */
export const nextDay = (storage: Storage): OtherDay => (storage === 'cool' ? REHEATED : FRESH);
