/**
 * What a search may cost: placings of one task beside another in all, those that beginning an order counts as, and moving a plan, by pair of tasks; tries by pair of tasks; tasks below which it may cost more, as nobody waits long; and where it is only asked whether an evening is possible; plans built
 * anew of one order because a task came too early, by task and at least; rounds without anything better; the seed.
 * @source measured: `npm run bench -- --only=evenings`
 */
export const SEARCH = { effort: 540_000, small: 33, beginning: 30, shifting: 1, roundsOfPair: 60, helpEffort: 60_000, repairsOfTask: 3, leastRepairs: 60, patience: 150, seed: 7 } as const;

/**
 * Chances of a next try: that something is to stand less, that two things change their places at once, that one such wish is dropped, that it is to
 * stand not at all; elsewhere, that one of the first orders is taken, that the wishes are kept, and how many places change.
 * @source chosen by the least waiting on 24 evenings of 20 to 43 tasks; `npm run bench -- --only=optimum` is drawn by other seeds
 */
export const TRIES = { pull: 0.25, twice: 0.5, release: 0.2, fresh: 0.5, anew: 0.3, keep: 0.5, far: 4 } as const;

/** How many times as much a search may cost that runs beside a page: a second at most, and nobody waits for it with a finger on a key. @source measured: 28 tasks in 0.4 s */
export const BESIDE_A_PAGE = 6;

/** How much more than the last plan one may let stand, times and min, that its tasks are moved to better it. @source assumed */
export const PROMISING = { times: 1.5, min: 15 } as const;

/** min from which a wait belongs to another part of the day. @source assumed: between two meals */
export const LONG_WAIT = 240;

/** min longer that something would have to be able to stand, where that is asked for help. @source assumed */
export const LONGER = 30;

/** min by which two times differ. */
export const SAME = 1e-9;

/** Planning the rest of an evening: min by which serving is put off first, and at most; min that something that goes on still takes at least. @source assumed */
export const REPLAN = { step: 5, latest: 480, leastLeft: 1 } as const;

/** Evenings drawn to see when it is likely ready; how far the tasks of one evening run fast or slow together, 0 to 1; share of evenings left out at either end; the seed. @source assumed */
export const DRAWN = { evenings: 400, together: 0.5, tail: 0.1, seed: 23 } as const;
