/**
 * What looking for a first plan may cost, in placings of one task beside another, those that beginning an order counts as, how many times as much where nothing else found
 * one, and where it is only asked whether an evening is possible; plans built anew of one order because a task came too early, by task and at least; the seed.
 * @source measured: `npm run bench -- --only=evenings`
 */
export const SEARCH = { effort: 60_000, again: 6, beginning: 30, helpEffort: 60_000, repairsOfTask: 3, leastRepairs: 60, seed: 7 } as const;

/** How many times as much a search may cost that runs beside a page: a second where an evening is usual, two or three where it is large, and nobody waits for it with a finger on a key. @source measured: 20 tasks in 0.1 s, 40 in 1 s, 60 in 2.5 s */
export const BESIDE_A_PAGE = 6;

/** min from which a wait belongs to another part of the day. @source assumed: between two meals */
export const LONG_WAIT = 240;

/** min longer that something would have to be able to stand, where that is asked for help. @source assumed */
export const LONGER = 30;

/** Things that are tried as made long before. @source assumed: more than a cook would read */
export const MOST_BEFORE = 12;

/** min by which two times differ. */
export const SAME = 1e-9;

/** Planning the rest of an evening: min by which serving is put off first, and at most; min that something that goes on still takes at least. @source assumed */
export const REPLAN = { step: 5, latest: 480, leastLeft: 1 } as const;

/** Evenings drawn to see when it is likely ready; how far the tasks of one evening run fast or slow together, 0 to 1; share of evenings left out at either end; the seed. @source assumed */
export const DRAWN = { evenings: 400, together: 0.5, tail: 0.1, seed: 23 } as const;

/**
 * Proving that a plan is best, and bettering it a few tasks at a time: what it may cost, in pairs of moments looked at, tasks below which it may cost more, as nobody waits long, and above which, as each way costs more, and how much at most; what it may cost where it is only asked whether an
 * evening is possible; ways looked at first and between; parts bettered between, ways of each; tasks free in one at first, at least, at most, and how that changes; what
 * writing an evening down, and loosening a part, count as; the chance that a part lies about something that stands; the seed.
 * @source chosen by the least waiting on 36 evenings of 12 to 52 tasks; `npm run bench -- --only=optimum` is drawn by other seeds
 */
export const EXACT = { effort: 1_700_000, small: 33, large: 40, largest: 4, helpEffort: 100_000, waysFirst: 40, ways: 40, parts: 8, waysOfPart: 40, free: 8, leastFree: 3, mostFree: 20, change: 1, beginning: 20, loosening: 5, aboutStanding: 0.7, seed: 7 } as const;
