import { shelfOf } from '../define.js';

/** g per 100 g as used; generic types, rounded. @source S-05g */
export const savory = shelfOf('savory', { role: 'savory', source: 'S-05g' }, [
  {
    id: 'tomato-dried', name: 'Tomatoes, dried', also: ['sun-dried tomatoes'],
    per100: { water: 15, fat: 2.5, protein: 13, sugars: 37, fibre: 8, gums: { pectin: 4 }, salt: 3.5, citric: 3.5, malic: 0.6, glutamate: 0.9, aspartate: 0.3, gmp: 0.008, amp: 0.02 },
    acts: { solubleProtein: 0.3, particles: 'vegetable', pH: 4.1, bufferMmol: 8, particleSizeUm: 12000, hardness: 0.5, soakSoftening: 0.5, boilSoftening: 0.3, lab: [36, 32, 28], tint: 1.7, cellWallSwelling: 0.35 },
    measures: { density: 0.23, pieces: { piece: 3 } }, contains: ['tomato'], ask: ['sulphite'],
  },
  {
    id: 'tomato-paste', name: 'Tomato paste', also: ['tomato concentrate', 'tomato purée'],
    per100: { water: 74, fat: 0.4, protein: 4.2, sugars: 12, fibre: 2.7, gums: { pectin: 1.6 }, salt: 0.15, citric: 1.9, malic: 0.2, glutamate: 0.65, aspartate: 0.2, amp: 0.02 },
    acts: { solubleProtein: 0.3, particles: 'vegetable', pH: 4.3, bufferMmol: 3, particleSizeUm: 250, hardness: 0.05, lab: [34, 36, 30], tint: 1.7, cellWallSwelling: 0.48 },
    measures: { density: 1.09, pieces: { can: 140 } }, contains: ['tomato'],
  },
  {
    id: 'vegetable-stock', name: 'Vegetable stock', also: ['broth', 'bouillon'], role: 'liquid',
    per100: { water: 98, protein: 0.3, sugars: 0.4, salt: 0.8, glutamate: 0.04 },
    acts: { solubleProtein: 1, pH: 6, lab: [72, 4, 35], scattering: 0.05, tint: 0.3 },
    measures: { density: 1 }, contains: ['celery', 'allium'], ask: ['wheat', 'barley', 'soya', 'mustard'],
  },
  {
    id: 'rice-miso', name: 'Light miso, rice', also: ['white miso', 'shiro miso'],
    per100: { water: 44.4, fat: 6, protein: 12, sugars: 14, starch: { rice: 8 }, fibre: 4, salt: 10.5, lactic: 0.4, glutamate: 0.45, aspartate: 0.2 },
    acts: { solubleProtein: 0.5, pregelatinized: 1, particles: 'legume', pH: 5.1, bufferMmol: 3, particleSizeUm: 150, hardness: 0.1, lab: [52, 9, 32], scattering: 0.4, tint: 1.4 },
    measures: { density: 1.15 }, contains: ['soya', 'rice'], ask: ['barley', 'wheat'],
  },
  {
    id: 'nutritional-yeast', name: 'Nutritional yeast', also: ['yeast flakes', 'savory yeast flakes'],
    per100: { water: 5, fat: 5, protein: 50, sugars: 3, fibre: 14, salt: 0.3, glutamate: 1.5, aspartate: 0.25, gmp: 0.03, amp: 0.05 },
    acts: { solubleProtein: 0.15, particles: 'yeast', pH: 5.9, bufferMmol: 30, particleSizeUm: 300, hardness: 0.1, soakSoftening: 0.5, boilSoftening: 0.3, lab: [70, 6, 52], scattering: 0.5, tint: 1.2, bitter: 0.4 },
    measures: { density: 0.28 }, contains: ['yeast'],
  },
  {
    id: 'soy-sauce', name: 'Soy sauce', also: ['soya sauce', 'shoyu'],
    per100: { water: 66, protein: 8, sugars: 3, salt: 15, lactic: 0.8, alcohol: 2, glutamate: 0.95, aspartate: 0.3, gmp: 0.001 },
    acts: { solubleProtein: 1, pH: 4.8, bufferMmol: 3, lab: [15, 10, 12], scattering: 0.05, tint: 4 },
    measures: { density: 1.15 }, contains: ['soya', 'wheat'], ask: ['sulphite'],
  },
  {
    id: 'mustard', name: 'Mustard, smooth', also: ['prepared mustard'],
    per100: { water: 80.6, fat: 4, protein: 4, sugars: 3, fibre: 3, gums: { mucilage: 0.3 }, salt: 3, acetic: 2 },
    acts: { solubleProtein: 0.3, particles: 'vegetable', pH: 3.6, bufferMmol: 3, particleSizeUm: 100, hardness: 0.3, lab: [62, 8, 60], scattering: 0.4, tint: 1.5, pungent: 6, emulsifying: 0.6, cellWallSwelling: 0.15 },
    measures: { density: 1.04 }, contains: ['mustard'], ask: ['sulphite', 'wheat'],
  },
  {
    id: 'garlic', name: 'Garlic', also: ['fresh garlic'],
    per100: { water: 60, protein: 6, sugars: 1, fibre: 1.5, glutamate: 0.1 },
    acts: { solubleProtein: 0.5, particles: 'vegetable', pH: 6, particleSizeUm: 3000, hardness: 0.4, lab: [84, -2, 16], pungent: 8 },
    measures: { density: 0.57, pieces: { clove: 4 } }, contains: ['allium'],
  },
  {
    id: 'msg', name: 'Monosodium glutamate', also: ['msg', 'flavour powder'],
    per100: { glutamate: 78.2 },
    acts: { pH: 7, scattering: 0 },
    measures: { density: 0.85 },
  },
  {
    id: 'shiitake-dried', name: 'Shiitake, dried and ground', also: ['dried mushroom powder'],
    per100: { water: 9, protein: 9, sugars: 14, fibre: 11, glutamate: 1.06, gmp: 0.15, amp: 0.03 },
    acts: { solubleProtein: 0.3, particles: 'vegetable', pH: 6, bufferMmol: 6, particleSizeUm: 200, hardness: 0.6, lab: [45, 6, 20], tint: 1.3, cellWallSwelling: 0.2 },
    measures: { density: 0.3, pieces: { piece: 4 } }, contains: ['mushroom'], ask: ['sulphite'],
  },
  {
    id: 'garlic-roasted', name: 'Garlic, roasted', also: ['baked garlic'],
    per100: { water: 56, protein: 7, sugars: 3, fibre: 1.5, glutamate: 0.1 },
    acts: { solubleProtein: 0.5, particles: 'vegetable', pH: 6, particleSizeUm: 3000, hardness: 0.05, lab: [70, 6, 32], pungent: 0.8 },
    measures: { density: 1, pieces: { clove: 3 } }, contains: ['allium'],
  },
  {
    id: 'barley-miso', name: 'Light miso, barley', also: ['mugi miso'],
    per100: { water: 45.5, fat: 6, protein: 12, sugars: 12, starch: { wheat: 7 }, fibre: 4, salt: 9.5, lactic: 0.4, glutamate: 0.45, aspartate: 0.2 },
    acts: { solubleProtein: 0.5, pregelatinized: 1, particles: 'legume', pH: 5.1, bufferMmol: 3, particleSizeUm: 150, hardness: 0.1, lab: [56, 9, 32], scattering: 0.4, tint: 1.4 },
    measures: { density: 1.15 }, contains: ['soya', 'barley'], ask: ['wheat'],
  },
  {
    id: 'chickpea-miso', name: 'Chickpea miso', also: ['soya-free miso'],
    per100: { water: 46, fat: 6, protein: 9, sugars: 14, starch: { rice: 9 }, fibre: 4, salt: 9, lactic: 0.4, glutamate: 0.3, aspartate: 0.1 },
    acts: { solubleProtein: 0.5, pregelatinized: 1, particles: 'legume', pH: 5.1, bufferMmol: 3, particleSizeUm: 150, hardness: 0.1, lab: [68, 6, 32], scattering: 0.4, tint: 1.4 },
    measures: { density: 1.15 }, contains: ['chickpea', 'rice'], ask: ['soya', 'barley'],
  },
  {
    id: 'tamari', name: 'Soy sauce without wheat', also: ['tamari', 'wheat-free soy sauce'],
    per100: { water: 66, protein: 10, sugars: 3, salt: 15.5, lactic: 0.8, alcohol: 1, glutamate: 1.1, aspartate: 0.3, gmp: 0.001 },
    acts: { solubleProtein: 1, pH: 4.8, bufferMmol: 3, lab: [15, 10, 12], scattering: 0.05, tint: 4 },
    measures: { density: 1.17 }, contains: ['soya'], ask: ['wheat'],
  },
  {
    id: 'coconut-seasoning', name: 'Coconut sap seasoning', also: ['coconut aminos', 'soya-free seasoning sauce'],
    per100: { water: 68, protein: 1, sugars: 17, salt: 8, lactic: 0.3, glutamate: 0.25, aspartate: 0.05 },
    acts: { solubleProtein: 1, pH: 4.8, bufferMmol: 1, lab: [15, 10, 12], scattering: 0.05, tint: 4 },
    measures: { density: 1.18 }, contains: ['coconut'],
  },
  {
    id: 'yeast-extract', name: 'Yeast extract spread', also: ['savory yeast paste'],
    per100: { water: 36, fat: 0.5, protein: 26, sugars: 10, fibre: 6, salt: 9.5, glutamate: 4.5, aspartate: 0.6, gmp: 0.02, amp: 0.03 },
    acts: { solubleProtein: 0.8, particles: 'yeast', pH: 5.5, bufferMmol: 30, hardness: 0.1, soakSoftening: 0.5, boilSoftening: 0.3, lab: [22, 14, 16], scattering: 0.5, tint: 3, bitter: 0.4 },
    measures: { density: 1.25 }, contains: ['yeast', 'barley'], ask: ['celery', 'wheat', 'oats', 'rye'],
  },
  {
    id: 'porcini-dried', name: 'Porcini, dried and ground', also: ['cep powder'],
    per100: { water: 9, protein: 9, sugars: 14, fibre: 11, glutamate: 0.6, gmp: 0.07, amp: 0.04 },
    acts: { solubleProtein: 0.3, particles: 'vegetable', pH: 6, bufferMmol: 6, particleSizeUm: 200, hardness: 0.6, lab: [46, 6, 22], tint: 1.3, cellWallSwelling: 0.2 },
    measures: { density: 0.3 }, contains: ['mushroom'], ask: ['sulphite'],
  },
  {
    id: 'stock-powder', name: 'Vegetable stock powder', also: ['bouillon powder', 'stock cube'],
    per100: { water: 4, fat: 8, protein: 9, sugars: 15, starch: { corn: 6 }, salt: 48, glutamate: 6 },
    acts: { solubleProtein: 1, pregelatinized: 1, pH: 6, lab: [60, 6, 42], scattering: 0.05, tint: 1.5 },
    measures: { density: 0.8, pieces: { piece: 10 } }, contains: ['celery', 'allium'], ask: ['wheat', 'barley', 'soya', 'mustard', 'milk'],
  },
  {
    id: 'smoke-water', name: 'Smoke essence', also: ['liquid smoke'],
    per100: { water: 98, acetic: 0.6 },
    acts: { pH: 3.5, lab: [38, 14, 28], scattering: 0.05, bitter: 0.8 },
    measures: { density: 1.02 },
  },
  {
    id: 'mustard-coarse', name: 'Mustard, coarse-grained', also: ['wholegrain mustard'],
    per100: { water: 64.5, fat: 10, protein: 7, sugars: 6, fibre: 7, gums: { mucilage: 0.3 }, salt: 3, acetic: 2 },
    acts: { solubleProtein: 0.3, particles: 'vegetable', pH: 3.6, bufferMmol: 3, particleSizeUm: 1200, hardness: 0.3, lab: [62, 8, 60], scattering: 0.4, tint: 1.5, pungent: 5, emulsifying: 0.6, cellWallSwelling: 0.15 },
    measures: { density: 1.05 }, contains: ['mustard'], ask: ['sulphite', 'wheat'],
  },
  {
    id: 'olives', name: 'Olives, pitted', also: ['table olives'],
    per100: { water: 45, fat: 14, protein: 2, sugars: 2, fibre: 4, gums: { pectin: 1.6 }, salt: 6, citric: 0.1, malic: 0.1, glutamate: 0.05 },
    acts: { fatType: 'olive', solubleProtein: 0.3, particles: 'vegetable', pH: 4.5, bufferMmol: 3, particleSizeUm: 4000, hardness: 0.05, lab: [40, -4, 18], tint: 1.7, cellWallSwelling: 0.3 },
    measures: { density: 0.6, pieces: { piece: 3.5 } }, ask: ['sulphite'],
  },
  {
    id: 'capers', name: 'Capers in brine',
    per100: { water: 84, fat: 0.9, protein: 2.4, sugars: 0.4, fibre: 3, gums: { pectin: 0.6 }, salt: 6, citric: 0.05, acetic: 0.5, malic: 0.15, glutamate: 0.03 },
    acts: { solubleProtein: 0.5, particles: 'vegetable', pH: 4, bufferMmol: 0.7, particleSizeUm: 5000, hardness: 0.4, boilSoftening: 0.1, lab: [44, -8, 22], pungent: 1 },
    measures: { density: 0.58 }, ask: ['sulphite'],
  },
]);
