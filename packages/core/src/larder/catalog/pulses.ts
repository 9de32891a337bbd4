import { shelfOf } from '../define.js';

/** g per 100 g as used; generic types, rounded. @source S-05b */
export const pulses = shelfOf('pulses', { role: 'body', source: 'S-05b' }, [
  {
    id: 'red-lentil-dry', name: 'Red lentils, dry', also: ['split red lentils', 'masoor', 'red lentils', 'masoor dal', 'dried red lentils'],
    per100: { water: 9, fat: 2, protein: 24.5, sugars: 2.5, starch: { legume: 48 }, fibre: 9, gums: { pectin: 1 }, glutamate: 0.08 },
    acts: { solubleProtein: 0.45, cellEnclosed: 0.88, particles: 'legume', pH: 6.4, bufferMmol: 7, particleSizeUm: 4000, hardness: 0.8, boilSoftening: 0.08, lab: [64, 14, 36], scattering: 0.6, tint: 1.1, heatSetProtein: 0.25 },
    measures: { density: 0.8 }, contains: ['lentil'], ask: ['wheat', 'mustard'],
  },
  {
    id: 'chickpea-boiled', name: 'Chickpeas, boiled', also: ['garbanzo beans', 'cooked chickpeas', 'boiled chickpeas', 'chick peas'],
    per100: { water: 62, fat: 2.6, protein: 8.9, sugars: 1.5, starch: { legume: 15 }, fibre: 6, gums: { pectin: 0.5 }, glutamate: 0.05 },
    acts: { solubleProtein: 0.2, pregelatinized: 1, cellEnclosed: 0.952, particles: 'legume', pH: 6.3, bufferMmol: 4, particleSizeUm: 9000, hardness: 0.25, lab: [72, 5, 26], scattering: 0.7 },
    measures: { density: 0.7 }, contains: ['chickpea'],
  },
  {
    id: 'mung-sediment', name: 'Mung protein sediment', also: ['settled mung milk', 'mung curd', 'mung bean protein', 'mung egg base'],
    per100: { water: 80, fat: 0.3, protein: 12, sugars: 1, starch: { legume: 3.5 }, fibre: 0.6 },
    acts: { solubleProtein: 0.75, particles: 'legume', pH: 6.4, bufferMmol: 2, particleSizeUm: 30, hardness: 0.1, lab: [80, 0, 20], scattering: 0.7, bitter: 0.5, emulsifying: 0.5, heatSetProtein: 0.9, coagulation: 0.7 },
    measures: { density: 1.05 }, contains: ['mung'],
  },
  {
    id: 'chickpea-flour', name: 'Chickpea flour', also: ['gram flour', 'besan', 'garbanzo flour', 'chana flour', 'channa flour'], role: 'thickener',
    per100: { water: 10, fat: 6.5, protein: 22, sugars: 6, starch: { legume: 43 }, fibre: 8, gums: { pectin: 1 }, glutamate: 0.1 },
    acts: { solubleProtein: 0.55, particles: 'legume', bufferMmol: 5, particleSizeUm: 90, hardness: 0.5, lab: [82, 4, 35], scattering: 0.6, tint: 1.1, bitter: 1.2, emulsifying: 0.4, heatSetProtein: 0.8, coagulation: 0.5, isoelectricPh: 4.5 },
    measures: { density: 0.38 }, contains: ['chickpea'], ask: ['wheat'],
  },
  {
    id: 'white-bean-boiled', name: 'White beans, boiled', also: ['cannellini', 'haricot', 'navy beans', 'cannellini beans', 'haricot beans', 'great northern beans', 'cooked white beans'],
    per100: { water: 66, fat: 0.6, protein: 8.5, sugars: 0.5, starch: { legume: 16 }, fibre: 5.8, gums: { pectin: 0.5 }, glutamate: 0.05 },
    acts: { solubleProtein: 0.2, pregelatinized: 1, cellEnclosed: 0.952, particles: 'legume', pH: 6.3, bufferMmol: 4.5, particleSizeUm: 9000, hardness: 0.25, lab: [84, 1, 16], scattering: 0.7 },
    measures: { density: 0.75 }, contains: ['bean'],
  },
  {
    id: 'white-bean-canned', name: 'White beans, canned, drained', also: ['cannellini', 'tinned white beans', 'canned white beans', 'canned cannellini beans', 'tinned cannellini beans', 'can of white beans'],
    per100: { water: 70, fat: 0.5, protein: 7, sugars: 0.5, starch: { legume: 14 }, fibre: 5.2, gums: { pectin: 0.5 }, salt: 0.55, glutamate: 0.05 },
    acts: { solubleProtein: 0.2, pregelatinized: 1, cellEnclosed: 0.952, particles: 'legume', pH: 6.3, bufferMmol: 4, particleSizeUm: 9000, hardness: 0.25, lab: [84, 1, 16], scattering: 0.7 },
    measures: { density: 0.75, pieces: { can: 240 } }, contains: ['bean'], ask: ['sulphite'],
  },
  {
    id: 'butter-bean-boiled', name: 'Butter beans, boiled', also: ['lima beans', 'cooked butter beans', 'gigantes'],
    per100: { water: 69, fat: 0.4, protein: 7.8, sugars: 1.2, starch: { legume: 15 }, fibre: 5, gums: { pectin: 0.5 }, glutamate: 0.05 },
    acts: { solubleProtein: 0.2, pregelatinized: 1, cellEnclosed: 0.952, particles: 'legume', pH: 6.3, bufferMmol: 4, particleSizeUm: 9000, hardness: 0.25, lab: [86, 0, 15], scattering: 0.7 },
    measures: { density: 0.75, pieces: { can: 235 } }, contains: ['bean'],
  },
  {
    id: 'chickpea-canned', name: 'Chickpeas, canned, drained', also: ['garbanzo beans', 'tinned chickpeas', 'chickpeas', 'canned chickpeas', 'can of chickpeas', 'canned garbanzo beans'],
    per100: { water: 67, fat: 2.5, protein: 7.5, sugars: 1, starch: { legume: 13 }, fibre: 5.5, gums: { pectin: 0.5 }, salt: 0.5, glutamate: 0.05 },
    acts: { solubleProtein: 0.2, pregelatinized: 1, cellEnclosed: 0.952, particles: 'legume', pH: 6.3, bufferMmol: 4, particleSizeUm: 9000, hardness: 0.25, lab: [72, 5, 26], scattering: 0.7 },
    measures: { density: 0.7, pieces: { can: 240 } }, contains: ['chickpea'], ask: ['sulphite'],
  },
  {
    id: 'green-lentil-boiled', name: 'Green lentils, boiled', also: ['brown lentils', 'green lentils', 'puy lentils', 'cooked lentils'],
    per100: { water: 69.5, fat: 0.4, protein: 9, sugars: 1.8, starch: { legume: 14 }, fibre: 4.5, gums: { pectin: 0.5 }, glutamate: 0.05 },
    acts: { solubleProtein: 0.2, pregelatinized: 1, cellEnclosed: 0.952, particles: 'legume', pH: 6.3, bufferMmol: 4, particleSizeUm: 9000, hardness: 0.25, lab: [46, 4, 20], scattering: 0.7, tint: 1.2 },
    measures: { density: 0.82, pieces: { can: 240 } }, contains: ['lentil'],
  },
  {
    id: 'split-pea-dry', name: 'Yellow split peas, dry', also: ['split peas', 'chana-like peas', 'yellow split peas', 'chana dal', 'toor dal'],
    per100: { water: 10, fat: 1.5, protein: 23.5, sugars: 5, starch: { legume: 46 }, fibre: 9, gums: { pectin: 1 }, glutamate: 0.08 },
    acts: { solubleProtein: 0.45, cellEnclosed: 0.88, particles: 'legume', pH: 6.4, bufferMmol: 7, particleSizeUm: 5000, hardness: 0.8, boilSoftening: 0.08, lab: [78, -2, 40], scattering: 0.6, tint: 1.1, heatSetProtein: 0.25 },
    measures: { density: 0.82 }, contains: ['pea'], ask: ['wheat', 'mustard'],
  },
  {
    id: 'mung-dry', name: 'Mung beans, split, dry', also: ['moong dal', 'mung beans', 'split mung beans', 'mung dal'],
    per100: { water: 9.5, fat: 1.2, protein: 24, sugars: 4.5, starch: { legume: 45 }, fibre: 8, gums: { pectin: 1 }, glutamate: 0.08, oligo: 4 },
    acts: { solubleProtein: 0.45, cellEnclosed: 0.88, particles: 'legume', pH: 6.4, bufferMmol: 7, particleSizeUm: 4000, hardness: 0.8, boilSoftening: 0.08, lab: [76, -2, 36], scattering: 0.6, tint: 1.1, heatSetProtein: 0.25 },
    measures: { density: 0.83 }, contains: ['mung'], ask: ['wheat'],
  },
  {
    id: 'green-pea', name: 'Green peas', also: ['garden peas', 'frozen peas', 'peas', 'petits pois', 'english peas'],
    per100: { water: 79, fat: 0.5, protein: 5.4, sugars: 5.6, starch: { legume: 2.8 }, fibre: 4.3, gums: { pectin: 0.5 }, citric: 0.1, malic: 0.1, glutamate: 0.05 },
    acts: { solubleProtein: 0.4, cellEnclosed: 0.8, particles: 'legume', pH: 6.8, bufferMmol: 1.6, particleSizeUm: 7000, hardness: 0.3, boilSoftening: 0.2, lab: [52, -26, 40], scattering: 0.6, tint: 1.4 },
    measures: { density: 0.6 }, contains: ['pea'],
  },
  {
    id: 'lupin-flour', name: 'Lupin flour', also: ['sweet lupin meal', 'lupine flour', 'lupini flour'], role: 'thickener',
    per100: { water: 9, fat: 7, protein: 40, sugars: 5, starch: { legume: 1 }, fibre: 30, glutamate: 0.1, oligo: 4 },
    acts: { solubleProtein: 0.5, particles: 'legume', bufferMmol: 5, particleSizeUm: 90, hardness: 0.5, lab: [84, 2, 42], scattering: 0.6, tint: 1.1, bitter: 1.6, emulsifying: 0.4, heatSetProtein: 0.8, coagulation: 0.5, isoelectricPh: 4.5 },
    measures: { density: 0.4 }, contains: ['lupin'], ask: ['wheat', 'soya'],
  },
  {
    id: 'red-lentil-flour', name: 'Red lentil flour', also: ['ground lentils', 'lentil flour'], role: 'thickener',
    per100: { water: 9, fat: 1.5, protein: 24, sugars: 3, starch: { legume: 47 }, fibre: 9, gums: { pectin: 1 }, glutamate: 0.1 },
    acts: { solubleProtein: 0.55, particles: 'legume', bufferMmol: 5, particleSizeUm: 90, hardness: 0.5, lab: [74, 12, 36], scattering: 0.6, tint: 1.1, bitter: 1.2, emulsifying: 0.4, heatSetProtein: 0.8, coagulation: 0.5, isoelectricPh: 4.5 },
    measures: { density: 0.5 }, contains: ['lentil'], ask: ['wheat'],
  },
  {
    id: 'pea-flour', name: 'Yellow pea flour', also: ['ground split peas', 'split pea flour'], role: 'thickener',
    per100: { water: 9, fat: 1.5, protein: 25, sugars: 4, starch: { legume: 44 }, fibre: 9, gums: { pectin: 1 }, glutamate: 0.1 },
    acts: { solubleProtein: 0.55, particles: 'legume', bufferMmol: 5, particleSizeUm: 90, hardness: 0.5, lab: [82, -2, 32], scattering: 0.6, tint: 1.1, bitter: 1.6, emulsifying: 0.4, heatSetProtein: 0.8, coagulation: 0.5, isoelectricPh: 4.5 },
    measures: { density: 0.5 }, contains: ['pea'], ask: ['wheat'],
  },
  {
    id: 'pea-protein', name: 'Pea protein powder', also: ['pea protein isolate', 'pea protein'], role: 'thickener',
    per100: { water: 6, fat: 6, protein: 80, sugars: 1, starch: { legume: 0.5 }, fibre: 3, salt: 2, glutamate: 0.1 },
    acts: { solubleProtein: 0.5, particles: 'legume', pH: 7, bufferMmol: 5, particleSizeUm: 60, hardness: 0.5, lab: [80, 3, 22], scattering: 0.6, tint: 1.1, bitter: 2, emulsifying: 0.4, heatSetProtein: 0.6, coagulation: 0.6 },
    measures: { density: 0.4 }, contains: ['pea'], ask: ['soya'],
  },
  {
    id: 'chickpea-water', name: 'Chickpea cooking water', also: ['aquafaba', 'bean water', 'chickpea water', 'chickpea liquid', 'chickpea brine'], role: 'liquid',
    per100: { water: 94, fat: 0.1, protein: 1.2, sugars: 1, starch: { legume: 0.8 }, salt: 0.02, glutamate: 0.01, calciumMg: 10 },
    acts: { solubleProtein: 0.9, pregelatinized: 1, particles: 'legume', pH: 6.3, bufferMmol: 1.1, lab: [82, 1, 22], scattering: 0.2, bitter: 0.5, emulsifying: 0.7, coagulation: 0.2 },
    measures: { density: 1.02 }, contains: ['chickpea'],
  },
  {
    id: 'red-lentil-boiled', name: 'Red lentils, boiled to a mush', also: ['cooked red lentils', 'dal', 'daal', 'dhal', 'cooked masoor'],
    per100: { water: 70, fat: 0.5, protein: 8.5, sugars: 1, starch: { legume: 16 }, fibre: 3, gums: { pectin: 0.4 }, glutamate: 0.03 },
    acts: { solubleProtein: 0.2, pregelatinized: 1, cellEnclosed: 0.88, particles: 'legume', pH: 6.3, bufferMmol: 2.5, particleSizeUm: 2000, hardness: 0.04, lab: [68, 14, 40], scattering: 0.6, tint: 1.1 },
    measures: { density: 0.95 }, contains: ['lentil'],
  },
  {
    id: 'kidney-bean-boiled', name: 'Kidney beans, boiled', also: ['red beans', 'kidney beans', 'red kidney beans'],
    per100: { water: 67, fat: 0.5, protein: 8.7, sugars: 0.4, starch: { legume: 15.5 }, fibre: 6, gums: { pectin: 0.5 }, glutamate: 0.05 },
    acts: { solubleProtein: 0.2, pregelatinized: 1, cellEnclosed: 0.952, particles: 'legume', pH: 6.3, bufferMmol: 4.5, particleSizeUm: 9000, hardness: 0.25, lab: [34, 20, 14], scattering: 0.7, tint: 1.6 },
    measures: { density: 0.74, pieces: { can: 240 } }, contains: ['bean'],
  },
  {
    id: 'broad-bean-flour', name: 'Broad bean flour', also: ['fava bean flour', 'faba flour', 'fava flour'], role: 'thickener',
    per100: { water: 10, fat: 1.7, protein: 27, sugars: 4, starch: { legume: 41 }, fibre: 10, gums: { pectin: 1 }, glutamate: 0.1 },
    acts: { solubleProtein: 0.55, particles: 'legume', bufferMmol: 5, particleSizeUm: 90, hardness: 0.5, lab: [82, 1, 22], scattering: 0.6, bitter: 1.6, emulsifying: 0.4, heatSetProtein: 0.8, coagulation: 0.5, isoelectricPh: 4.5 },
    measures: { density: 0.5 }, contains: ['bean'], ask: ['wheat'],
  },
]);
