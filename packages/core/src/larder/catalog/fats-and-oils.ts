import { shelfOf } from '../define.js';

/** g per 100 g as used; generic types, rounded. @source S-05f */
export const fatsAndOils = shelfOf('fats and oils', { role: 'fat', source: 'S-05f' }, [
  {
    id: 'olive-oil', name: 'Olive oil', also: ['extra virgin olive oil', 'EVOO'],
    per100: { fat: 100 },
    acts: { fatType: 'olive', pH: 7, lab: [75, -3, 45], scattering: 0.1 },
    measures: { density: 0.915 }, contains: ['added-oil'],
  },
  {
    id: 'rapeseed-oil', name: 'Rapeseed oil', also: ['canola oil', 'cold-pressed rapeseed oil', 'canola', 'rape oil'],
    per100: { fat: 100 },
    acts: { pH: 7, lab: [88, -3, 25], scattering: 0.1 },
    measures: { density: 0.915 }, contains: ['added-oil'],
  },
  {
    id: 'coconut-oil', name: 'Coconut oil', also: ['coconut fat', 'refined coconut oil', 'virgin coconut oil'],
    per100: { fat: 100 },
    acts: { fatType: 'coconut', pH: 7, lab: [94, 0, 4], scattering: 0.2 },
    measures: { density: 0.92 }, contains: ['coconut', 'added-oil'],
  },
  {
    id: 'cocoa-butter', name: 'Cocoa butter', also: ['cacao butter', 'cacao fat'],
    per100: { fat: 100 },
    acts: { fatType: 'cocoa', pH: 7, lab: [88, 0, 20], scattering: 0.2 },
    measures: { density: 0.91 }, contains: ['added-oil'], ask: ['milk'],
  },
  {
    id: 'shea-butter', name: 'Shea butter, food grade', also: ['shea fat', 'shea'],
    per100: { fat: 100 },
    acts: { fatType: 'shea', pH: 7, lab: [88, 0, 15], scattering: 0.2 },
    measures: { density: 0.91 }, contains: ['added-oil'], ask: ['tree-nut'],
  },
  {
    id: 'sunflower-oil', name: 'Sunflower oil', also: ['sunflower seed oil'],
    per100: { fat: 100 },
    acts: { pH: 7, lab: [88, -3, 25], scattering: 0.1 },
    measures: { density: 0.915 }, contains: ['sunflower', 'added-oil'],
  },
  {
    id: 'peanut-oil', name: 'Peanut oil', also: ['groundnut oil', 'arachis oil'],
    per100: { fat: 100 },
    acts: { pH: 7, lab: [84, -3, 38], scattering: 0.1 },
    measures: { density: 0.912 }, contains: ['peanut', 'added-oil'],
  },
  {
    id: 'sesame-oil', name: 'Sesame oil, toasted', also: ['toasted sesame oil', 'dark sesame oil'],
    per100: { fat: 100 },
    acts: { pH: 7, lab: [66, 4, 52], scattering: 0.1, bitter: 0.3 },
    measures: { density: 0.92 }, contains: ['sesame', 'added-oil'],
  },
  {
    id: 'walnut-oil', name: 'Walnut oil', also: ['cold-pressed walnut oil'],
    per100: { fat: 100 },
    acts: { pH: 7, lab: [78, 0, 42], scattering: 0.1 },
    measures: { density: 0.92 }, contains: ['walnut', 'added-oil'], ask: ['tree-nut'],
  },
  {
    id: 'avocado-oil', name: 'Avocado oil', also: ['avocado pressed oil'],
    per100: { fat: 100 },
    acts: { fatType: 'olive', pH: 7, lab: [70, -8, 46], scattering: 0.1 },
    measures: { density: 0.915 }, contains: ['added-oil'],
  },
  {
    id: 'palm-fat', name: 'Palm fat', also: ['palm oil', 'red palm oil'],
    per100: { fat: 100 },
    acts: { fatType: 'palm', pH: 7, lab: [88, 0, 14], scattering: 0.2 },
    measures: { density: 0.92 }, contains: ['added-oil'],
  },
  {
    id: 'palm-kernel-fat', name: 'Palm kernel fat', also: ['palm kernel oil', 'kernel fat'],
    per100: { fat: 100 },
    acts: { fatType: 'palmKernel', pH: 7, lab: [92, 0, 6], scattering: 0.2 },
    measures: { density: 0.92 }, contains: ['added-oil'],
  },
  {
    id: 'shea-stearin', name: 'Shea stearin', also: ['hard shea fat', 'shea stearine'],
    per100: { fat: 100 },
    acts: { fatType: 'sheaStearin', pH: 7, lab: [92, 0, 8], scattering: 0.2 },
    measures: { density: 0.91 }, contains: ['added-oil'], ask: ['tree-nut'],
  },
  {
    id: 'flax-oil', name: 'Flax seed oil', also: ['linseed oil', 'flaxseed oil', 'flax oil'],
    per100: { fat: 100 },
    acts: { fatType: 'polyunsaturated', pH: 7, lab: [78, -2, 56], scattering: 0.1, bitter: 0.8 },
    measures: { density: 0.93 }, contains: ['flax', 'added-oil'],
  },
  {
    id: 'almond-oil', name: 'Almond oil', also: ['sweet almond oil'],
    per100: { fat: 100 },
    acts: { pH: 7, lab: [86, -2, 28], scattering: 0.1 },
    measures: { density: 0.915 }, contains: ['almond', 'added-oil'], ask: ['tree-nut'],
  },
  {
    id: 'palm-stearin', name: 'Palm stearin', also: ['hard palm fat', 'palm stearine'],
    per100: { fat: 100 },
    acts: { fatType: 'palmStearin', pH: 7, lab: [90, 0, 10], scattering: 0.2 },
    measures: { density: 0.91 }, contains: ['added-oil'],
  },
  {
    id: 'palm-olein', name: 'Palm olein', also: ['liquid palm oil', 'palm frying oil'],
    per100: { fat: 100 },
    acts: { fatType: 'palmOlein', pH: 7, lab: [88, -1, 24], scattering: 0.1 },
    measures: { density: 0.915 }, contains: ['added-oil'],
  },
  {
    id: 'interesterified-fat', name: 'Baking fat, interesterified', also: ['vegetable shortening', 'interesterified fat', 'baking fat', 'solid vegetable fat'],
    per100: { fat: 100 },
    acts: { fatType: 'interesterified', pH: 7, lab: [94, 0, 5], scattering: 0.3 },
    measures: { density: 0.9 }, contains: ['added-oil'], ask: ['soya', 'coconut'],
  },
  {
    id: 'soya-lecithin', name: 'Soya lecithin', also: ['lecithin', 'lecithin granules', 'liquid lecithin'],
    per100: { fat: 96, water: 1 },
    acts: { pH: 7, lab: [60, 12, 50], scattering: 0.1, bitter: 1, surfactant: 0.6 },
    measures: { density: 1.03 }, contains: ['soya'],
  },
]);
