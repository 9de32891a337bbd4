/** Entries that are read from the database, or written into it, in one go. @source assumed: some ms each, so that others are answered in between */
export const AT_ONCE = 40;

/** Most bytes of a backup that is brought back. @source assumed: five times a kitchen of 10,000 formulas */
export const MOST_BYTES = 200_000_000;

/** Problems of a backup that are told at once; the rest would not be read. */
export const MOST_PROBLEMS = 20;

/** Names that a preview tells of each kind; the rest is a number. */
export const MOST_NAMES = 20;

/** Most values of one entry: a formula with all its versions at their ceilings, which a request never sends at once. @source 200 versions in sight and as many forgotten, some thousand values each */
export const MOST_VALUES_OF_ENTRY = 2_000_000;
