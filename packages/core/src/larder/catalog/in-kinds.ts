import type { AllergenId } from '../../allergen/allergen.js';
import { factsOf } from '../facts/facts.params.js';
import type { Ingredient } from '../../ingredient/ingredient.js';

/** Something a cook names without its kind, though the kinds hold different things. */
interface InKinds {
  readonly id: string;
  readonly name: string;
  readonly also: readonly string[];
  /** Larder ids, the most usual kind first. */
  readonly kinds: readonly [usual: string, ...others: readonly string[]];
}

const rows: readonly InKinds[] = [
  {
    id: 'miso',
    name: 'Miso',
    also: ['miso paste', 'light miso'],
    kinds: ['rice-miso', 'barley-miso', 'chickpea-miso'],
  },
  {
    id: 'soya-sauce',
    name: 'Soy sauce',
    also: ['soya sauce'],
    kinds: ['soy-sauce', 'tamari', 'soy-sauce-reduced-salt'],
  },
  {
    id: 'stock',
    name: 'Vegetable stock',
    also: ['stock', 'broth', 'bouillon', 'vegetable broth', 'veggie broth', 'veg stock'],
    kinds: ['vegetable-stock', 'vegetable-stock-without-celery', 'vegetable-stock-unsalted'],
  },
  {
    id: 'stock-cube',
    name: 'Vegetable stock powder',
    also: [
      'bouillon powder',
      'stock powder',
      'stock cube',
      'bouillon cube',
      'vegetable bouillon',
      'stock cubes',
      'vegetable stock cube',
    ],
    kinds: ['stock-powder', 'stock-powder-without-celery'],
  },
  {
    id: 'noodles-cooked',
    name: 'Noodles, cooked',
    also: ['pasta', 'noodles', 'cooked pasta', 'boiled pasta'],
    kinds: ['wheat-noodles-cooked', 'rice-noodles-cooked', 'pulse-noodles-cooked'],
  },
  {
    id: 'noodle-water',
    name: 'Noodle cooking water, salted',
    also: ['pasta water', 'starchy cooking water', 'pasta cooking water'],
    kinds: ['pasta-water', 'rice-noodle-water', 'pulse-noodle-water'],
  },
  {
    id: 'mayonnaise',
    name: 'Mayonnaise',
    also: ['mayo', 'mayonnaise'],
    kinds: ['mayonnaise-egg', 'mayonnaise-egg-free'],
  },
];

const inAll = (lists: readonly (readonly AllergenId[])[]): readonly AllergenId[] =>
  (lists[0] ?? []).filter((held) => lists.every((list) => list.includes(held)));

/**
 * Ingredients whose kind the cook has not said: composed as the most usual kind, sure of what every kind holds, and asking about what any
 * of them holds or may hold.
 * @throws RangeError when a kind is not in the table (a slip in the rows above)
 */
export function ingredientsInKinds(table: readonly Ingredient[]): readonly Ingredient[] {
  return rows.map(({ id, name, also, kinds }) => {
    const rowsOfKinds = kinds.map((kind) => {
      const row = table.find((ingredient) => ingredient.id === kind);
      if (!row) throw new RangeError(`no ingredient is called "${kind}"`);
      return row;
    });
    const [usual] = rowsOfKinds;
    if (!usual) throw new RangeError(`"${id}" has no kinds`);
    const contains = inAll(rowsOfKinds.map((row) => row.contains));
    const held = rowsOfKinds.flatMap((row) => [...row.contains, ...row.askFor]);
    const askFor = [...new Set(held)].filter((one) => !contains.includes(one));
    return {
      ...usual,
      id,
      name,
      otherNames: also,
      contains,
      askFor,
      kinds,
      like: usual.id,
      likened: true,
      facts: { ...factsOf(usual.id) },
    };
  });
}

/** The kinds one may choose among for an ingredient, itself and its own generic row among them; empty where it comes in one kind only. */
export function kindsBeside(id: string): readonly string[] {
  const row = rows.find((one) => one.id === id || one.kinds.includes(id));
  return row ? [row.id, ...row.kinds] : [];
}
