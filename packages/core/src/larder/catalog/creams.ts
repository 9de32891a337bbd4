import { shelfOf } from '../define.js';

/** g per 100 g as used; generic types, rounded. @source S-05e */
export const creams = shelfOf('creams', { role: 'liquid', source: 'S-05e' }, [
  {
    id: 'coconut-milk', name: 'Coconut milk, canned', also: ['coconut milk', 'tinned coconut milk', 'full-fat coconut milk'],
    per100: { water: 72.5, fat: 20, protein: 2, sugars: 2.8, fibre: 0.5, gums: { guar: 0.04 }, salt: 0.04 },
    acts: { fatType: 'coconut', solubleProtein: 0.5, pH: 6, bufferMmol: 1, lab: [93, -1, 4], scattering: 1.4, emulsifying: 0.3, coagulation: 0.1 },
    measures: { density: 0.98, pieces: { can: 400 } }, contains: ['coconut'], ask: ['sulphite'],
  },
  {
    id: 'coconut-cream', name: 'Coconut cream', also: ['thick coconut milk', 'creamed coconut milk'],
    per100: { water: 60, fat: 31, protein: 3, sugars: 3.5, fibre: 0.8, gums: { guar: 0.05 }, salt: 0.04 },
    acts: { fatType: 'coconut', solubleProtein: 0.5, pH: 6, bufferMmol: 1, lab: [94, -1, 4], scattering: 1.6, emulsifying: 0.3, coagulation: 0.1 },
    measures: { density: 0.99, pieces: { can: 400 } }, contains: ['coconut'], ask: ['sulphite'],
  },
  {
    id: 'soya-cream', name: 'Soya cooking cream', also: ['soy cream', 'soy creamer', 'vegan single cream', 'soya single cream'],
    per100: { water: 79, fat: 16.5, protein: 2.5, sugars: 0.9, fibre: 0.3, gums: { xanthan: 0.05, guar: 0.05 }, salt: 0.05, glutamate: 0.01, calciumMg: 25 },
    acts: { solubleProtein: 0.9, particles: 'legume', pH: 6.8, bufferMmol: 1.1, lab: [90, 0, 13], scattering: 1.3, bitter: 0.5, emulsifying: 0.7, coagulation: 1 },
    measures: { density: 1 }, contains: ['soya', 'added-oil'],
  },
  {
    id: 'oat-cream', name: 'Oat cooking cream', also: ['oat cream', 'oat creamer', 'oat single cream'],
    per100: { water: 78, fat: 13, protein: 1.2, sugars: 4, starch: { oat: 0.6 }, fibre: 0.2, gums: { betaGlucan: 0.1, xanthan: 0.08 }, salt: 0.1, calciumMg: 20 },
    acts: { sugarKind: 'maltose', solubleProtein: 0.6, pregelatinized: 1, particles: 'flour', pH: 6.8, bufferMmol: 0.4, lab: [89, 0, 11], scattering: 1.2, emulsifying: 0.6, coagulation: 0.15 },
    measures: { density: 1.01 }, contains: ['oat', 'added-oil'], ask: ['wheat', 'barley'],
  },
  {
    id: 'rice-coconut-cream', name: 'Rice and coconut cooking cream', also: ['rice cream', 'rice cooking cream'],
    per100: { water: 80, fat: 15, protein: 0.6, sugars: 2, starch: { rice: 1.2 }, fibre: 0.2, gums: { xanthan: 0.1 }, salt: 0.1, calciumMg: 5 },
    acts: { sugarKind: 'maltose', fatType: 'coconut', solubleProtein: 0.6, pregelatinized: 1, particles: 'flour', pH: 6.8, bufferMmol: 0.4, lab: [93, 0, 6], scattering: 1.3, emulsifying: 0.6, coagulation: 0.15 },
    measures: { density: 1.01 }, contains: ['rice', 'coconut', 'added-oil'],
  },
]);
