import type { RecipeParts } from './recipe-parts.js';

type Node = Readonly<Record<string, unknown>>;
const isNode = (value: unknown): value is Node =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const listOf = (value: unknown): readonly unknown[] =>
  Array.isArray(value) ? value : value === undefined || value === null ? [] : [value];

/** Nesting beyond which nothing is looked for. */
const DEEPEST = 12;

/** Text without markup and with its entities as letters. */
export const plainText = (html: string): string =>
  html
    .replace(
      /<(?:script|style|noscript|template)\b[\s\S]*?(?:<\/(?:script|style|noscript|template)\s*>|$)/gi,
      ' ',
    )
    .replace(/<!--[\s\S]*?(?:-->|$)/g, ' ')
    .replace(
      /<(?:br|\/p|\/li|\/h\d|\/div|\/tr|\/ul|\/ol|\/section|\/article|p|li|h\d|div|tr)\b[^<>]*>/gi,
      '\n',
    )
    // A sign that opens no tag ends where the next one begins: however many there are, each is looked at once.
    .replace(/<[^<>]*>/g, ' ')
    .replace(/&(#x?[\da-f]{1,6}|[a-z]{2,8}\d{0,2});/gi, (whole, name: string) => entityOf(name) ?? whole)
    .replace(/[ \t]+/g, ' ')
    .replace(/ ?\n ?/g, '\n');

const entities: Readonly<Record<string, string>> = {
  amp: '&',
  lt: '<',
  gt: '>',
  quot: '"',
  apos: "'",
  nbsp: ' ',
  frac12: '½',
  frac14: '¼',
  frac34: '¾',
  deg: '°',
  ndash: '-',
  mdash: '-',
  rsquo: "'",
  lsquo: "'",
  eacute: 'é',
  times: '×',
  hellip: '…',
};
function entityOf(name: string): string | undefined {
  if (!name.startsWith('#')) return entities[name.toLowerCase()];
  const code = /^#x/i.test(name) ? parseInt(name.slice(2), 16) : Number(name.slice(1));
  return code > 31 && code < 0x110000 && !(code >= 0xd800 && code <= 0xdfff)
    ? String.fromCodePoint(code)
    : ' ';
}

const textOf = (value: unknown): string | undefined =>
  typeof value === 'string' ? plainText(value).trim() : typeof value === 'number' ? String(value) : undefined;

const isRecipe = (node: Node): boolean =>
  listOf(node['@type']).some((type) => typeof type === 'string' && /(?:^|\/)Recipe$/i.test(type));

/** The first recipe in linked data, wherever it stands. */
function recipeIn(value: unknown, depth = 0): Node | undefined {
  if (depth > DEEPEST) return undefined;
  for (const one of listOf(value)) {
    if (!isNode(one)) continue;
    if (isRecipe(one)) return one;
    for (const key of [
      '@graph',
      'mainEntity',
      'mainEntityOfPage',
      'itemListElement',
      'item',
      'about',
      'hasPart',
    ]) {
      const found = recipeIn(one[key], depth + 1);
      if (found) return found;
    }
  }
  return undefined;
}

/** Steps, whether they are texts, how-to steps or sections of these. */
function stepsOf(value: unknown, depth = 0): readonly string[] {
  if (depth > DEEPEST) return [];
  return listOf(value).flatMap((one): readonly string[] => {
    const text = textOf(one);
    if (text !== undefined) return text.split('\n').filter((line) => line.trim() !== '');
    if (!isNode(one)) return [];
    if (one['itemListElement'] !== undefined) return stepsOf(one['itemListElement'], depth + 1);
    const said = textOf(one['text']) ?? textOf(one['name']);
    return said ? [said] : [];
  });
}

/** The parts of a recipe in linked data (schema.org Recipe); undefined where none is in it. */
export function partsOfLinkedData(value: unknown): RecipeParts | undefined {
  const recipe = recipeIn(value);
  if (!recipe) return undefined;
  const ingredients = listOf(recipe['recipeIngredient'] ?? recipe['ingredients'])
    .flatMap((one) => (textOf(one) ?? '').split('\n'))
    .filter((line) => line.trim() !== '');
  const yields = listOf(recipe['recipeYield'] ?? recipe['yield']).flatMap((one) => textOf(one) ?? []);
  return {
    name: textOf(recipe['name']),
    portions: yields.find((one) => /\d/.test(one)),
    ingredients,
    steps: stepsOf(recipe['recipeInstructions']),
  };
}

const SCRIPT = /<script\b([^>]*)>([\s\S]*?)<\/script\s*>/gi;

const parsed = (text: string): unknown => {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
};

/** The parts of a recipe in the source of a page: its linked data, where there is a recipe in it. */
export function partsOfPage(html: string): RecipeParts | undefined {
  for (const [, attributes = '', content = ''] of html.matchAll(SCRIPT)) {
    if (!/application\/ld\+json/i.test(attributes)) continue;
    const parts = partsOfLinkedData(parsed(content.trim()));
    if (parts) return parts;
  }
  return undefined;
}

/** The parts of a recipe in a text that is linked data itself. */
export const partsOfJson = (text: string): RecipeParts | undefined =>
  /^\s*[[{]/.test(text) ? partsOfLinkedData(parsed(text)) : undefined;
