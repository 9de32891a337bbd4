/** The standing cautions of the table; on a print they always stand. @source the cautions every household needs, S-19 */
export const tableCautions: readonly string[] = [
  'Allergens are checked against what is entered here, the ingredients’ tables and the labels that were typed in, never against the pack in your hand: read every label.',
  'This is no medical advice. A severe allergy is for a clinician, and “may contain” for the maker.',
  'People with one nut allergy often react to a related nut (cashew with pistachio, walnut with pecan); lupin, pea and chickpea may matter to people with peanut allergy. Coconut and seeds are asked about separately.',
  'One spoon between two pots is enough to carry an allergen.',
];
