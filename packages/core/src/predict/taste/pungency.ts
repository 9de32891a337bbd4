/** The top of the index: no more can be told apart. */
const MOST = 10;
/** An index so close to the top that its strength would have no end. */
const NEARLY_MOST = 9.99;

/**
 * What bites in a gram, against what bites half as much as can be felt (about 1500 Scoville units), from the index as tasted
 * neat. Strengths add up in a mixture; indices do not: a hundredth of cayenne is hot, and a tenth of mild paprika is not.
 * @source dose and response of capsaicin and piperine as remembered, S-21
 */
export function bitingStrength(neatIndex: number): number {
  const index = Math.min(neatIndex, NEARLY_MOST);
  return index / (MOST - index);
}

/** How pungent a strength is felt, 0..10: nearly in proportion while it is weak, and no more than the tongue can tell. */
export const pungencyIndex = (strength: number): number => (MOST * strength) / (1 + strength);
