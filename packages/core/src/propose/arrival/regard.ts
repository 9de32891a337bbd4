import { type AllergenId, allergenOf, covers } from '../../allergen/allergen.js';
import { crossReactions } from '../../allergen/cross-reactions.params.js';
import type { Eater } from '../../household/eater.js';
import type { Need } from '../../household/need/need.js';
import type { PackLabel } from '../../household/portion/pack-label.js';
import { whoCanEat } from '../../household/who-can-eat.js';
import type { Ingredient } from '../../ingredient/ingredient.js';
import { ingredientById } from '../../larder/catalog/larder-table.js';

/**
 * How something new stands to the people at the table, from best to worst: nothing found, a question, a question about an allergy (shared
 * lines, an unread label), a relative of what somebody is allergic to, another member of its group, not at all.
 */
export const regards = ['clear', 'asks', 'asks-allergy', 'related', 'same-group', 'cannot'] as const;
export type Regard = (typeof regards)[number];
export const isWorseRegard = (a: Regard, than: Regard): boolean => regards.indexOf(a) > regards.indexOf(than);

/** What one person has to say to it. */
export interface Regarded {
  readonly eater: string;
  readonly regard: Regard;
  readonly why: string;
}

/** Who eats, and the labels that were read. */
export interface People {
  readonly eaters?: readonly Eater[];
  readonly labels?: ReadonlyMap<string, PackLabel>;
}

const isAllergy = (need: Need): boolean =>
  (need.kind === 'allergen' || need.kind === 'ingredient') && need.strictness === 'allergy';

/** What somebody with this need is allergic to. */
function allergensOf(need: Need): readonly AllergenId[] {
  if (!isAllergy(need)) return [];
  if (need.kind === 'allergen') return [need.allergen];
  return need.kind === 'ingredient' ? (ingredientById(need.ingredient)?.contains ?? []) : [];
}

/** Another member of one group: pistachio to a person allergic to almond, or what only one law’s list counts to it. */
function inSameGroup(wanted: AllergenId, held: AllergenId): boolean {
  if (allergenOf(held).soldWithout?.includes(wanted)) return false;
  if (covers(wanted, held) === 'ask') return true;
  const group = allergenOf(wanted).under as AllergenId | undefined;
  return group !== undefined && covers(group, held) !== 'unrelated';
}

const kin = (wanted: AllergenId, held: AllergenId): string | undefined =>
  crossReactions.find(({ between: [a, b] }) => {
    const of = (x: AllergenId, y: AllergenId) =>
      (covers(wanted, x) === 'covers' || covers(x, wanted) === 'covers') && covers(y, held) !== 'unrelated';
    return of(a, b) || of(b, a);
  })?.because;

function regardOfNeed(need: Need, ingredient: Ingredient): Omit<Regarded, 'eater'> | undefined {
  for (const wanted of allergensOf(need)) {
    const group = ingredient.contains.find((held) => inSameGroup(wanted, held));
    if (group)
      return {
        regard: 'same-group',
        why: `${allergenOf(group).name} belongs to the same group as ${allergenOf(wanted).name}`,
      };
  }
  for (const wanted of allergensOf(need))
    for (const held of ingredient.contains) {
      const because = kin(wanted, held);
      if (because)
        return {
          regard: 'related',
          why: `${allergenOf(held).name} and ${allergenOf(wanted).name}: ${because}`,
        };
    }
  return undefined;
}

/** What everybody has to say to something new, the worst of each person; nobody who has nothing to say. */
export function regardsOf(ingredient: Ingredient, { eaters = [], labels }: People): readonly Regarded[] {
  const label = labels?.get(ingredient.id);
  const line = { id: 'new', ingredient, named: ingredient.name, ...(label ? { label } : {}) };
  return eaters.flatMap((eater): Regarded[] => {
    const { findings } = whoCanEat(eater, {
      lines: [line],
      pungency: { bite: 0, burn: 0 },
      salt: { mid: 0, high: 0 },
    });
    const found = findings
      .filter(({ line: at }) => at !== undefined)
      .map(({ verdict, need, reason }): Regarded => ({
        eater: eater.name,
        regard: verdict === 'does-not' ? 'cannot' : isAllergy(need) ? 'asks-allergy' : 'asks',
        why: reason,
      }));
    const kept = eater.needs.flatMap((need) => {
      const one = regardOfNeed(need, ingredient);
      return one ? [{ ...one, eater: eater.name }] : [];
    });
    const worst = [...found, ...kept].reduce<Regarded | undefined>(
      (most, one) => (most && !isWorseRegard(one.regard, most.regard) ? most : one),
      undefined,
    );
    return worst ? [worst] : [];
  });
}

export const worstOf = (all: readonly Regarded[]): Regard =>
  all.reduce<Regard>((worst, { regard }) => (isWorseRegard(regard, worst) ? regard : worst), 'clear');
