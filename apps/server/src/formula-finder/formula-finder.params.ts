/** Formulas that are read in one go when all are judged. @source assumed: some ms of reading */
export const JUDGED_AT_ONCE = 100;

/** Formulas that are judged before whoever else asks gets a turn. @source measured: about half a millisecond each with five people */
export const JUDGED_BEFORE_A_BREATH = 10;
