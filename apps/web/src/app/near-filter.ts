import { defaultFilter } from 'cmdk';

/** Letters from which a slip is forgiven, and how much what is found so counts. @source assumed: a word of four letters is hardly met by chance */
const LEAST_LETTERS = 4,
  SLIPPED = 0.3;

/** What is typed with one letter left out, or two neighbours turned round. */
function slipsOf(typed: string): readonly string[] {
  const cut = (i: number, by: number, between = '') => typed.slice(0, i) + between + typed.slice(i + by);
  return [...typed].flatMap((_letter, i) => [
    cut(i, 1),
    ...(i > 0 ? [cut(i - 1, 2, `${typed.charAt(i)}${typed.charAt(i - 1)}`)] : []),
  ]);
}

/** How well an entry answers what is typed, 0 for not at all; one wrong letter is forgiven. */
export function nearFilter(value: string, search: string, keywords?: string[]): number {
  const plain = defaultFilter(value, search, keywords ?? []);
  if (plain > 0 || search.trim().length < LEAST_LETTERS) return plain;
  return SLIPPED * Math.max(...slipsOf(search.trim()).map((slip) => wordsOnly(value, slip)));
}

/** A slip is forgiven in a word that begins so, not in letters strewn over a name. */
const wordsOnly = (value: string, slip: string): number =>
  value
    .toLowerCase()
    .split(/\s+/)
    .some((_word, i, all) => all.slice(i).join(' ').startsWith(slip.toLowerCase()))
    ? 1
    : 0;
