import { anchorsOf } from './define.js';

/** Taste, umami and pH; the arithmetic rows check the sums, not nature. */
export const tasteAndAcid = anchorsOf('taste and acid', [
  { id: 'T01', name: 'citric acid 1 % in water', quantity: 'pH', lines: [['citric-acid', 1.005], ['water', 99]], reference: [2.1, 2.4], provenance: 'P', confidence: 'high', basis: 'recalled' },
  { id: 'T02', name: 'acetic acid 0.6 % (0.1 mol/L)', quantity: 'pH', lines: [['white-vinegar', 12], ['water', 88]], reference: [2.8, 3.0], provenance: 'P', confidence: 'high', basis: 'recalled' },
  { id: 'T03', name: 'lactic acid 0.9 % (0.1 mol/L)', quantity: 'pH', lines: [['lactic-acid', 1.023], ['water', 99]], reference: [2.35, 2.55], provenance: 'P', confidence: 'high', basis: 'recalled' },
  { id: 'T04', name: 'vinegar 5 % and water 1:1', quantity: 'pH', lines: [['white-vinegar', 50], ['water', 50]], reference: [2.45, 2.75], provenance: 'P', confidence: 'high', basis: 'recalled' },
  { id: 'T05', name: 'lemon juice 15 g in 240 g water', quantity: 'pH', lines: [['lemon-juice', 15], ['water', 240]], reference: [2.6, 3.1], provenance: 'P', confidence: 'med', basis: 'recalled' },
  { id: 'T06', name: 'chickpea dip from chickpeas, sesame paste, lemon', quantity: 'pH', lines: [['chickpea-boiled', 250], ['tahini', 60], ['lemon-juice', 40], ['salt', 4]], way: 'jug', reference: [4.4, 5.3], provenance: 'P', confidence: 'med', basis: 'recalled' },
  { id: 'T07', name: 'firm soya curd 300 g with lemon 30 g', quantity: 'pH', lines: [['tofu-firm', 300], ['lemon-juice', 30]], way: 'jug', reference: [4.4, 5.4], provenance: 'P/E', confidence: 'low', basis: 'guessed' },
  { id: 'T08', name: 'cashew cream with lemon 20 g', quantity: 'pH', lines: [['cashew', 150, 'soaked'], ['water', 120], ['lemon-juice', 20]], way: 'blended', reference: [4.3, 5.5], provenance: 'P/E', confidence: 'low-med', basis: 'guessed' },
  { id: 'T09', name: 'coconut milk 240 g with lime 15 g', quantity: 'pH', lines: [['coconut-milk', 240], ['lime-juice', 15]], reference: [3.5, 4.7], provenance: 'P/E', confidence: 'low', basis: 'guessed' },
  { id: 'T10', name: 'potato, boiled and mashed, with vinegar 10 g', quantity: 'pH', lines: [['potato', 300, 'boiled'], ['white-vinegar', 10]], way: 'boiledAndBlended', reference: [4.5, 5.6], provenance: 'P/E', confidence: 'low', basis: 'guessed' },
  { id: 'T11', name: 'umami synergy, glutamate and IMP 0.05 each', quantity: 'umami', compounds: { glutamate: 0.05, aspartate: 0, imp: 0.05, gmp: 0, amp: 0 }, reference: [3.05, 3.14], provenance: 'P', confidence: 'high', basis: 'arithmetic' },
  { id: 'T12', name: 'umami synergy, glutamate 0.1 and GMP 0.01', quantity: 'umami', compounds: { glutamate: 0.1, aspartate: 0, imp: 0, gmp: 0.01, amp: 0 }, reference: [2.85, 2.95], provenance: 'P', confidence: 'high', basis: 'arithmetic' },
  { id: 'T13', name: 'soy sauce 17 g in 300 g', quantity: 'umami', lines: [['soy-sauce', 17], ['water', 283]], reference: [0.04, 0.12], provenance: 'P/E', confidence: 'med', basis: 'recalled' },
  { id: 'T14', name: 'shiitake powder 2 g and miso 20 g in 300 g', quantity: 'umami', lines: [['shiitake-dried', 2], ['rice-miso', 20], ['water', 278]], reference: [0.06, 0.3], provenance: 'P/E', confidence: 'low-med', basis: 'recalled' },
  { id: 'T15', name: 'tomato paste 30 g in 300 g', quantity: 'umami', lines: [['tomato-paste', 30], ['water', 270]], reference: [0.05, 0.2], provenance: 'P/E', confidence: 'low-med', basis: 'recalled' },
  { id: 'T16', name: 'lemon juice 15 g in 300 g, sour acid', quantity: 'sour', lines: [['lemon-juice', 15], ['water', 285]], reference: [38, 50], provenance: 'P', confidence: 'high', basis: 'arithmetic' },
  { id: 'T17', name: 'miso 30 g and soy sauce 10 g in 400 g, salt', quantity: 'salt', lines: [['rice-miso', 30], ['soy-sauce', 10], ['water', 360]], reference: [1.0, 1.3], provenance: 'P', confidence: 'high', basis: 'arithmetic' },
  { id: 'T18', name: 'oat drink, sweetness', quantity: 'sweet', lines: [['oat-drink', 250]], reference: [2.0, 5.0], provenance: 'P/E', confidence: 'med', basis: 'recalled' },
]);
