import { shelfOf } from '../define.js';

/** g per 100 g as used; generic types, rounded. @source S-05e */
export const plantMilks = shelfOf('plant milks', { role: 'liquid', source: 'S-05e' }, [
  {
    id: 'soya-drink', name: 'Soya drink, salted', also: ['salted soy milk', 'salted soya milk'],
    per100: { water: 91.5, fat: 1.9, protein: 3.5, sugars: 1.2, fibre: 0.3, salt: 0.08, glutamate: 0.01, calciumMg: 25 },
    acts: { solubleProtein: 0.9, particles: 'legume', pH: 6.9, bufferMmol: 1.1, lab: [87, 0, 13], scattering: 0.9, bitter: 0.5, emulsifying: 0.5, coagulation: 1 },
    measures: { density: 1.03 }, contains: ['soya'],
  },
  {
    id: 'soya-drink-plain', name: 'Soya drink, plain', also: ['soy milk', 'soya milk', 'soy milk, unsweetened', 'plain soy milk', 'unsweetened soy milk', 'soya', 'soy beverage'],
    per100: { water: 91.5, fat: 1.9, protein: 3.5, sugars: 1.2, fibre: 0.3, salt: 0.02, glutamate: 0.01, calciumMg: 25 },
    acts: { solubleProtein: 0.9, particles: 'legume', pH: 6.8, bufferMmol: 1.1, lab: [87, 0, 13], scattering: 0.9, bitter: 0.5, emulsifying: 0.5, coagulation: 1 },
    measures: { density: 1.03 }, contains: ['soya'],
  },
  {
    id: 'almond-drink', name: 'Almond drink, unsweetened', also: ['almond milk', 'almond beverage'],
    per100: { water: 97, fat: 1.2, protein: 0.5, sugars: 0.3, fibre: 0.2, gums: { gellan: 0.02, locustBean: 0.015 }, salt: 0.15, calciumMg: 150 },
    acts: { solubleProtein: 0.6, pH: 7.2, bufferMmol: 0.2, lab: [90, 0, 8], scattering: 0.6, emulsifying: 0.3, coagulation: 0.6, isoelectricPh: 4.8 },
    measures: { density: 1.01 }, contains: ['almond'], ask: ['tree-nut', 'soya', 'added-sugar'],
  },
  {
    id: 'almond-cashew-drink', name: 'Almond and cashew drink', also: ['almond cashew milk', 'almond and cashew milk'],
    per100: { water: 96.5, fat: 1.5, protein: 0.6, sugars: 0.4, starch: { nut: 0.25 }, fibre: 0.2, gums: { gellan: 0.02, locustBean: 0.015 }, salt: 0.15, calciumMg: 150 },
    acts: { solubleProtein: 0.6, pH: 7, bufferMmol: 0.2, lab: [90, 0, 8], scattering: 0.6, emulsifying: 0.3, coagulation: 0.5, isoelectricPh: 4.8 },
    measures: { density: 1.01 }, contains: ['almond', 'cashew'], ask: ['tree-nut', 'soya', 'added-sugar'],
  },
  {
    id: 'cashew-drink', name: 'Cashew milk, home-made', also: ['cashew milk', 'homemade cashew milk', 'nut milk'],
    per100: { water: 89.5, fat: 4.5, protein: 1.8, sugars: 0.7, starch: { nut: 2.3 }, fibre: 0.3, salt: 0.02 },
    acts: { solubleProtein: 0.35, pH: 6.4, bufferMmol: 0.4, particleSizeUm: 30, hardness: 0.2, lab: [90, 0, 10], scattering: 0.8, emulsifying: 0.3, coagulation: 0.4, isoelectricPh: 4.7 },
    measures: { density: 1.02 }, contains: ['cashew'], ask: ['tree-nut'],
  },
  {
    id: 'oat-drink', name: 'Oat drink, unsweetened', also: ['oat milk', 'oat beverage', 'barista oat milk'],
    per100: { water: 89.5, fat: 1.5, protein: 1, sugars: 4.8, starch: { oat: 0.12 }, fibre: 0.2, gums: { betaGlucan: 0.08, gellan: 0.01 }, salt: 0.1, calciumMg: 120 },
    acts: { sugarKind: 'maltose', solubleProtein: 0.6, pregelatinized: 1, particles: 'flour', pH: 6.8, bufferMmol: 0.4, lab: [86, 0, 11], scattering: 0.6, emulsifying: 0.3, coagulation: 0.15 },
    measures: { density: 1.03 }, contains: ['oat'], ask: ['wheat', 'barley', 'added-oil'],
  },
  {
    id: 'water', name: 'Water', also: ['tap water', 'cooking water', 'boiling water', 'cold water'],
    per100: { water: 100 },
    acts: { pH: 7.2, bufferMmol: 0.05, lab: [95, 0, 0], scattering: 0 },
    measures: { density: 1 },
  },
  {
    id: 'soya-drink-sweetened', name: 'Soya drink, sweetened', also: ['sweet soy milk', 'sweetened soy milk'],
    per100: { water: 89.5, fat: 1.9, protein: 3.2, sugars: 3.4, fibre: 0.3, salt: 0.02, glutamate: 0.01, calciumMg: 25 },
    acts: { sugarKind: 'sucrose', solubleProtein: 0.9, particles: 'legume', pH: 6.8, bufferMmol: 1.1, lab: [87, 0, 13], scattering: 0.9, bitter: 0.5, emulsifying: 0.5, coagulation: 1 },
    measures: { density: 1.04 }, contains: ['soya', 'added-sugar'],
  },
  {
    id: 'oat-drink-gluten-free', name: 'Oat drink, sold as gluten-free', also: ['gluten-free oat milk', 'GF oat milk'],
    per100: { water: 89.5, fat: 1.5, protein: 1, sugars: 4.8, starch: { oat: 0.12 }, fibre: 0.2, gums: { betaGlucan: 0.08, gellan: 0.01 }, salt: 0.1, calciumMg: 120 },
    acts: { sugarKind: 'maltose', solubleProtein: 0.6, pregelatinized: 1, particles: 'flour', pH: 6.8, bufferMmol: 0.4, lab: [86, 0, 11], scattering: 0.6, emulsifying: 0.3, coagulation: 0.15 },
    measures: { density: 1.03 }, contains: ['oat-gluten-free'],
  },
  {
    id: 'rice-drink', name: 'Rice drink', also: ['rice milk', 'rice beverage'],
    per100: { water: 88.5, fat: 1, protein: 0.3, sugars: 5.5, dextrin: 3.3, fibre: 0.2, gums: { gellan: 0.01 }, salt: 0.1, calciumMg: 110 },
    acts: { sugarKind: 'maltose', solubleProtein: 0.6, pregelatinized: 1, particles: 'flour', pH: 6.8, bufferMmol: 0.4, lab: [90, 0, 6], scattering: 0.6, emulsifying: 0.3 },
    measures: { density: 1.03 }, contains: ['rice'], ask: ['sunflower'],
  },
  {
    id: 'coconut-drink', name: 'Coconut drink', also: ['coconut beverage', 'carton coconut milk', 'coconut milk drink'],
    per100: { water: 95, fat: 2, protein: 0.2, sugars: 1.8, fibre: 0.2, gums: { gellan: 0.02, locustBean: 0.015 }, salt: 0.15, calciumMg: 100 },
    acts: { fatType: 'coconut', solubleProtein: 0.6, pH: 7.2, bufferMmol: 0.2, lab: [94, 0, 3], scattering: 0.6, emulsifying: 0.3, coagulation: 0.1, isoelectricPh: 4.8 },
    measures: { density: 1.01 }, contains: ['coconut'], ask: ['sulphite'],
  },
  {
    id: 'pea-drink', name: 'Pea drink', also: ['pea milk', 'pea protein milk'],
    per100: { water: 92.5, fat: 2.2, protein: 3, sugars: 0.2, fibre: 0.2, gums: { gellan: 0.02, locustBean: 0.015 }, salt: 0.15, calciumMg: 120 },
    acts: { solubleProtein: 0.6, pH: 7.2, bufferMmol: 1.2, lab: [86, 1, 13], scattering: 0.6, emulsifying: 0.3, coagulation: 0.7, isoelectricPh: 4.8 },
    measures: { density: 1.03 }, contains: ['pea', 'added-oil'], ask: ['soya'],
  },
  {
    id: 'hemp-drink', name: 'Hemp drink', also: ['hemp milk', 'hemp seed milk'],
    per100: { water: 95.5, fat: 2.8, protein: 0.6, sugars: 0.2, fibre: 0.2, gums: { gellan: 0.02, locustBean: 0.015 }, salt: 0.15, calciumMg: 150 },
    acts: { solubleProtein: 0.6, pH: 7.2, bufferMmol: 0.2, lab: [86, -1, 10], scattering: 0.6, emulsifying: 0.3, coagulation: 0.6, isoelectricPh: 4.8 },
    measures: { density: 1.01 }, contains: ['hemp'],
  },
  {
    id: 'hazelnut-drink', name: 'Hazelnut drink, sweetened', also: ['hazelnut milk', 'hazelnut beverage'],
    per100: { water: 93.5, fat: 1.7, protein: 0.5, sugars: 3.1, fibre: 0.2, gums: { gellan: 0.02, locustBean: 0.015 }, salt: 0.15, calciumMg: 150 },
    acts: { solubleProtein: 0.6, pH: 7.2, bufferMmol: 0.2, lab: [82, 2, 14], scattering: 0.6, emulsifying: 0.3, coagulation: 0.6, isoelectricPh: 4.8 },
    measures: { density: 1.02 }, contains: ['hazelnut', 'added-sugar'], ask: ['tree-nut', 'soya'],
  },
]);
