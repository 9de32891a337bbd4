import { covers, isGroupOf } from '../../allergen/allergen.js';
import { crossReactions } from '../../allergen/cross-reactions.params.js';
import type { Eater } from '../eater.js';

/** What to ask a clinician about, in words: never a verdict. */
export function cliniciansQuestions(eater: Eater): readonly string[] {
  const allergies = eater.needs.flatMap((need) =>
    need.kind === 'allergen' && need.strictness === 'allergy' ? [need.allergen] : [],
  );
  const related = (wanted: (typeof allergies)[number], other: (typeof allergies)[number]) =>
    covers(wanted, other) !== 'unrelated' || isGroupOf(other, wanted);
  return [
    ...new Set(
      allergies.flatMap((allergen) =>
        crossReactions.flatMap(({ between: [a, b], because }) => {
          const other =
            related(allergen, a) && !related(allergen, b)
              ? b
              : related(allergen, b) && !related(allergen, a)
                ? a
                : undefined;
          return other ? [`${other.replaceAll('-', ' ')}: ${because}`] : [];
        }),
      ),
    ),
  ];
}
