/** Letters that a scanner takes for digits. @source how digits and letters look alike in print */
const lookAlikes: Readonly<Record<string, readonly string[]>> = {
  '0': ['o'],
  '1': ['l', 'i'],
  '3': ['e'],
  '4': ['a'],
  '5': ['s'],
  '8': ['b'],
};

/** Most readings of a word with digits in it that are tried. */
const MOST_READINGS = 16;
/** Shortest halves of a word that is written closed. */
const SHORTEST_HALF = 3;
/** Longer words are not taken apart. */
const LONGEST = 40;

/** A word as it may have been meant before a scanner read letters as digits; none for a word without digits, or of digits alone. */
export function withoutDigits(stem: string): readonly string[] {
  if (!/\d/.test(stem) || !/\p{L}{2}/u.test(stem) || stem.length > LONGEST) return [];
  let readings = [''];
  for (const letter of stem) {
    const meant = /\d/.test(letter) ? (lookAlikes[letter] ?? []) : [letter];
    readings = readings.flatMap((before) => meant.map((one) => before + one)).slice(0, MOST_READINGS);
  }
  return readings;
}

/**
 * A word that is written closed, as the two it is made of: "hazelnutmilk". Longest first half first.
 * @param isKnown whether a half is a word that is known
 */
export function halvesOf(
  stem: string,
  isKnown: (half: string) => boolean,
): readonly [string, string] | undefined {
  if (stem.length > LONGEST) return undefined;
  for (let at = stem.length - SHORTEST_HALF; at >= SHORTEST_HALF; at--) {
    const [first, second] = [stem.slice(0, at), stem.slice(at)];
    if (isKnown(first) && isKnown(second)) return [first, second];
  }
  return undefined;
}
