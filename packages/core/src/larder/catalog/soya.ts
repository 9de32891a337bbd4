import { shelfOf } from '../define.js';

/** g per 100 g as used; generic types, rounded. @source S-05b */
export const soya = shelfOf('soya', { role: 'body', source: 'S-05b' }, [
  {
    id: 'tofu-firm', name: 'Soya curd, firm', also: ['tofu', 'pressed tofu', 'bean curd', 'firm tofu', 'extra-firm tofu', 'beancurd', 'soy curd', 'soybean curd'],
    per100: { water: 80.5, fat: 6, protein: 11.5, sugars: 0.8, fibre: 0.6, salt: 0.03, glutamate: 0.02, calciumMg: 250 },
    acts: { solubleProtein: 0.05, particles: 'curd', pH: 6.1, bufferMmol: 2, particleSizeUm: 15000, hardness: 0.12, lab: [88, 0, 14], scattering: 0.9, bitter: 0.4, emulsifying: 0.4 },
    measures: { density: 0.95, pieces: { block: 350 } }, contains: ['soya'],
  },
  {
    id: 'tofu-silken', name: 'Soya curd, silken', also: ['silken tofu', 'soft bean curd', 'soft tofu', 'silken bean curd'],
    per100: { water: 87.5, fat: 3, protein: 6, sugars: 1, fibre: 0.2, salt: 0.03, glutamate: 0.01, calciumMg: 40 },
    acts: { solubleProtein: 0.08, particles: 'curd', pH: 6.2, bufferMmol: 1.2, particleSizeUm: 15000, hardness: 0.05, lab: [89, 0, 12], scattering: 0.9, bitter: 0.4, emulsifying: 0.4, proteinVolume: 8.5 },
    measures: { density: 1.04, pieces: { block: 300 } }, contains: ['soya'],
  },
  {
    id: 'soya-bean-boiled', name: 'Soya beans, boiled', also: ['cooked soy beans', 'soybeans', 'soy beans', 'cooked soybeans'],
    per100: { water: 63, fat: 9, protein: 17, sugars: 3, starch: { legume: 1.5 }, fibre: 5.5, glutamate: 0.05 },
    acts: { solubleProtein: 0.25, pregelatinized: 1, cellEnclosed: 0.952, particles: 'legume', pH: 6.3, bufferMmol: 4, particleSizeUm: 9000, hardness: 0.25, lab: [76, 2, 26], scattering: 0.7, emulsifying: 0.4 },
    measures: { density: 0.72 }, contains: ['soya'],
  },
  {
    id: 'tofu-smoked', name: 'Soya curd, smoked', also: ['smoked tofu', 'smoky tofu'],
    per100: { water: 70, fat: 9, protein: 16, sugars: 1, fibre: 0.6, salt: 0.9, glutamate: 0.05, calciumMg: 250 },
    acts: { solubleProtein: 0.05, particles: 'curd', pH: 6.1, bufferMmol: 2, particleSizeUm: 15000, hardness: 0.12, lab: [66, 8, 28], scattering: 0.9, bitter: 0.4, emulsifying: 0.4 },
    measures: { density: 0.95, pieces: { block: 200 } }, contains: ['soya'], ask: ['wheat'],
  },
  {
    id: 'tempeh', name: 'Tempeh', also: ['fermented soya cake', 'tempe'],
    per100: { water: 60, fat: 9, protein: 19, sugars: 2, starch: { legume: 2 }, fibre: 5, salt: 0.03, glutamate: 0.25, calciumMg: 250 },
    acts: { solubleProtein: 0.2, particles: 'legume', pH: 6.1, bufferMmol: 2, particleSizeUm: 15000, hardness: 0.3, lab: [74, 3, 22], scattering: 0.9, bitter: 0.4, emulsifying: 0.4 },
    measures: { density: 0.7, pieces: { block: 200 } }, contains: ['soya'], ask: ['wheat', 'barley', 'oat'],
  },
  {
    id: 'soya-yogurt', name: 'Soya yogurt, plain', also: ['soy yoghurt', 'cultured soya', 'soy yogurt', 'soya yoghurt', 'plain soy yogurt'],
    per100: { water: 90, fat: 2.3, protein: 4, sugars: 1.6, fibre: 0.2, gums: { pectin: 0.3 }, salt: 0.03, lactic: 0.7, glutamate: 0.01, calciumMg: 25 },
    acts: { solubleProtein: 0.2, particles: 'curd', pH: 4.4, bufferMmol: 1.2, particleSizeUm: 60, hardness: 0.02, proteinVolume: 10, coagulation: 0.85, cultured: true, lab: [89, 0, 12], scattering: 0.9, bitter: 0.4, emulsifying: 0.4 },
    measures: { density: 1.04 }, contains: ['soya'],
  },
  {
    id: 'soya-bean-dry', name: 'Soya beans, dry', also: ['dried soya beans', 'dry soybeans', 'raw soybeans'], role: 'body',
    per100: { water: 8.5, fat: 20, protein: 36.5, sugars: 7, starch: { legume: 1.5 }, fibre: 15, oligo: 5, glutamate: 0.08 },
    acts: { solubleProtein: 0.5, cellEnclosed: 0.92, particles: 'legume', pH: 6.5, bufferMmol: 9, particleSizeUm: 8000, hardness: 1, soakSoftening: 0.75, boilSoftening: 0.25, lab: [76, 2, 26], scattering: 0.7, emulsifying: 0.4, coagulation: 0.6, isoelectricPh: 4.6 },
    measures: { density: 0.75 }, contains: ['soya'],
  },
]);
