/** How a stretch of a label speaks of what stands in it. */
export type StatementKind = 'contains' | 'may-contain' | 'free-from';

/**
 * Phrases that open a statement; it runs to the end of its sentence. Longest first within a kind.
 * @source wording of precautionary statements on packs, S-16
 */
export const statementPhrases: readonly { readonly kind: StatementKind; readonly phrase: string }[] = [
  ...[
    'may contain traces of', 'may contain trace amounts of', 'may also contain traces of', 'may also contain', 'may contain', 'might contain', 'can contain traces of', 'can contain',
    'could contain', 'contains traces of', 'contain traces of', 'traces of', 'trace amounts of', 'not suitable for', 'unsuitable for',
    'made in a facility that also processes', 'made in a facility that processes', 'made in a facility that also handles', 'made in a facility that handles', 'made in a facility which handles', 'made in a factory that also handles', 'made in a factory that handles', 'made in a factory that uses', 'made in a factory which uses',
    'produced in a facility that also processes', 'produced in a facility that processes', 'produced in a facility that handles', 'produced in a factory that handles', 'produced in a factory which handles', 'manufactured in a facility that processes', 'manufactured in a facility that also processes', 'manufactured in a facility that handles',
    'processed in a facility that also processes', 'packed in a facility that handles', 'packed in a facility that also handles', 'packed on a line that also handles', 'packed in an environment where', 'made on shared equipment with', 'made on equipment that also processes', 'made on equipment that processes', 'processed on equipment that also processes', 'manufactured on equipment that processes', 'manufactured on shared equipment with',
    'on a line that also handles', 'on lines that also handle', 'on a line that handles', 'in a kitchen that handles', 'in a bakery that uses', 'in a site that handles', 'on a site that handles',
  ].map((phrase) => ({ kind: 'may-contain' as const, phrase })),
  ...['allergy advice: contains', 'allergen information: contains', 'allergens:', 'contains:', 'contains', 'contain'].map((phrase) => ({ kind: 'contains' as const, phrase })),
  ...['contains no', 'does not contain', 'free from', 'free of', 'suitable for people who avoid', 'without', 'no added'].map((phrase) => ({ kind: 'free-from' as const, phrase })),
]; // prettier-ignore
