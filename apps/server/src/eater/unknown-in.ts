import type { FieldProblem, NeedInput } from '@alterum/contract';
import type { LarderLookup } from '@alterum/core';

/** What is wrong with needs that name an ingredient which the larder does not have. @param at the field they stand in */
export const unknownIn = (
  needs: readonly NeedInput[],
  at: string,
  find: LarderLookup,
): readonly FieldProblem[] =>
  needs.flatMap(({ kind, ingredient = '' }, i) =>
    kind === 'ingredient' && !find(ingredient)
      ? [{ field: `${at}[${i}].ingredient`, message: `“${ingredient}” is not in the larder.` }]
      : [],
  );
