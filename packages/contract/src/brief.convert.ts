import { type Brief, currentRailId, type RailId, wishesOf, withWish } from '@alterum/core';
import type { WishInput } from './brief.body.js';

/** A brief as it is sent: a list, in the order of the rails. */
export const wishesOfBrief = (brief: Brief): WishInput[] =>
  wishesOf(brief).map(({ rail, wish }) => ({ rail, ...wish }));

/** The core’s brief from a list of wishes; of two for one rail the later counts. */
export const briefOfWishes = (wishes: readonly WishInput[]): Brief =>
  wishes.reduce<Brief>(
    (brief, { rail, low, high, weight, pinned }) =>
      withWish(brief, currentRailId(rail) as RailId, {
        low,
        high,
        ...(weight ? { weight } : {}),
        ...(pinned ? { pinned } : {}),
      }),
    {},
  );
