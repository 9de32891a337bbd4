import { anchorsOf } from './define.js';

/** Solid fat, oils, nut pastes and spreads. */
export const fatAndSpread = anchorsOf('solid fat and spreads', [
  { id: 'F01', name: 'olive oil 20 °C', quantity: 'viscosity', lines: [['olive-oil', 100]], at: 20, reference: [70, 95], provenance: 'P', confidence: 'high', basis: 'recalled' },
  { id: 'F02', name: 'rapeseed oil 40 °C', quantity: 'viscosity', lines: [['rapeseed-oil', 100]], at: 40, reference: [29, 40], provenance: 'P', confidence: 'high', basis: 'recalled' },
  { id: 'F03', name: 'rapeseed oil 60 °C', quantity: 'viscosity', lines: [['rapeseed-oil', 100]], at: 60, reference: [16, 23], provenance: 'P', confidence: 'high', basis: 'recalled' },
  { id: 'F04', name: 'coconut 70 and rapeseed 30, 10 °C', quantity: 'solid-fat', lines: [['coconut-oil', 70], ['rapeseed-oil', 30]], at: 10, reference: [46, 58], provenance: 'P', confidence: 'med', basis: 'recalled' },
  { id: 'F05', name: 'cocoa butter 20 and rapeseed 80, 20 °C', quantity: 'solid-fat', lines: [['cocoa-butter', 20], ['rapeseed-oil', 80]], at: 20, reference: [10, 17], provenance: 'P/E', confidence: 'med', basis: 'recalled' },
  { id: 'F06', name: 'palm 50 and sunflower 50, 20 °C', quantity: 'solid-fat', lines: [['palm-fat', 50], ['sunflower-oil', 50]], at: 20, reference: [8, 14], provenance: 'P/E', confidence: 'med', basis: 'recalled' },
  { id: 'F07', name: 'coconut fat 15 °C', quantity: 'firmness', lines: [['coconut-oil', 100]], at: 15, reference: [90, 600], provenance: 'P/E', confidence: 'low-med', basis: 'recalled' },
  { id: 'F08', name: 'plant butter block 10 °C', quantity: 'firmness', lines: [['plant-butter-block', 100]], at: 10, reference: [15, 110], provenance: 'P/E', confidence: 'med', basis: 'recalled' },
  { id: 'F09', name: 'shea butter 20 °C', quantity: 'firmness', lines: [['shea-butter', 100]], at: 20, reference: [15, 120], provenance: 'P/E', confidence: 'low', basis: 'guessed' },
  { id: 'F10', name: 'dairy butter 25 °C, nearly oiling off', quantity: 'firmness', lines: [['butter', 100]], at: 25, reference: [0.8, 8], provenance: 'P', confidence: 'med', basis: 'recalled' },
  { id: 'F11', name: 'butter and oil 1:1, spreads from the fridge, 5 °C', quantity: 'firmness', lines: [['butter', 100], ['rapeseed-oil', 85]], at: 5, reference: [5, 60], provenance: 'P', confidence: 'med', basis: 'recalled' },
  { id: 'F12', name: 'cocoa 45, rapeseed 165, oat drink 45, 10 °C', quantity: 'firmness', lines: [['cocoa-butter', 45], ['rapeseed-oil', 165], ['oat-drink', 45]], at: 10, reference: [3, 60], provenance: 'E', confidence: 'low', basis: 'guessed' },
  { id: 'F13', name: 'sesame paste 25 °C', quantity: 'viscosity', lines: [['tahini', 100]], at: 25, reference: [900, 8000], provenance: 'P', confidence: 'med', basis: 'recalled' },
  { id: 'F14', name: 'almond butter 25 °C', quantity: 'viscosity', lines: [['almond-butter', 100]], at: 25, reference: [1000, 20000], provenance: 'P/E', confidence: 'low', basis: 'recalled' },
]);
