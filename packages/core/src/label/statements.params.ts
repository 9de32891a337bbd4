import { headings, listClaims, makers, shortClaims } from './label-grammar.params.js';

/** How a stretch of a label speaks of what stands in it. */
export type StatementKind = 'contains' | 'list-claim' | 'short-claim' | 'heading' | 'maker';

/** Words that say outright what is in it. */
const outright = [
  'allergy advice: contains', 'allergen information: contains', 'allergens:', 'contains:', 'contains', 'contain', 'enthält', 'contient', 'contiene', 'bevat', 'contém', 'zawiera', 'obsahuje', 'innehåller', 'indeholder', 'inneholder', 'sisältää',
];

/** Phrases that open a statement, each with its kind; trace warnings come in too many orders for a list and are found by the grammar. */
export const statementPhrases: readonly { readonly kind: StatementKind; readonly phrase: string }[] = [
  ...outright.map((phrase) => ({ kind: 'contains' as const, phrase })),
  ...listClaims.map((phrase) => ({ kind: 'list-claim' as const, phrase })),
  ...shortClaims.map((phrase) => ({ kind: 'short-claim' as const, phrase })),
  ...makers.map((phrase) => ({ kind: 'maker' as const, phrase })),
  ...headings.map((phrase) => ({ kind: 'heading' as const, phrase })),
];
