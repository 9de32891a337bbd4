import { shelfOf } from '../define.js';

/** g per 100 g as used; generic types, rounded. @source S-05g */
export const acidsAndBrines = shelfOf('acids and brines', { role: 'sour', source: 'S-05g' }, [
  {
    id: 'lemon-juice', name: 'Lemon juice', also: ['lemon', 'juice of a lemon', 'lemons', 'fresh lemon juice', 'squeezed lemon'],
    per100: { water: 91, sugars: 2, gums: { pectin: 0.1 }, citric: 5.4, malic: 0.3 },
    acts: { pH: 2.45, lab: [88, -3, 20], scattering: 0.05 },
    measures: { density: 1.02, pieces: { piece: 45, small: 30, medium: 45, large: 60 } }, contains: ['citrus'], ask: ['sulphite'],
  },
  {
    id: 'white-vinegar', name: 'White vinegar, 5 %', also: ['vinegar', 'spirit vinegar', 'distilled vinegar', 'distilled white vinegar', 'table vinegar'],
    per100: { water: 94.5, acetic: 5 },
    acts: { pH: 2.45, lab: [93, 0, 4], scattering: 0 },
    measures: { density: 1.01 },
  },
  {
    id: 'white-wine', name: 'White wine, dry', also: ['wine', 'dry white wine', 'cooking wine'],
    per100: { water: 87, sugars: 0.8, lactic: 0.15, malic: 0.35, alcohol: 10, glutamate: 0.01 },
    acts: { pH: 3.3, lab: [90, -2, 12], scattering: 0 },
    measures: { density: 0.99 }, contains: ['sulphite', 'alcohol'], ask: ['milk', 'egg', 'fish'],
  },
  {
    id: 'kraut-brine', name: 'Sauerkraut brine', also: ['fermented cabbage brine', 'sauerkraut juice', 'kraut juice'],
    per100: { water: 96, protein: 0.2, sugars: 0.3, salt: 1.8, acetic: 0.2, lactic: 1.2, glutamate: 0.03 },
    acts: { solubleProtein: 1, pH: 3.5, lab: [85, -2, 15], scattering: 0.05 },
    measures: { density: 1.02 }, ask: ['sulphite'],
  },
  {
    id: 'lime-juice', name: 'Lime juice', also: ['lime', 'juice of a lime', 'limes', 'fresh lime juice'],
    per100: { water: 90.5, sugars: 1.7, gums: { pectin: 0.1 }, citric: 5.6, malic: 0.3 },
    acts: { pH: 2.4, lab: [86, -6, 22], scattering: 0.05 },
    measures: { density: 1.02, pieces: { piece: 30, medium: 30 } }, contains: ['citrus'], ask: ['sulphite'],
  },
  {
    id: 'orange-juice', name: 'Orange juice', also: ['orange', 'oranges'],
    per100: { water: 88.5, sugars: 8.5, gums: { pectin: 0.1 }, citric: 1, malic: 0.1 },
    acts: { pH: 3.7, lab: [78, 8, 56], scattering: 0.05 },
    measures: { density: 1.04, pieces: { piece: 80, medium: 80 } }, contains: ['citrus'],
  },
  {
    id: 'cider-vinegar', name: 'Cider vinegar, 5 %', also: ['apple cider vinegar', 'cider vinegar', 'ACV'],
    per100: { water: 94, sugars: 0.4, acetic: 5 },
    acts: { pH: 3.1, lab: [78, 3, 32], scattering: 0 },
    measures: { density: 1.01 }, ask: ['sulphite'],
  },
  {
    id: 'wine-vinegar', name: 'White wine vinegar, 6 %', also: ['wine vinegar', 'white wine vinegar'],
    per100: { water: 92.5, sugars: 0.3, acetic: 6 },
    acts: { pH: 2.9, lab: [86, 0, 14], scattering: 0 },
    measures: { density: 1.01 }, contains: ['sulphite'], ask: ['egg'],
  },
  {
    id: 'rice-vinegar', name: 'Rice vinegar', also: ['rice wine vinegar'],
    per100: { water: 94, sugars: 0.6, acetic: 4.3 },
    acts: { pH: 2.8, lab: [93, 0, 4], scattering: 0 },
    measures: { density: 1.01 }, contains: ['rice'], ask: ['wheat', 'barley', 'sulphite'],
  },
  {
    id: 'malt-vinegar', name: 'Malt vinegar', also: ['brown vinegar'],
    per100: { water: 94, sugars: 0.2, acetic: 5 },
    acts: { pH: 3, lab: [42, 16, 36], scattering: 0 },
    measures: { density: 1.01 }, contains: ['barley'], ask: ['sulphite'],
  },
  {
    id: 'pickle-brine', name: 'Pickle brine', also: ['gherkin brine', 'pickled cucumber liquid', 'pickle juice', 'dill pickle juice', 'gherkin juice'],
    per100: { water: 95, protein: 0.2, sugars: 0.3, salt: 2.5, acetic: 0.9, lactic: 0.2, glutamate: 0.03 },
    acts: { solubleProtein: 1, pH: 3.4, lab: [85, -2, 15], scattering: 0.05 },
    measures: { density: 1.02 }, ask: ['sulphite', 'mustard', 'celery'],
  },
  {
    id: 'olive-brine', name: 'Olive brine', also: ['olive juice'],
    per100: { water: 94.2, fat: 0.3, protein: 0.2, sugars: 0.3, salt: 4, acetic: 0.1, lactic: 0.5, glutamate: 0.03 },
    acts: { solubleProtein: 1, pH: 3.9, lab: [85, -2, 15], scattering: 0.05 },
    measures: { density: 1.03 }, ask: ['sulphite'],
  },
  {
    id: 'citric-acid', name: 'Citric acid, powder', also: ['lemon salt', 'sour salt', 'citric acid'],
    per100: { water: 0.5, citric: 99.5 },
    acts: { pH: 2, lab: [96, 0, 2], scattering: 0.05 },
    measures: { density: 0.85 }, ask: ['sulphite'],
  },
  {
    id: 'lactic-acid', name: 'Lactic acid, 88 %', also: ['lactic acid', 'plant lactic acid'],
    per100: { water: 12, lactic: 88 },
    acts: { pH: 2, lab: [96, 0, 2], scattering: 0.05 },
    measures: { density: 1.2 }, ask: ['milk'],
  },
]);
