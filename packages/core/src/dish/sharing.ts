import { type DishPart, portionsOfDish, type WrittenDish } from './written-dish.js';

/** How a dish is divided among those who eat of it. */
export interface Sharing {
  /** Usual portions of the whole dish. */
  readonly portions: number;
  /** By part that only some eat of: who, and how many usual portions they make together. */
  readonly only: ReadonlyMap<string, { readonly eaters: readonly string[]; readonly portions: number }>;
}

/** Whether a part is for everybody who eats of the dish. */
const isForAll = ({ onlyFor = [] }: Pick<DishPart, 'onlyFor'>): boolean => onlyFor.length === 0;

/** How a written dish is shared: what is for some lies in their share of it alone. Where nobody is named, each of them counts as one portion. */
export function sharingOf(dish: Pick<WrittenDish, 'portions' | 'eaters' | 'parts'>): Sharing {
  const appetites = new Map(dish.eaters.map(({ eater, appetite }) => [eater, appetite]));
  const appetiteOf = (eater: string): number => (dish.eaters.length === 0 ? 1 : (appetites.get(eater) ?? 0));
  const only = dish.parts.flatMap((part) =>
    isForAll(part)
      ? []
      : [
          [
            part.id,
            {
              eaters: part.onlyFor!,
              portions: part.onlyFor!.reduce((all, eater) => all + appetiteOf(eater), 0),
            },
          ] as const,
        ],
  );
  return { portions: portionsOfDish(dish), only: new Map(only) };
}

/**
 * Share of a part that one usual portion of somebody holds: nothing of what is for others. Absent is a portion of what is for everybody.
 * @param eater id of who eats it
 */
export function shareOfPart({ portions, only }: Sharing, part: string, eater?: string): number {
  const some = only.get(part);
  if (!some) return portions > 0 ? 1 / portions : 0;
  return eater !== undefined && some.eaters.includes(eater) && some.portions > 0 ? 1 / some.portions : 0;
}
