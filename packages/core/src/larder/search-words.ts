/** Spellings that are one word to a cook. @source British, American and other kitchens, as packs and recipes write them */
const SPELLINGS: Readonly<Record<string, string>> = {
  soy: 'soya',
  yoghurt: 'yogurt',
  yoghourt: 'yogurt',
  chili: 'chilli',
  chile: 'chilli',
  chilly: 'chilli',
  houmous: 'hummus',
  humus: 'hummus',
  dhal: 'dal',
  daal: 'dal',
  dahl: 'dal',
  caramelized: 'caramelised',
  flavour: 'flavor',
  fiber: 'fibre',
  savoury: 'savory',
  wholewheat: 'wholemeal',
  leaf: 'leaf',
  tin: 'can',
  tinned: 'canned',
  desiccated: 'desiccated',
  dessicated: 'desiccated',
  miso: 'miso',
};

/** Words that say how much or how good, not what: they need not be found. */
const SOFT = new Set([
  'a',
  'an',
  'and',
  'of',
  'the',
  'with',
  'in',
  'some',
  'my',
  'any',
  'fresh',
  'raw',
  'plain',
  'organic',
  'good',
  'quality',
  'ripe',
  'small',
  'medium',
  'large',
  'big',
  'whole',
  'homemade',
  'chopped',
  'sliced',
  'diced',
  'grated',
  'peeled',
  'unsalted',
]);

const plain = (text: string): string =>
  text
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{Diacritic}/gu, '')
    .replace(/[’']s\b/g, 's')
    .replace(/[’']/g, '')
    .replace(/[^a-z0-9% ]+/g, ' ');

/** The word without its plural: "tomatoes" and "tomato", "chillies" and "chilli", "halves" and "half" are one. */
export function singular(word: string): string {
  if (word.length <= 3) return word;
  if (/^(?:lea|hal|loa|kni|shel|cal)ves$/.test(word)) return `${word.slice(0, -3)}f`;
  if (word.endsWith('ies')) return word.length > 4 ? `${word.slice(0, -3)}y` : word.slice(0, -1);
  if (/(?:oes|ches|shes|xes|sses|zes)$/.test(word)) return word.slice(0, -2);
  return /[^su]s$/.test(word) && !/is$/.test(word) ? word.slice(0, -1) : word;
}

/** The words of a name or a search in one spelling and without plurals. */
export const wordsOf = (text: string): readonly string[] =>
  plain(text)
    .split(' ')
    .filter(Boolean)
    .map((word) => SPELLINGS[word] ?? word)
    .map(singular)
    .map((word) => SPELLINGS[word] ?? word);

/** Whether a word has to be found. */
export const isSoft = (word: string): boolean => SOFT.has(word);
