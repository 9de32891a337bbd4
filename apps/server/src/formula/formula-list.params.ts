/** Formulas on a page when nothing is said, and most on one. @source assumed: a page is shown in one go on any screen, and judging it costs some tens of ms */
export const PAGE = 50,
  MOST_ON_A_PAGE = 200;

/** Longest text that is searched for, characters, and most words of it. @source assumed: longer than any name of a formula */
export const LONGEST_SEARCH = 200,
  MOST_WORDS = 12;

/** Formulas whose words are written anew in one go when the server starts with another larder. @source assumed: some ms, so that nothing else waits */
export const RENEWED_AT_ONCE = 100;

/** Formulas that are read whole in one go when all are looked through. @source assumed: some ms of reading and of judging */
export const READ_AT_ONCE = 10;
