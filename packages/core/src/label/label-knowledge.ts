import type { AllergenId } from '../allergen/allergen.js';
import type { ReadLabel } from './read-label.js';

/** What a read label means for a larder item. */
export interface LabelKnowledge {
  /** It is in it, by what the label says. */
  readonly contains: readonly AllergenId[];
  /** It may be in it. */
  readonly askFor: readonly AllergenId[];
  /** Words that were not understood: any of them may be anything. */
  readonly unknown: readonly string[];
  /** It says what there may be traces of. */
  readonly warns: boolean;
  /** It is a list of what is in it, so that what it does not name is not named for a reason. */
  readonly isList: boolean;
}

/** What a read label means for a larder item: certain allergens, those to ask about, and how far it can be trusted to have said all. */
export function allergensOfLabel({
  findings,
  unrecognised,
  warns,
  isList,
}: Pick<ReadLabel, 'findings' | 'unrecognised' | 'warns' | 'isList'>): LabelKnowledge {
  const contains = new Set(
    findings.filter(({ kind }) => kind !== 'may-contain').map(({ allergen }) => allergen),
  );
  const asked = findings.filter(({ kind, allergen }) => kind === 'may-contain' && !contains.has(allergen));
  return {
    contains: [...contains],
    askFor: [...new Set(asked.map(({ allergen }) => allergen))],
    unknown: [...new Set(unrecognised.map(({ text }) => text))],
    warns,
    isList,
  };
}
