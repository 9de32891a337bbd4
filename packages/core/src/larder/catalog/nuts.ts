import { shelfOf } from '../define.js';

/** g per 100 g as used; generic types, rounded. @source S-05a */
export const nuts = shelfOf('nuts', { role: 'body', source: 'S-05a' }, [
  {
    id: 'cashew', name: 'Cashew nuts', also: ['raw cashews', 'cashew kernels', 'cashews', 'cashew'],
    per100: { water: 5, fat: 44, protein: 18, sugars: 6, starch: { nut: 22 }, fibre: 3.3, salt: 0.03, glutamate: 0.06 },
    acts: { solubleProtein: 0.3, proteinVolume: 7, cellEnclosed: 0.35, pH: 6.4, bufferMmol: 6, particleSizeUm: 8000, hardness: 0.4, soakSoftening: 0.38, boilSoftening: 0.25, lab: [84, 1, 17], scattering: 1.1, emulsifying: 0.3, coagulation: 0.15, isoelectricPh: 4.7 },
    measures: { density: 0.54 }, contains: ['cashew'], ask: ['tree-nut', 'peanut'],
  },
  {
    id: 'cashew-butter', name: 'Cashew butter', also: ['cashew paste', 'ground cashews', 'cashew nut butter'],
    per100: { water: 2.5, fat: 48, protein: 17.5, sugars: 6, starch: { nut: 21 }, fibre: 3, salt: 0.03, glutamate: 0.06 },
    acts: { solubleProtein: 0.3, cellEnclosed: 0.35, pH: 6.3, bufferMmol: 6, particleSizeUm: 40, hardness: 0.3, lab: [74, 5, 25], scattering: 1.1, emulsifying: 0.3, oilContinuous: true, isoelectricPh: 4.7 },
    measures: { density: 1.07 }, contains: ['cashew'], ask: ['tree-nut', 'peanut'],
  },
  {
    id: 'almond', name: 'Almonds, blanched', also: ['skinned almonds', 'almonds', 'blanched almonds', 'whole almonds'],
    per100: { water: 5, fat: 50, protein: 21, sugars: 4.5, starch: { nut: 0.7 }, fibre: 10, oligo: 4 },
    acts: { solubleProtein: 0.3, pH: 6.3, bufferMmol: 7, particleSizeUm: 9000, hardness: 0.85, soakSoftening: 0.6, boilSoftening: 0.5, lab: [80, 3, 18], scattering: 1.1, bitter: 0.5, emulsifying: 0.3, isoelectricPh: 4.8 },
    measures: { density: 0.6 }, contains: ['almond'], ask: ['tree-nut', 'peanut'],
  },
  {
    id: 'peanut-butter', name: 'Peanut butter, unsalted', also: ['ground peanuts', 'peanut paste', 'natural peanut butter', 'peanut butter'],
    per100: { water: 1.5, fat: 50, protein: 25, sugars: 5, starch: { nut: 6 }, fibre: 6, salt: 0.05, oligo: 3 },
    acts: { solubleProtein: 0.2, pH: 6.3, bufferMmol: 6, particleSizeUm: 35, hardness: 0.5, lab: [62, 9, 32], scattering: 1, emulsifying: 0.2, oilContinuous: true, proteinVolume: 4, cellWallSwelling: 0.6 },
    measures: { density: 1.07 }, contains: ['peanut'], ask: ['tree-nut', 'sesame'],
  },
  {
    id: 'hazelnut', name: 'Hazelnuts, skinned', also: ['filberts', 'cobnuts', 'hazelnuts', 'hazels'],
    per100: { water: 4.5, fat: 61, protein: 15, sugars: 4.3, starch: { nut: 0.5 }, fibre: 8, oligo: 3 },
    acts: { solubleProtein: 0.3, pH: 6.3, bufferMmol: 7, particleSizeUm: 9000, hardness: 0.85, soakSoftening: 0.6, boilSoftening: 0.5, lab: [74, 6, 26], scattering: 1.1, bitter: 0.8, emulsifying: 0.3, isoelectricPh: 4.8 },
    measures: { density: 0.56 }, contains: ['hazelnut'], ask: ['tree-nut', 'peanut'],
  },
  {
    id: 'walnut', name: 'Walnuts', also: ['walnut halves', 'walnut pieces', 'english walnuts'],
    per100: { water: 4, fat: 65, protein: 15, sugars: 2.6, starch: { nut: 0.1 }, fibre: 6, oligo: 3 },
    acts: { solubleProtein: 0.3, pH: 6.3, bufferMmol: 9, particleSizeUm: 9000, hardness: 0.5, soakSoftening: 0.6, boilSoftening: 0.5, lab: [66, 5, 24], scattering: 1.1, bitter: 2.5, emulsifying: 0.3, isoelectricPh: 4.8 },
    measures: { density: 0.42 }, contains: ['walnut'], ask: ['tree-nut', 'peanut'],
  },
  {
    id: 'macadamia', name: 'Macadamia nuts', also: ['macadamias'],
    per100: { water: 1.5, fat: 75.5, protein: 8, sugars: 4.5, starch: { nut: 1 }, fibre: 7.5 },
    acts: { solubleProtein: 0.3, pH: 6.3, bufferMmol: 5, particleSizeUm: 9000, hardness: 0.45, soakSoftening: 0.6, boilSoftening: 0.5, lab: [84, 1, 18], scattering: 1.1, bitter: 0.1, emulsifying: 0.3, isoelectricPh: 4.8 },
    measures: { density: 0.56 }, contains: ['macadamia'], ask: ['tree-nut', 'peanut'],
  },
  {
    id: 'brazil-nut', name: 'Brazil nuts', also: ['para nuts', 'brazils'],
    per100: { water: 3.5, fat: 67, protein: 14.3, sugars: 2.3, starch: { nut: 0.3 }, fibre: 7 },
    acts: { solubleProtein: 0.3, pH: 6.3, bufferMmol: 12, particleSizeUm: 9000, hardness: 0.55, soakSoftening: 0.6, boilSoftening: 0.5, lab: [80, 2, 18], scattering: 1.1, bitter: 0.5, emulsifying: 0.3, isoelectricPh: 4.8 },
    measures: { density: 0.56 }, contains: ['brazil-nut'], ask: ['tree-nut', 'peanut'],
  },
  {
    id: 'pecan', name: 'Pecans', also: ['pecan halves', 'pecan nuts'],
    per100: { water: 3.5, fat: 72, protein: 9.2, sugars: 4, starch: { nut: 0.5 }, fibre: 8.5 },
    acts: { solubleProtein: 0.3, pH: 6.3, bufferMmol: 7, particleSizeUm: 9000, hardness: 0.45, soakSoftening: 0.6, boilSoftening: 0.5, lab: [58, 10, 26], scattering: 1.1, bitter: 1.8, emulsifying: 0.3, isoelectricPh: 4.8 },
    measures: { density: 0.42 }, contains: ['pecan'], ask: ['tree-nut', 'peanut'],
  },
  {
    id: 'pistachio', name: 'Pistachios, shelled', also: ['green almonds', 'pistachio nuts', 'pistachio kernels'],
    per100: { water: 4.2, fat: 45.5, protein: 20.5, sugars: 7.7, starch: { nut: 1.7 }, fibre: 9.5, oligo: 6 },
    acts: { solubleProtein: 0.3, pH: 6.3, bufferMmol: 7, particleSizeUm: 9000, hardness: 0.55, soakSoftening: 0.6, boilSoftening: 0.5, lab: [66, -6, 34], scattering: 1.1, bitter: 0.4, emulsifying: 0.3, isoelectricPh: 4.8 },
    measures: { density: 0.52 }, contains: ['pistachio'], ask: ['tree-nut', 'peanut'],
  },
  {
    id: 'pine-nut', name: 'Pine nuts', also: ['pignoli', 'pine kernels', 'pinoli', 'pignolia'],
    per100: { water: 2.5, fat: 68, protein: 13.7, sugars: 3.6, starch: { nut: 1.4 }, fibre: 3.7 },
    acts: { solubleProtein: 0.3, pH: 6.3, bufferMmol: 7, particleSizeUm: 9000, hardness: 0.35, soakSoftening: 0.6, boilSoftening: 0.5, lab: [84, 2, 20], scattering: 1.1, bitter: 0.3, emulsifying: 0.3, isoelectricPh: 4.8 },
    measures: { density: 0.57 }, contains: ['pine-nut'], ask: ['tree-nut', 'peanut'],
  },
  {
    id: 'almond-butter', name: 'Almond butter', also: ['almond paste', 'ground almonds, smooth', 'almond nut butter'],
    per100: { water: 2, fat: 54, protein: 21, sugars: 4.4, starch: { nut: 0.8 }, fibre: 9.5, salt: 0.03, glutamate: 0.06 },
    acts: { solubleProtein: 0.3, pH: 6.3, bufferMmol: 6, particleSizeUm: 40, hardness: 0.3, lab: [68, 6, 28], scattering: 1.1, emulsifying: 0.3, oilContinuous: true, isoelectricPh: 4.7 },
    measures: { density: 1.05 }, contains: ['almond'], ask: ['tree-nut', 'peanut'],
  },
  {
    id: 'almond-ground', name: 'Almonds, ground', also: ['almond flour', 'almond meal', 'ground almonds'],
    per100: { water: 6, fat: 50, protein: 21, sugars: 4.5, starch: { nut: 0.7 }, fibre: 10, oligo: 4 },
    acts: { solubleProtein: 0.3, pH: 6.3, bufferMmol: 7, particleSizeUm: 600, hardness: 0.85, soakSoftening: 0.6, boilSoftening: 0.5, lab: [80, 3, 18], scattering: 1.1, bitter: 0.5, emulsifying: 0.3, isoelectricPh: 4.8 },
    measures: { density: 0.4 }, contains: ['almond'], ask: ['tree-nut', 'peanut'],
  },
  {
    id: 'peanut', name: 'Peanuts, raw', also: ['groundnuts', 'monkey nuts', 'raw peanuts'],
    per100: { water: 6.5, fat: 48, protein: 25.5, sugars: 4.7, starch: { nut: 6 }, fibre: 7.5 },
    acts: { solubleProtein: 0.25, pH: 6.3, bufferMmol: 7, particleSizeUm: 9000, hardness: 0.6, soakSoftening: 0.6, boilSoftening: 0.5, lab: [78, 4, 24], scattering: 1.1, bitter: 0.6, emulsifying: 0.3, isoelectricPh: 4.8 },
    measures: { density: 0.61 }, contains: ['peanut'], ask: ['tree-nut', 'sesame'],
  },
  {
    id: 'chestnut-boiled', name: 'Chestnuts, boiled', also: ['sweet chestnuts', 'cooked chestnuts', 'chestnuts', 'vacuum-packed chestnuts'],
    per100: { water: 66, fat: 1.4, protein: 2.3, sugars: 6, starch: { nut: 20 }, fibre: 3, glutamate: 0.05 },
    acts: { solubleProtein: 0.3, pregelatinized: 1, cellEnclosed: 0.7, particles: 'legume', pH: 6.3, bufferMmol: 1.5, particleSizeUm: 9000, hardness: 0.25, lab: [68, 4, 28], scattering: 0.7 },
    measures: { density: 0.6, pieces: { piece: 9 } }, contains: ['chestnut'],
  },
  {
    id: 'coconut-desiccated', name: 'Coconut, desiccated', also: ['dried coconut', 'shredded coconut', 'coconut flakes', 'dessicated coconut', 'unsweetened shredded coconut'],
    per100: { water: 3, fat: 64, protein: 6.9, sugars: 7, fibre: 15 },
    acts: { fatType: 'coconut', solubleProtein: 0.3, pH: 6.3, bufferMmol: 3, particleSizeUm: 1500, hardness: 0.8, soakSoftening: 0.7, boilSoftening: 0.6, lab: [92, 0, 5], scattering: 1.1, bitter: 0.1, emulsifying: 0.3, isoelectricPh: 4.8 },
    measures: { density: 0.38 }, contains: ['coconut'], ask: ['sulphite', 'tree-nut'],
  },
  {
    id: 'cashew-roasted-salted', name: 'Cashew nuts, roasted, salted', also: ['salted cashews', 'roasted cashews'],
    per100: { water: 2, fat: 47, protein: 16.5, sugars: 6, starch: { nut: 21 }, fibre: 3, salt: 1.1, glutamate: 0.06 },
    acts: { solubleProtein: 0.15, cellEnclosed: 0.35, pH: 6.3, bufferMmol: 6, particleSizeUm: 8000, hardness: 0.5, soakSoftening: 0.5, boilSoftening: 0.35, lab: [76, 6, 26], scattering: 1.1, emulsifying: 0.2, isoelectricPh: 4.7, proteinVolume: 3.8, cellWallSwelling: 0.7 },
    measures: { density: 0.56 }, contains: ['cashew', 'added-oil'], ask: ['tree-nut', 'peanut'],
  },
  {
    id: 'peanut-butter-salted', name: 'Peanut butter, salted and sweetened', also: ['bought peanut butter', 'salted peanut butter', 'sweetened peanut butter'],
    per100: { water: 1.5, fat: 50, protein: 23, sugars: 8, starch: { nut: 5.5 }, fibre: 5.5, salt: 1.1 },
    acts: { solubleProtein: 0.2, pH: 6.3, bufferMmol: 6, particleSizeUm: 35, hardness: 0.5, lab: [60, 10, 34], scattering: 1, emulsifying: 0.2, oilContinuous: true, proteinVolume: 4, cellWallSwelling: 0.6 },
    measures: { density: 1.08 }, contains: ['peanut', 'added-sugar'], ask: ['tree-nut', 'sesame', 'added-oil'],
  },
]);
