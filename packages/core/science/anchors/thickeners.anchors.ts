import { anchorsOf } from './define.js';

/** Single thickeners and flours in water, and what heat does to proteins. */
export const thickeners = anchorsOf('thickeners', [
  { id: 'G01', name: 'guar 0.5 %, 25 °C', quantity: 'viscosity', lines: [['water', 100], ['guar', 0.61]], at: 25, reference: [90, 350], provenance: 'P', confidence: 'med', basis: 'recalled' },
  { id: 'G02', name: 'konjac 0.5 %, 25 °C', quantity: 'viscosity', lines: [['water', 100], ['konjac', 0.57]], at: 25, reference: [250, 2500], provenance: 'P/E', confidence: 'low-med', basis: 'recalled' },
  { id: 'G03', name: 'arrowroot 5 g/100 g, 60 °C', quantity: 'viscosity', lines: [['water', 100], ['arrowroot', 5.75]], way: 'heated', at: 60, reference: [120, 900], provenance: 'P/E', confidence: 'low-med', basis: 'recalled' },
  { id: 'G04', name: 'oat flakes 1:6 as porridge, 60 °C', quantity: 'viscosity', lines: [['water', 240], ['oat-flakes', 40]], process: { maxTemperatureC: 96, holdMin: 6 }, at: 60, reference: [1500, 15000], provenance: 'E', confidence: 'low', basis: 'guessed' },
  { id: 'G05', name: 'rice flour 16 g on 240 g, 60 °C', quantity: 'viscosity', lines: [['water', 240], ['rice-flour', 16]], way: 'heated', at: 60, reference: [120, 1200], provenance: 'P/E', confidence: 'low-med', basis: 'recalled' },
  { id: 'G06', name: 'agar 0.5 %, 20 °C', quantity: 'yield-stress', lines: [['water', 100], ['agar', 0.61]], way: 'heated', at: 20, reference: [1500, 12000], provenance: 'P', confidence: 'low-med', basis: 'recalled' },
  { id: 'G07', name: 'soya drink with vinegar, hot', quantity: 'curdling', lines: [['soya-drink', 240], ['white-vinegar', 15]], process: { maxTemperatureC: 85, holdMin: 2 }, at: 60, reference: [0.75, 1], provenance: 'P/E', confidence: 'med', basis: 'recalled' },
  { id: 'G08', name: 'coconut milk with lime, hot', quantity: 'curdling', lines: [['coconut-milk', 240], ['lime-juice', 10]], process: { maxTemperatureC: 85, holdMin: 2 }, at: 60, reference: [0, 0.6], provenance: 'E', confidence: 'low', basis: 'guessed' },
  { id: 'G09', name: 'corn starch boiled 15 min with lemon thins', quantity: 'viscosity-ratio', lines: [['water', 240], ['corn-starch', 14], ['lemon-juice', 20]], against: [['water', 260], ['corn-starch', 14]], process: { maxTemperatureC: 98, holdMin: 15 }, at: 60, reference: [0.3, 0.9], provenance: 'P', confidence: 'med', basis: 'recalled' },
]);
