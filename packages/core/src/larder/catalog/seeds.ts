import { shelfOf } from '../define.js';

/** g per 100 g as used; generic types, rounded. @source S-05a */
export const seeds = shelfOf('seeds', { role: 'body', source: 'S-05a' }, [
  {
    id: 'sunflower-seed', name: 'Sunflower seeds', also: ['sunflower kernels', 'sunflower hearts'],
    per100: { water: 5, fat: 50, protein: 20.5, sugars: 3, starch: { nut: 0.5 }, fibre: 8, glutamate: 0.05, oligo: 7 },
    acts: { solubleProtein: 0.25, pH: 6.4, bufferMmol: 9, particleSizeUm: 4000, hardness: 0.6, soakSoftening: 0.55, boilSoftening: 0.45, lab: [70, 1, 12], scattering: 0.8, bitter: 1, emulsifying: 0.3 },
    measures: { density: 0.58 }, contains: ['sunflower'], ask: ['tree-nut', 'peanut', 'sesame'],
  },
  {
    id: 'hemp-seed', name: 'Hemp seeds, hulled', also: ['hemp hearts', 'hulled hemp', 'shelled hemp seeds', 'hemp'],
    per100: { water: 5, fat: 48, protein: 31, sugars: 1.5, fibre: 4, oligo: 4 },
    acts: { fatType: 'polyunsaturated', solubleProtein: 0.3, pH: 6.3, bufferMmol: 14, particleSizeUm: 2000, hardness: 0.22, proteinVolume: 2.6, soakSoftening: 0.7, boilSoftening: 0.6, lab: [76, -3, 18], scattering: 0.8, bitter: 0.6, emulsifying: 0.3, isoelectricPh: 5 },
    measures: { density: 0.64 }, contains: ['hemp'], ask: ['tree-nut', 'sesame', 'peanut'],
  },
  {
    id: 'flax-seed-ground', name: 'Flax seed, ground', also: ['linseed', 'flax meal', 'linseed meal', 'flax seeds', 'ground flax', 'flaxseed', 'milled linseed', 'flaxseed meal'], role: 'thickener',
    per100: { water: 7, fat: 42, protein: 18, sugars: 1.5, fibre: 17, gums: { mucilage: 7 }, oligo: 4 },
    acts: { fatType: 'polyunsaturated', solubleProtein: 0.3, pH: 6.2, bufferMmol: 6, particleSizeUm: 400, hardness: 0.9, soakSoftening: 0.8, boilSoftening: 0.7, lab: [52, 6, 18], scattering: 0.5, tint: 1.4, bitter: 1, emulsifying: 0.4 },
    measures: { density: 0.47 }, contains: ['flax'], ask: ['sesame', 'wheat', 'tree-nut'],
  },
  {
    id: 'tahini', name: 'Sesame paste', also: ['tahini', 'ground sesame', 'tahina', 'sesame seed paste', 'sesame butter'],
    per100: { water: 2, fat: 57, protein: 20, sugars: 0.5, fibre: 7, oligo: 6 },
    acts: { solubleProtein: 0.2, pH: 6.2, bufferMmol: 10, particleSizeUm: 40, hardness: 0.5, lab: [72, 4, 25], scattering: 1, bitter: 2, emulsifying: 0.2, oilContinuous: true, proteinVolume: 4, cellWallSwelling: 0.6 },
    measures: { density: 1 }, contains: ['sesame'], ask: ['tree-nut', 'peanut'],
  },
  {
    id: 'pumpkin-seed', name: 'Pumpkin seeds, hulled', also: ['pepitas', 'pumpkin kernels', 'pumpkin seeds', 'pepita'],
    per100: { water: 5, fat: 49, protein: 30, sugars: 1.4, starch: { nut: 1.5 }, fibre: 6, glutamate: 0.05 },
    acts: { solubleProtein: 0.25, pH: 6.4, bufferMmol: 16, particleSizeUm: 4000, hardness: 0.55, soakSoftening: 0.55, boilSoftening: 0.45, lab: [60, -4, 26], scattering: 0.8, bitter: 0.6, emulsifying: 0.3 },
    measures: { density: 0.54 }, contains: ['pumpkin-seed'], ask: ['tree-nut', 'peanut', 'sesame'],
  },
  {
    id: 'sesame-seed', name: 'Sesame seeds, hulled', also: ['benne', 'sesame seeds', 'sesame'],
    per100: { water: 4.5, fat: 50, protein: 18, sugars: 0.4, starch: { nut: 0.3 }, fibre: 11.5, glutamate: 0.05, oligo: 5 },
    acts: { solubleProtein: 0.25, pH: 6.4, bufferMmol: 9, particleSizeUm: 1800, hardness: 0.7, soakSoftening: 0.55, boilSoftening: 0.45, lab: [78, 3, 22], scattering: 0.8, bitter: 2, emulsifying: 0.3 },
    measures: { density: 0.6 }, contains: ['sesame'], ask: ['tree-nut', 'peanut'],
  },
  {
    id: 'chia-seed', name: 'Chia seeds', also: ['chia'], role: 'thickener',
    per100: { water: 6, fat: 31, protein: 17, sugars: 0.5, fibre: 29, gums: { mucilage: 5 }, oligo: 6 },
    acts: { fatType: 'polyunsaturated', solubleProtein: 0.3, pH: 6.2, bufferMmol: 6, particleSizeUm: 1500, hardness: 0.8, soakSoftening: 0.8, boilSoftening: 0.7, lab: [48, 3, 12], scattering: 0.5, tint: 1.4, bitter: 1, emulsifying: 0.4 },
    measures: { density: 0.7 }, ask: ['sesame', 'tree-nut', 'peanut'],
  },
  {
    id: 'poppy-seed', name: 'Poppy seeds', also: ['blue poppy', 'poppy'],
    per100: { water: 6, fat: 42, protein: 18, sugars: 3, fibre: 18, glutamate: 0.05, oligo: 6 },
    acts: { solubleProtein: 0.25, pH: 6.4, bufferMmol: 9, particleSizeUm: 900, hardness: 0.6, soakSoftening: 0.55, boilSoftening: 0.45, lab: [32, 1, 4], scattering: 0.8, tint: 1.5, bitter: 0.8, emulsifying: 0.3 },
    measures: { density: 0.6 }, contains: ['poppy'], ask: ['sesame', 'tree-nut', 'peanut'],
  },
  {
    id: 'sunflower-seed-butter', name: 'Sunflower seed butter', also: ['sunflower paste', 'sunflower butter', 'sunbutter'],
    per100: { water: 1.5, fat: 55, protein: 19, sugars: 3, fibre: 8 },
    acts: { solubleProtein: 0.2, pH: 6.2, bufferMmol: 10, particleSizeUm: 40, hardness: 0.5, lab: [58, 3, 20], scattering: 1, bitter: 1.2, emulsifying: 0.2, oilContinuous: true, proteinVolume: 4, cellWallSwelling: 0.6 },
    measures: { density: 1.05 }, contains: ['sunflower'], ask: ['tree-nut', 'peanut', 'sesame'],
  },
  {
    id: 'pumpkin-seed-butter', name: 'Pumpkin seed butter', also: ['pumpkin seed paste', 'pepita butter', 'pumpkin butter', 'pumpkin seed spread'],
    per100: { water: 2, fat: 49, protein: 30, sugars: 1.4, fibre: 7 },
    acts: { solubleProtein: 0.2, pH: 6.2, bufferMmol: 15, particleSizeUm: 40, hardness: 0.5, lab: [42, -6, 24], scattering: 1, bitter: 1, emulsifying: 0.2, oilContinuous: true, proteinVolume: 4, cellWallSwelling: 0.6 },
    measures: { density: 1.05 }, contains: ['pumpkin-seed'], ask: ['tree-nut', 'peanut', 'sesame'],
  },
]);
