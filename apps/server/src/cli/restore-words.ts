import type { RestoreCount, RestoreKindView, RestoreView } from '@alterum/contract';

const kindNames: Readonly<Record<RestoreKindView['kind'], string>> = {
  people: 'people',
  ownIngredients: 'own ingredients',
  labels: 'labels',
  words: 'taught words',
  stock: 'amounts in the house',
  briefs: 'kept briefs',
  vessels: 'vessels',
  formulas: 'formulas',
  dishes: 'dishes',
  evenings: 'kept evenings',
  household: 'choices of the table',
};

const named = (word: string, { count, names }: RestoreCount): string[] =>
  count === 0 ? [] : [`${count} ${word} (${names.slice(0, 3).join(', ')}${count > 3 ? ', …' : ''})`];

/** What restoring does, a line for each kind of entry. */
export function restoreWords({ kinds }: RestoreView): string {
  return kinds
    .map(({ kind, come, change, go, stay, same }) => {
      const parts = [
        ...named('come', come),
        ...named('change', change),
        ...named('go', go),
        ...named('stay, newer here', stay),
        ...(same > 0 ? [`${same} the same`] : []),
      ];
      return `  ${kindNames[kind]}: ${parts.join(', ') || 'none'}`;
    })
    .join('\n');
}
