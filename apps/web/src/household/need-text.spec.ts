import { allergenIds, compounds, type Need, rules } from '@alterum/core';
import { needText } from './need-text';

test.each<[Need, string]>([
  [{ kind: 'allergen', allergen: 'milk', strictness: 'allergy', traces: true }, 'milk, traces'],
  [{ kind: 'allergen', allergen: 'milk', strictness: 'allergy', traces: false }, 'milk'],
  [
    { kind: 'ingredient', ingredient: 'nutritional-yeast', strictness: 'dislike' },
    'dislikes nutritional yeast',
  ],
  [{ kind: 'salt-limit', gramsPerPortion: 1.3 }, 'salt to 1.3 g'],
  [{ kind: 'ingredient', ingredient: 'gone-from-here', strictness: 'diet' }, 'gone-from-here'],
])('%j reads “%s”', (need, text) => {
  expect(needText(need)).toBe(text);
});

test('no two needs read the same', () => {
  const needs: readonly Need[] = [
    ...allergenIds.map((allergen): Need => ({
      kind: 'allergen',
      allergen,
      strictness: 'allergy',
      traces: false,
    })),
    ...compounds.map((compound): Need => ({ kind: 'compound', compound, gramsPerPortion: 1 })),
    ...rules.map((rule): Need => ({ kind: 'rule', rule })),
  ];
  expect(new Set(needs.map(needText)).size).toBe(needs.length);
});
