import type { Ingredient } from '../../ingredient/ingredient.js';
import { type Compound, compoundContent } from './compound.params.js';

/** g per 100 g of an ingredient by the table, or by what the cook likened it to; undefined where the table does not count it. */
export function knownContent(compound: Compound, { id, like, likened }: Ingredient): number | undefined {
  const content = compoundContent[compound];
  return content[id] ?? (like !== undefined && likened ? content[like] : undefined);
}
