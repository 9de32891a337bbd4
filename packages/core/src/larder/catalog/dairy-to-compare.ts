import { shelfOf } from '../define.js';

/** g per 100 g as used; generic types, rounded. @source S-05j */
export const dairyToCompare = shelfOf('dairy to compare', { role: 'body', source: 'S-05j' }, [
  {
    id: 'cow-milk', name: 'Cow’s milk, whole', also: ['dairy milk', 'whole milk', 'full-cream milk'], role: 'liquid',
    per100: { water: 87.7, fat: 3.5, protein: 3.3, sugars: 4.8, salt: 0.1, citric: 0.17, calciumMg: 120 },
    acts: { sugarKind: 'lactose', fatType: 'butterfat', solubleProtein: 0.85, pH: 6.7, bufferMmol: 2.4, lab: [92, -2, 7], scattering: 1, emulsifying: 0.5, coagulation: 0.25 },
    measures: { density: 1.03 }, contains: ['cow-milk'],
  },
  {
    id: 'dairy-cream', name: 'Dairy cream, 36 % fat', also: ['whipping cream', 'heavy cream', 'double cream', 'single cream'], role: 'liquid',
    per100: { water: 58.2, fat: 36, protein: 2.1, sugars: 3, salt: 0.07, calciumMg: 65 },
    acts: { sugarKind: 'lactose', fatType: 'butterfat', solubleProtein: 0.8, pH: 6.6, bufferMmol: 1.2, lab: [92, -1, 10], scattering: 1.5, emulsifying: 0.6, coagulation: 0.1 },
    measures: { density: 1 }, contains: ['cow-milk'],
  },
  {
    id: 'butter', name: 'Butter, salted', also: ['dairy butter', 'salted butter', 'butter'], role: 'fat',
    per100: { water: 16, fat: 81, protein: 0.9, sugars: 0.1, salt: 1.2, calciumMg: 20 },
    acts: { sugarKind: 'lactose', fatType: 'butterfat', solubleProtein: 0.5, pH: 6.3, lab: [86, 0, 35], oilContinuous: true },
    measures: { density: 0.95 }, contains: ['cow-milk'],
  },
  {
    id: 'hard-cheese-cow', name: 'Hard cheese, cow’s milk', also: ['cheddar-type cheese', 'hard cheese', 'aged cheese', 'mature cheese'],
    per100: { water: 37, fat: 34, protein: 24, sugars: 0.2, salt: 1.8, lactic: 1, glutamate: 0.3, calciumMg: 720 },
    acts: { sugarKind: 'lactose', fatType: 'butterfat', solubleProtein: 0.05, particles: 'curd', pH: 5.3, bufferMmol: 20, particleSizeUm: 8000, hardness: 0.15, lab: [78, 6, 48], scattering: 1, emulsifying: 0.5, proteinVolume: 3 },
    measures: { density: 0.45 }, contains: ['cow-milk'], ask: ['egg'],
  },
  {
    id: 'goat-cheese', name: 'Fresh cheese, goat’s milk', also: ['chèvre', 'goats cheese', 'goat cheese'],
    per100: { water: 55, fat: 23, protein: 16, sugars: 1, salt: 1.5, lactic: 1, glutamate: 0.1, calciumMg: 150 },
    acts: { sugarKind: 'lactose', fatType: 'butterfat', solubleProtein: 0.05, particles: 'curd', pH: 4.6, bufferMmol: 10, particleSizeUm: 8000, hardness: 0.08, lab: [94, 0, 8], scattering: 1, emulsifying: 0.5 },
    measures: { density: 0.9 }, contains: ['goat-milk'], ask: ['cow-milk'],
  },
  {
    id: 'sheep-cheese', name: 'Brined cheese, sheep’s milk', also: ['feta-type cheese', 'sheep cheese', 'salad cheese'],
    per100: { water: 54, fat: 22, protein: 15, sugars: 0.8, salt: 3, lactic: 1, glutamate: 0.15, calciumMg: 450 },
    acts: { sugarKind: 'lactose', fatType: 'butterfat', solubleProtein: 0.05, particles: 'curd', pH: 4.6, bufferMmol: 12, particleSizeUm: 8000, hardness: 0.1, lab: [94, 0, 8], scattering: 1, emulsifying: 0.5 },
    measures: { density: 0.6 }, contains: ['sheep-milk'], ask: ['goat-milk', 'cow-milk'],
  },
  {
    id: 'cream-cheese-cow', name: 'Fresh cream cheese, cow’s milk', also: ['cream cheese', 'soft cheese'],
    per100: { water: 55, fat: 33, protein: 6, sugars: 3.5, salt: 0.8, lactic: 0.6, calciumMg: 95 },
    acts: { sugarKind: 'lactose', fatType: 'butterfat', solubleProtein: 0.1, particles: 'curd', pH: 4.7, bufferMmol: 2.4, particleSizeUm: 20, lab: [93, 0, 10], scattering: 1, emulsifying: 0.5, proteinVolume: 8.5 },
    measures: { density: 0.97 }, contains: ['cow-milk'],
  },
  {
    id: 'yogurt-cow', name: 'Yogurt, cow’s milk', also: ['yoghurt', 'plain yogurt', 'natural yogurt'],
    per100: { water: 87.5, fat: 3.5, protein: 3.8, sugars: 4, salt: 0.1, citric: 0.1, lactic: 0.9, calciumMg: 125 },
    acts: { sugarKind: 'lactose', fatType: 'butterfat', solubleProtein: 0.3, particles: 'curd', pH: 4.4, bufferMmol: 2.4, particleSizeUm: 20, lab: [93, -1, 8], scattering: 1, emulsifying: 0.5, proteinVolume: 13, coagulation: 0.9, cultured: true },
    measures: { density: 1.03 }, contains: ['cow-milk'],
  },
  {
    id: 'ghee', name: 'Clarified butter', also: ['ghee', 'butterfat'], role: 'fat',
    per100: { water: 0.3, fat: 99.5, protein: 0.1, sugars: 0.1, calciumMg: 20 },
    acts: { sugarKind: 'lactose', fatType: 'butterfat', solubleProtein: 0.5, pH: 6.3, lab: [82, 2, 50], oilContinuous: true },
    measures: { density: 0.91 }, contains: ['cow-milk'],
  },
]);
