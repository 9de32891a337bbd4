import { type AllergenId, allergenOf } from '../../allergen/allergen.js';
import type { LexiconRow, WordKind } from '../lexicon.params.js';

/** What a language calls things, as packs print it. */
export interface LabelLanguage {
  readonly name: string;
  readonly rows: readonly LexiconRow[];
  /** Names that look like an allergen and hold none, or another one. */
  readonly misleading: readonly {
    readonly terms: readonly string[];
    readonly holds: readonly AllergenId[];
    readonly because: string;
  }[];
  /** Beginnings and endings of compound words, with what they name. */
  readonly parts: readonly { readonly part: string; readonly allergen: AllergenId }[];
  /** Words that name no allergen. */
  readonly plain: readonly string[];
}

const kinds: Readonly<Record<string, WordKind>> = { '=': 'contains', '<': 'derived', '?': 'ask' };
const why: Readonly<Record<WordKind, string>> = {
  contains: 'is named',
  derived: 'is what it is made from',
  ask: 'is often in it',
};

/**
 * A language from its lines: `milk = Milch, Vollmilch` is named, `milk < Molke` is made from it, `milk ? Karamell` often holds it, `! Kakaobutter` or
 * `coconut ! Kokosmilch` misleads, `milk ~ milch` begins or ends compounds, `. Wasser Salz` is plain.
 * @throws Error naming a line that cannot be read
 */
export function languageOf(name: string, text: string): LabelLanguage {
  const rows: LexiconRow[] = [],
    misleading: LabelLanguage['misleading'][number][] = [],
    parts: LabelLanguage['parts'][number][] = [],
    plain: string[] = [];
  for (const line of text
    .split('\n')
    .map((one) => one.trim())
    .filter(Boolean)) {
    const [, who = '', sign = '', words = ''] = /^([a-z, -]*?)\s*([=<?!~.])\s+(.+)$/.exec(line) ?? [];
    const allergens = who.split(/,\s*/).filter(Boolean) as AllergenId[];
    const terms = words.split(/,\s*/);
    const kind = kinds[sign];
    if (sign === '.') plain.push(...words.split(/\s+/));
    else if (sign === '!')
      misleading.push({
        terms,
        holds: allergens,
        because: `${name}: ${allergens.length > 0 ? `of ${allergens.map((id) => allergenOf(id).name).join(' and ')}, in spite of its name` : 'none of it, in spite of its name'}`,
      });
    else if (sign === '~' && allergens[0])
      parts.push(...terms.map((part) => ({ part, allergen: allergens[0] as AllergenId })));
    else if (kind && allergens.length > 0)
      rows.push({
        allergens,
        kind,
        terms,
        because: `${name}: ${allergens.map((id) => allergenOf(id).name).join(' and ')} ${why[kind]}`,
      });
    else throw new Error(`a line of ${name} cannot be read: ${line}`);
  }
  return { name, rows, misleading, parts, plain };
}
