import type { AllergenId } from '../allergen/allergen.js';
import type { Measures } from '../quantity/measures.js';
import { type Behaviour, type Composition, plainBehaviour } from '../ingredient/composition.js';
import { factsOf } from './facts/facts.params.js';
import type { Ingredient, Role, Shelf } from '../ingredient/ingredient.js';
import { pieceSizes } from './piece-size.params.js';
import { handlingOf } from './preparation/handling-of.js';

/** One row of a catalogue table; what is left out takes the shelf's defaults. */
export interface IngredientRow {
  readonly id: string;
  readonly name: string;
  readonly also?: readonly string[];
  readonly role?: Role;
  readonly per100: Composition;
  readonly acts?: Partial<Behaviour>;
  readonly measures?: Measures;
  readonly contains?: readonly AllergenId[];
  readonly ask?: readonly AllergenId[];
  readonly source?: string;
}

interface ShelfDefaults {
  readonly role: Role;
  readonly acts?: Partial<Behaviour>;
  readonly source: string;
}

/** Two digits: more would say that sizes of a shop are known. */
const rounded = (g: number): number => Number(g.toPrecision(2));

/** Shelves whose pieces grow small and large; a cube or a sheet has one size. */
const grown: ReadonlySet<Shelf> = new Set(['vegetables', 'nuts', 'herbs and spices', 'meat and eggs']);

/** Weights of small and large pieces where only a middling one is known. */
function withSizes(measures: Measures, shelf: Shelf): Measures {
  const { pieces } = measures;
  const middling = pieces?.medium ?? (grown.has(shelf) ? pieces?.piece : undefined);
  if (middling === undefined) return measures;
  const { small, large } = pieceSizes;
  return {
    ...measures,
    pieces: { small: rounded(middling * small), large: rounded(middling * large), ...pieces },
  };
}

/** Completes the rows of one shelf with its defaults. */
export function shelfOf(
  shelf: Shelf,
  defaults: ShelfDefaults,
  rows: readonly IngredientRow[],
): readonly Ingredient[] {
  return rows.map((row) => {
    const handling = handlingOf(row.id);
    return {
      id: row.id,
      name: row.name,
      otherNames: row.also ?? [],
      shelf,
      role: row.role ?? defaults.role,
      per100: row.per100,
      behaviour: { ...plainBehaviour, ...defaults.acts, ...row.acts },
      measures: withSizes(row.measures ?? {}, shelf),
      contains: row.contains ?? [],
      askFor: row.ask ?? [],
      facts: { ...factsOf(row.id) },
      source: row.source ?? defaults.source,
      ...(handling ? { handling } : {}),
    };
  });
}
