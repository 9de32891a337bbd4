import type { Ingredient } from './ingredient.js';

const plain = (text: string): string =>
  text
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{Diacritic}/gu, '')
    .replace(/[^a-z0-9% ]+/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();

/** "nuts" finds "nut": the last letter of a plural does not hide an ingredient. */
const stem = (word: string): string => (word.length > 3 ? word.replace(/(?<=[^s])s$/, '') : word);

/** How well one name answers the words looked for; 0 when a word is missing. */
function nameScore(name: string, words: readonly string[]): number {
  const nameWords = plain(name).split(' ').map(stem);
  let score = 0;
  for (const word of words) {
    const exact = nameWords.indexOf(word);
    const starts = nameWords.findIndex((part) => part.startsWith(word));
    if (exact >= 0) score += exact === 0 ? 4 : 3;
    else if (starts >= 0) score += starts === 0 ? 2.5 : 2;
    else if (word.length > 2 && plain(name).includes(word)) score += 1;
    else return 0;
  }
  return score / words.length + words.length / (nameWords.length + words.length);
}

/**
 * Ingredients whose name or other name holds every word looked for, best first; all of them for an empty search.
 * Upper case, accents and plural endings do not matter.
 */
export function searchIngredients(larder: readonly Ingredient[], text: string): readonly Ingredient[] {
  const words = plain(text).split(' ').filter(Boolean).map(stem);
  if (words.length === 0) return larder;
  return larder
    .map((ingredient, place) => {
      const own = nameScore(ingredient.name, words);
      const other = Math.max(
        0,
        ...ingredient.otherNames.map((name) => nameScore(name, words)),
        nameScore(ingredient.id, words),
      );
      return { ingredient, place, score: Math.max(own * 1.1, other) };
    })
    .filter((hit) => hit.score > 0)
    .sort((a, b) => b.score - a.score || a.place - b.place)
    .map((hit) => hit.ingredient);
}
