/**
 * What the balance weighs against what. Distances are counted in differences that a cook would just notice (`NOTICEABLE`).
 * @source assumed; docs/decisions/0009 says why, `npm run bench` what the solver reaches with them
 */
export const balanceWeights = {
  /** Of the band's ends outside the stretch, against the middle outside it. */
  band: 0.06,
  /** Of changing every line by a factor of e, against one noticeable difference outside the brief. */
  change: 0.004,
  /** Of doubling what the batch costs, against one noticeable difference outside the brief. */
  cost: 0.002,
  /** Of being over a person's limit by a tenth, against one noticeable difference outside the brief. */
  person: 40,
  /** Factor on the middles where a plain balance has left one outside although all can be inside. */
  insist: 60,
  /** Of the upper end of a band being over a person's limit by a tenth. */
  personDoubt: 1,
} as const;

/** Factor on a difference by how much a wish matters. @source assumed */
export const wishWeights = { 1: 0.25, 2: 1, 3: 4 } as const;

/** Noticeable differences that the solver stays inside an edge, so that rounding does not fall over it; those outside that still count as met. @source assumed */
export const edges = { inside: 0.06, met: 0.03 } as const;

/** Amount below which a change counts in grams rather than as a factor: shares of the line and of the batch. @source assumed */
export const smallAmount = { ofLine: 0.15, ofBatch: 0.0005 } as const;

/** Least share of its present amount that a free line keeps: a balance does not drop a line. @source assumed */
export const LEAST_KEPT = 0.05;

/** Most by which a batch that may change its mass grows or shrinks. @source assumed: beyond it, scaling is meant, not balancing */
export const BATCH_FACTOR = 2;

export const balanceDefaults = { seed: 1, starts: 4, iterations: 24, passes: 2 } as const;
/** Standard deviation of the logarithm of a starting amount. */
export const START_SPREAD = 0.6;

/**
 * What leaving a line as it is may cost, in squared noticeable differences, and where as many lines would move besides what fills up; most
 * steps of each trial. @source assumed: less than a cook would notice; more than a cook would keep in mind
 */
export const fewChanges = {
  mayMiss: 0.2,
  many: 5,
  mayMissForMany: 0.7,
  iterations: 8,
  /** Of the lines that moved, those that moved least are left together. */
  shares: [0.75, 0.375],
} as const;
