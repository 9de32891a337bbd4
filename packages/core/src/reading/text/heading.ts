const HEADING = /^(?:for (?:the )?)?([\p{L}][\p{L}\p{N} '&\-/]{1,38}?)\s*:$/u;
const FOR_HEADING = /^for the ([\p{L}][\p{L} '&-]{1,38}?)\s*:?$/iu;

/** The part of a dish that a line names which is nothing but a heading, as in "For the sauce:", in small letters. */
export const headingOf = (text: string): string | undefined =>
  (HEADING.exec(text) ?? FOR_HEADING.exec(text))?.[1]?.trim().toLowerCase();
