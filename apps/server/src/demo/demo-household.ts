import type { EaterBody } from '@alterum/contract';

/** Labels of packs in the house; made up. What shares its lines is answered where a label says what there may be traces of. */
export const demoLabels: readonly { readonly ingredient: string; readonly text: string }[] = [
  {
    ingredient: 'coconut-drink',
    text: 'Ingredients: water, coconut milk 8 % (coconut extract, water), rice 2 %, salt, stabiliser: guar gum. May contain traces of mustard.',
  },
];

/** A made-up shared house that cooks together on Fridays; the names are invented. */
export const demoHousehold: readonly EaterBody[] = [
  { name: 'Ilva', needs: [{ kind: 'allergen', allergen: 'milk', strictness: 'allergy', traces: true }] },
  {
    name: 'Teo',
    needs: [
      { kind: 'allergen', allergen: 'tree-nut', strictness: 'allergy', traces: false },
      { kind: 'allergen', allergen: 'sesame', strictness: 'allergy', traces: false },
    ],
  },
  { name: 'Marte', needs: [{ kind: 'allergen', allergen: 'gluten', strictness: 'intolerance' }] },
  {
    name: 'Joram',
    needs: [
      { kind: 'allergen', allergen: 'soya', strictness: 'diet' },
      { kind: 'ingredient', ingredient: 'nutritional-yeast', strictness: 'dislike' },
    ],
  },
  { name: 'Sunniva', needs: [{ kind: 'salt-limit', gramsPerPortion: 1.3 }] },
];
