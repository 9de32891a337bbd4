import { shelfOf } from '../define.js';

/** g per 100 g as used; generic types, rounded. @source S-05d */
export const grains = shelfOf('grains', { role: 'thickener', source: 'S-05d' }, [
  {
    id: 'wheat-flour', name: 'Wheat flour', also: ['plain flour', 'white flour', 'all-purpose flour', 'flour', 'AP flour', 'cake flour'],
    per100: { water: 12.5, fat: 1.1, protein: 10.5, sugars: 1, starch: { wheat: 70 }, fibre: 2.4 },
    acts: { solubleProtein: 0.15, particles: 'flour', pH: 6.1, bufferMmol: 2, particleSizeUm: 70, hardness: 0.3, lab: [90, 0, 10], scattering: 0.6, isoelectricPh: 6 },
    measures: { density: 0.52 }, contains: ['wheat'], ask: ['soya', 'barley', 'lupin'],
  },
  {
    id: 'rice-flour', name: 'Rice flour', also: ['ground rice', 'white rice flour'],
    per100: { water: 12, fat: 1, protein: 6.5, starch: { rice: 78 }, fibre: 1.5 },
    acts: { solubleProtein: 0.1, particles: 'flour', pH: 6.3, particleSizeUm: 90, hardness: 0.5, lab: [93, 0, 5], scattering: 0.5 },
    measures: { density: 0.66 }, contains: ['rice'],
  },
  {
    id: 'glutinous-rice-flour', name: 'Glutinous rice flour', also: ['waxy rice flour', 'sweet rice flour', 'mochi flour', 'sticky rice flour', 'mochiko'],
    per100: { water: 12, fat: 0.8, protein: 6.5, starch: { waxyrice: 79 }, fibre: 0.8 },
    acts: { solubleProtein: 0.1, particles: 'flour', pH: 6.3, particleSizeUm: 60, hardness: 0.4, lab: [94, 0, 4], scattering: 0.4 },
    measures: { density: 0.6 }, contains: ['rice'],
  },
  {
    id: 'oat-flakes', name: 'Oat flakes', also: ['rolled oats', 'porridge oats', 'oats', 'oatmeal', 'old-fashioned oats', 'quick oats', 'jumbo oats'],
    per100: { water: 10, fat: 7, protein: 13, sugars: 1, starch: { oat: 57 }, fibre: 5, gums: { betaGlucan: 4 } },
    acts: { solubleProtein: 0.15, particles: 'flour', pH: 6.1, bufferMmol: 2, particleSizeUm: 5000, hardness: 0.5, boilSoftening: 0.3, lab: [82, 2, 18], scattering: 0.6, isoelectricPh: 6 },
    measures: { density: 0.38 }, contains: ['oat'], ask: ['wheat', 'barley', 'rye'],
  },
  {
    id: 'oat-flakes-gluten-free', name: 'Oat flakes, sold as gluten-free', also: ['gluten-free oats', 'GF oats'],
    per100: { water: 10, fat: 7, protein: 13, sugars: 1, starch: { oat: 57 }, fibre: 5, gums: { betaGlucan: 4 } },
    acts: { solubleProtein: 0.15, particles: 'flour', pH: 6.1, bufferMmol: 2, particleSizeUm: 5000, hardness: 0.5, boilSoftening: 0.3, lab: [82, 2, 18], scattering: 0.6, isoelectricPh: 6 },
    measures: { density: 0.38 }, contains: ['oat-gluten-free'],
  },
  {
    id: 'rice-cooked', name: 'Rice, cooked', also: ['boiled rice', 'cooked rice', 'white rice'], role: 'body',
    per100: { water: 68, fat: 0.3, protein: 2.6, starch: { rice: 28 }, fibre: 0.4 },
    acts: { solubleProtein: 0.1, pregelatinized: 1, cellEnclosed: 0.5, particles: 'flour', pH: 6.3, particleSizeUm: 5000, hardness: 0.15, lab: [94, 0, 4], scattering: 0.5 },
    measures: { density: 0.75 }, contains: ['rice'],
  },
  {
    id: 'spelt-flour', name: 'Spelt flour', also: ['dinkel flour', 'spelt'],
    per100: { water: 12, fat: 2.3, protein: 13, sugars: 1, starch: { wheat: 62 }, fibre: 5 },
    acts: { solubleProtein: 0.15, particles: 'flour', pH: 6.1, bufferMmol: 2, particleSizeUm: 70, hardness: 0.3, lab: [82, 3, 16], scattering: 0.6, isoelectricPh: 6 },
    measures: { density: 0.5 }, contains: ['spelt'], ask: ['wheat'],
  },
  {
    id: 'rye-flour', name: 'Rye flour', also: ['rye'],
    per100: { water: 12, fat: 1.5, protein: 9, sugars: 1, starch: { wheat: 62 }, fibre: 8 },
    acts: { solubleProtein: 0.15, particles: 'flour', pH: 6.1, bufferMmol: 2, particleSizeUm: 70, hardness: 0.3, lab: [80, 2, 13], scattering: 0.6, isoelectricPh: 6 },
    measures: { density: 0.48 }, contains: ['rye'], ask: ['wheat', 'barley'],
  },
  {
    id: 'buckwheat-flour', name: 'Buckwheat flour', also: ['buckwheat'],
    per100: { water: 12, fat: 2.5, protein: 11, sugars: 1, starch: { wheat: 66 }, fibre: 3 },
    acts: { solubleProtein: 0.15, particles: 'flour', pH: 6.1, bufferMmol: 2, particleSizeUm: 70, hardness: 0.3, lab: [76, 2, 10], scattering: 0.6, isoelectricPh: 6 },
    measures: { density: 0.5 }, contains: ['buckwheat'], ask: ['wheat'],
  },
  {
    id: 'maize-meal', name: 'Maize meal', also: ['polenta', 'cornmeal', 'corn meal', 'yellow cornmeal'],
    per100: { water: 12, fat: 2.5, protein: 7.5, sugars: 1, starch: { corn: 70 }, fibre: 3 },
    acts: { solubleProtein: 0.15, particles: 'flour', pH: 6.1, bufferMmol: 2, particleSizeUm: 400, hardness: 0.7, lab: [84, 4, 46], scattering: 0.6, isoelectricPh: 6 },
    measures: { density: 0.65 }, contains: ['maize'], ask: ['wheat'],
  },
  {
    id: 'oat-flour', name: 'Oat flour', also: ['ground oats', 'fine oatmeal'],
    per100: { water: 10, fat: 7, protein: 13, sugars: 1, starch: { oat: 57 }, fibre: 5, gums: { betaGlucan: 4 } },
    acts: { solubleProtein: 0.15, particles: 'flour', pH: 6.1, bufferMmol: 2, particleSizeUm: 150, hardness: 0.4, lab: [84, 2, 16], scattering: 0.6, isoelectricPh: 6 },
    measures: { density: 0.42 }, contains: ['oat'], ask: ['wheat', 'barley', 'rye'],
  },
  {
    id: 'millet-flour', name: 'Millet flour', also: ['millet'],
    per100: { water: 10, fat: 4, protein: 11, sugars: 1, starch: { corn: 67 }, fibre: 4 },
    acts: { solubleProtein: 0.15, particles: 'flour', pH: 6.3, bufferMmol: 2, particleSizeUm: 100, hardness: 0.5, lab: [84, 2, 24], scattering: 0.6 },
    measures: { density: 0.55 }, ask: ['wheat'],
  },
  {
    id: 'cassava-flour', name: 'Cassava flour, whole root', also: ['manioc flour', 'yuca flour', 'cassava flour'],
    per100: { water: 10, fat: 0.5, protein: 1.5, sugars: 3, starch: { tapioca: 77 }, fibre: 5 },
    acts: { solubleProtein: 0.2, particles: 'flour', pH: 6.1, particleSizeUm: 120, hardness: 0.4, lab: [92, 0, 8], scattering: 0.5 },
    measures: { density: 0.55 }, ask: ['sulphite'],
  },
  {
    id: 'wheat-flour-wholemeal', name: 'Wheat flour, wholemeal', also: ['whole wheat flour', 'wholemeal flour', 'wholewheat flour', 'graham flour'],
    per100: { water: 12, fat: 2.2, protein: 12.5, sugars: 1, starch: { wheat: 59 }, fibre: 9 },
    acts: { solubleProtein: 0.15, particles: 'flour', pH: 6.3, bufferMmol: 5, particleSizeUm: 200, hardness: 0.5, lab: [76, 4, 18], scattering: 0.6, isoelectricPh: 6 },
    measures: { density: 0.5 }, contains: ['wheat'], ask: ['soya', 'barley', 'lupin'],
  },
  {
    id: 'rice-dry', name: 'Rice, white, dry', also: ['dry rice', 'raw rice', 'uncooked rice', 'dried rice'], role: 'body',
    per100: { water: 12.5, fat: 0.7, protein: 7, sugars: 0.2, starch: { rice: 78 }, fibre: 0.6 },
    acts: { solubleProtein: 0.1, cellEnclosed: 0.5, particles: 'flour', pH: 6.4, particleSizeUm: 5000, hardness: 1, soakSoftening: 0.6, boilSoftening: 0.1, lab: [94, 0, 4], scattering: 0.5 },
    measures: { density: 0.85 }, contains: ['rice'],
  },
]);
