import { shelfOf } from '../define.js';

/** g per 100 g as used; generic types, rounded. @source S-05i */
export const bought = shelfOf('bought', { role: 'body', source: 'S-05i' }, [
  {
    id: 'chickpea-dip', name: 'Chickpea dip, bought', also: ['hummus', 'houmous', 'humus', 'chickpea spread'],
    per100: { water: 65, fat: 11, protein: 7, sugars: 1, starch: { legume: 9 }, fibre: 4.5, gums: { pectin: 0.3 }, salt: 1, citric: 0.35, glutamate: 0.05 },
    acts: { solubleProtein: 0.15, pregelatinized: 1, cellEnclosed: 0.95, particles: 'legume', pH: 5, bufferMmol: 2, particleSizeUm: 90, hardness: 0.2, lab: [78, 4, 22], scattering: 0.9, pungent: 0.6, emulsifying: 0.3 },
    measures: { density: 1.02 }, contains: ['chickpea', 'sesame', 'citrus', 'allium', 'added-oil'], ask: ['sulphite', 'mustard'],
  },
  {
    id: 'plant-butter-block', name: 'Plant butter block, bought', also: ['vegan butter', 'margarine block', 'vegan butter block', 'vegan margarine', 'dairy-free butter', 'baking block', 'stick margarine'], role: 'fat',
    per100: { water: 18, fat: 79, protein: 0.3, salt: 1.3 },
    acts: { fatType: 'plantButter', solubleProtein: 0.5, pH: 5, lab: [88, -1, 30], emulsifying: 0.3, oilContinuous: true },
    measures: { density: 0.94, pieces: { block: 250 } }, contains: ['added-oil'], ask: ['soya', 'milk', 'coconut', 'tree-nut', 'pea'],
  },
  {
    id: 'mayonnaise-egg', name: 'Mayonnaise with egg', also: ['egg mayonnaise', 'real mayonnaise'],
    per100: { water: 19, fat: 76, protein: 1, sugars: 1.3, salt: 1.3, acetic: 0.3 },
    acts: { solubleProtein: 0.9, pH: 3.8, lab: [85, 0, 20], scattering: 1.3, emulsifying: 1, stableEmulsion: true },
    measures: { density: 0.93 }, contains: ['egg', 'added-oil'], ask: ['mustard', 'sulphite', 'milk'],
  },
  {
    id: 'breadcrumbs-wheat', name: 'Breadcrumbs, wheat', also: ['dry breadcrumbs', 'breadcrumbs', 'bread crumbs', 'panko'], role: 'seasoning',
    per100: { water: 8, fat: 3, protein: 12.5, sugars: 4, starch: { wheat: 66 }, fibre: 4, salt: 1.3 },
    acts: { solubleProtein: 0.15, pregelatinized: 0.9, cellEnclosed: 0.95, particles: 'flour', pH: 6.1, bufferMmol: 2, particleSizeUm: 1500, hardness: 0.3, lab: [76, 6, 26], scattering: 0.6, isoelectricPh: 6 },
    measures: { density: 0.45 }, contains: ['wheat', 'yeast'], ask: ['soya', 'sesame', 'milk', 'barley', 'egg', 'rye'],
  },
  {
    id: 'mayonnaise-egg-free', name: 'Mayonnaise without egg', also: ['vegan mayo', 'vegan mayonnaise', 'eggless mayonnaise', 'plant mayonnaise'],
    per100: { water: 24, fat: 70, protein: 0.5, sugars: 1.3, starch: { corn: 1 }, gums: { xanthan: 0.15 }, salt: 1.3, acetic: 0.3 },
    acts: { solubleProtein: 0.9, pregelatinized: 1, pH: 3.8, lab: [85, 0, 20], scattering: 1.3, emulsifying: 0.9, stableEmulsion: true },
    measures: { density: 0.93 }, contains: ['added-oil'], ask: ['mustard', 'soya', 'pea', 'sulphite', 'milk'],
  },
  {
    id: 'plant-shreds', name: 'Plant cheese shreds, bought', also: ['vegan grated cheese', 'bought shreds', 'vegan cheese', 'vegan shreds', 'dairy-free cheese', 'plant cheese'],
    per100: { water: 50, fat: 22, protein: 0.5, sugars: 0.3, starch: { potato: 20 }, fibre: 0.5, salt: 2, lactic: 0.3 },
    acts: { fatType: 'coconut', solubleProtein: 0.5, pregelatinized: 0.4, pH: 5, particleSizeUm: 8000, hardness: 0.1, lab: [86, 3, 34], emulsifying: 0.3 },
    measures: { density: 0.45 }, contains: ['coconut', 'added-oil'], ask: ['soya', 'milk', 'pea', 'oat', 'tree-nut'],
  },
  {
    id: 'plant-shreds-tapioca', name: 'Plant cheese shreds, tapioca and coconut, bought', also: ['melting plant shreds', 'tapioca cheese shreds'],
    per100: { water: 51, fat: 21, protein: 0.3, sugars: 0.5, starch: { tapioca: 21 }, fibre: 1, salt: 1.8, lactic: 0.3 },
    acts: { fatType: 'coconut', solubleProtein: 0.5, pregelatinized: 0.4, pH: 5, particleSizeUm: 8000, hardness: 0.1, lab: [88, 2, 28], emulsifying: 0.3 },
    measures: { density: 0.45 }, contains: ['coconut', 'added-oil'], ask: ['soya', 'milk', 'pea', 'oat', 'tree-nut'],
  },
  {
    id: 'plant-butter-tub', name: 'Plant spread, tub, bought', also: ['soft margarine', 'margarine', 'vegan spread', 'dairy-free spread', 'soft spread'], role: 'fat',
    per100: { water: 37, fat: 60, protein: 0.2, salt: 1 },
    acts: { fatType: 'plantButter', solubleProtein: 0.5, pH: 5, lab: [88, -1, 28], emulsifying: 0.3, oilContinuous: true },
    measures: { density: 0.95, pieces: { block: 250 } }, contains: ['added-oil'], ask: ['soya', 'milk', 'coconut', 'sunflower', 'pea'],
  },
  {
    id: 'plant-cream-cheese', name: 'Plant cream cheese, almond, bought', also: ['vegan fresh cheese', 'vegan cream cheese', 'almond cream cheese', 'dairy-free cream cheese'],
    per100: { water: 63, fat: 24, protein: 5.5, sugars: 1, starch: { nut: 1 }, fibre: 3, gums: { locustBean: 0.3 }, salt: 0.9, lactic: 0.8 },
    acts: { fatType: 'coconut', solubleProtein: 0.1, pH: 4.6, bufferMmol: 2, particleSizeUm: 30, hardness: 0.1, lab: [92, 0, 9], scattering: 1, emulsifying: 0.3 },
    measures: { density: 0.98 }, contains: ['almond', 'coconut', 'added-oil'], ask: ['tree-nut', 'soya', 'milk', 'oat', 'pea'],
  },
  {
    id: 'coconut-yogurt', name: 'Coconut yogurt, plain', also: ['cultured coconut', 'coconut yoghurt', 'plant yogurt', 'dairy-free yogurt'],
    per100: { water: 74, fat: 16, protein: 1.4, sugars: 2, starch: { tapioca: 4 }, fibre: 0.5, gums: { pectin: 0.3 }, salt: 0.05, lactic: 0.6 },
    acts: { fatType: 'coconut', solubleProtein: 0.4, pregelatinized: 1, pH: 4.3, bufferMmol: 0.8, lab: [94, 0, 4], scattering: 1.2, emulsifying: 0.3 },
    measures: { density: 1 }, contains: ['coconut'], ask: ['soya', 'almond', 'tree-nut'],
  },
  {
    id: 'wheat-noodles-cooked', name: 'Wheat noodles, cooked', also: ['wheat pasta', 'macaroni', 'spaghetti', 'cooked wheat pasta'],
    per100: { water: 63, fat: 0.7, protein: 5.5, sugars: 0.6, starch: { wheat: 27.5 }, fibre: 1.8 },
    acts: { solubleProtein: 0.05, pregelatinized: 1, cellEnclosed: 0.97, particles: 'flour', pH: 6.2, bufferMmol: 1, particleSizeUm: 20000, hardness: 0.3, lab: [86, 1, 20], scattering: 0.5 },
    measures: { density: 0.58 }, contains: ['wheat'], ask: ['egg', 'soya'],
  },
  {
    id: 'rice-noodles-cooked', name: 'Rice noodles, cooked', also: ['rice pasta', 'cooked rice pasta'],
    per100: { water: 73, fat: 0.2, protein: 1.8, starch: { rice: 23.5 }, fibre: 1 },
    acts: { solubleProtein: 0.05, pregelatinized: 1, cellEnclosed: 0.97, particles: 'flour', pH: 6.2, bufferMmol: 0.5, particleSizeUm: 20000, hardness: 0.25, lab: [92, 0, 8], scattering: 0.4 },
    measures: { density: 0.58 }, contains: ['rice'], ask: ['wheat'],
  },
  {
    id: 'pulse-noodles-cooked', name: 'Pulse noodles, cooked', also: ['chickpea pasta', 'lentil pasta', 'pea pasta', 'cooked chickpea pasta'],
    per100: { water: 60, fat: 1.5, protein: 12, sugars: 1, starch: { legume: 19 }, fibre: 5 },
    acts: { solubleProtein: 0.1, pregelatinized: 1, cellEnclosed: 0.95, particles: 'legume', pH: 6.4, bufferMmol: 2, particleSizeUm: 20000, hardness: 0.3, lab: [74, 6, 34], scattering: 0.5 },
    measures: { density: 0.6 }, contains: ['pulse'], ask: ['wheat', 'soya', 'mustard'],
  },
]);
