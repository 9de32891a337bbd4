/** Threads beside the one that answers. @source assumed: a kitchen's machine has few; one long copy leaves one for labels */
export const THREADS = 2;

/** Pieces of work that may wait for a thread; the next one is refused. @source assumed: at the time limit, the last in the queue waits half a minute */
export const MOST_WAITING = 12;

/** ms that a piece of work may take, waiting included; a copy of a large kitchen on a slow disk has longer. @source assumed */
export const LIMIT_MS = { 'read-label': 5_000, 'copy-database': 60_000, 'predict-pot': 10_000, judge: 10_000, schedule: 10_000 } as const;

/** ms without work after which a thread ends. */
export const IDLE_MS = 30_000;

/** Characters of a label that are read in a few ms, so that they need no thread of their own. @source `npm run bench -- --only=labels`: some MB a second */
export const SHORT_LABEL = 8_000;

/** Lines of a pot that is worked out in less than 50 ms. @source measured: 14 lines take a millisecond, and twice the lines four times as long */
export const SHORT_POT = 30;

/** Lines times needs that are judged in less than 50 ms. @source measured: some µs each, the words of the reasons included */
export const FEW_JUDGEMENTS = 3000;
