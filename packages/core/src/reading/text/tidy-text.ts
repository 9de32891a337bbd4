/**
 * A line without what is no words: control characters are blanks, marks that are not seen (soft hyphens, zero-width blanks, turns of direction) are
 * nothing, and blanks of whatever width that stand together are one. Linear; whatever reads on meets no long run of blanks.
 */
export const tidyLine = (text: string): string =>
  text
    .replace(/\p{Cf}/gu, '')
    .replace(/\p{Cc}/gu, ' ')
    .replace(/\s+/gu, ' ')
    .trim();

/** The same of a text of several lines, which stay apart. */
export const tidyLines = (text: string): string =>
  text
    .split(/\r\n?|\n/)
    .map(tidyLine)
    .join('\n');
