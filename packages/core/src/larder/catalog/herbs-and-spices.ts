import { shelfOf } from '../define.js';

/** g per 100 g as used; generic types, rounded. @source S-05h */
export const herbsAndSpices = shelfOf('herbs and spices', { role: 'seasoning', source: 'S-05h' }, [
  {
    id: 'garlic-powder', name: 'Garlic powder', also: ['granulated garlic', 'dried garlic', 'garlic granules'], role: 'savory',
    per100: { water: 6, fat: 0.7, protein: 16.5, sugars: 2.5, fibre: 5, glutamate: 0.2, oligo: 65 },
    acts: { solubleProtein: 0.5, particles: 'vegetable', pH: 6, particleSizeUm: 120, hardness: 0.2, lab: [86, 0, 18], pungent: 5, cellWallSwelling: 0.3 },
    measures: { density: 0.62 }, contains: ['allium'], ask: ['sulphite'],
  },
  {
    id: 'onion-powder', name: 'Onion powder', also: ['dried onion', 'onion granules'], role: 'savory',
    per100: { water: 6, fat: 1, protein: 10, sugars: 35, fibre: 9, glutamate: 0.15, oligo: 36 },
    acts: { solubleProtein: 0.5, particles: 'vegetable', pH: 6, particleSizeUm: 120, hardness: 0.2, lab: [84, 2, 22], pungent: 3, cellWallSwelling: 0.3 },
    measures: { density: 0.48 }, contains: ['allium'], ask: ['sulphite'],
  },
  {
    id: 'turmeric', name: 'Turmeric, ground', also: ['curcuma', 'turmeric powder'],
    per100: { water: 10, fat: 8, protein: 11, sugars: 3, starch: { root: 38 }, fibre: 25, salt: 0.05 },
    acts: { solubleProtein: 0.2, particles: 'flour', pH: 5.8, bufferMmol: 6, particleSizeUm: 150, hardness: 0.4, soakSoftening: 0.5, boilSoftening: 0.3, lab: [64, 20, 78], scattering: 0.5, tint: 6, bitter: 1.5, pungent: 2, lastingBite: true },
    measures: { density: 0.6 },
  },
  {
    id: 'paprika-sweet', name: 'Paprika, sweet', also: ['ground red pepper', 'paprika', 'sweet paprika', 'red paprika'],
    per100: { water: 10, fat: 8, protein: 11, sugars: 12, fibre: 25, salt: 0.05, oligo: 28 },
    acts: { solubleProtein: 0.2, particles: 'flour', pH: 5.8, bufferMmol: 6, particleSizeUm: 150, hardness: 0.4, soakSoftening: 0.5, boilSoftening: 0.3, lab: [38, 40, 42], scattering: 0.5, tint: 4, bitter: 0.8, pungent: 1, lastingBite: true },
    measures: { density: 0.46 }, contains: ['pepper'],
  },
  {
    id: 'paprika-smoked', name: 'Paprika, smoked', also: ['pimentón', 'smoked paprika', 'smoky paprika'],
    per100: { water: 10, fat: 8, protein: 11, sugars: 12, fibre: 25, salt: 0.05, oligo: 28 },
    acts: { solubleProtein: 0.2, particles: 'flour', pH: 5.8, bufferMmol: 6, particleSizeUm: 150, hardness: 0.4, soakSoftening: 0.5, boilSoftening: 0.3, lab: [34, 36, 36], scattering: 0.5, tint: 4, bitter: 1, pungent: 1.2, lastingBite: true },
    measures: { density: 0.46 }, contains: ['pepper'],
  },
  {
    id: 'black-pepper', name: 'Black pepper, ground', also: ['pepper', 'cracked pepper', 'peppercorns'],
    per100: { water: 10, fat: 8, protein: 11, sugars: 3, starch: { root: 36 }, fibre: 25, salt: 0.05 },
    acts: { solubleProtein: 0.2, particles: 'flour', pH: 5.8, bufferMmol: 6, particleSizeUm: 150, hardness: 0.4, soakSoftening: 0.5, boilSoftening: 0.3, lab: [34, 3, 10], scattering: 0.5, tint: 1.5, bitter: 2, pungent: 8, lastingBite: true },
    measures: { density: 0.46 },
  },
  {
    id: 'white-pepper', name: 'White pepper, ground', also: ['white peppercorns'],
    per100: { water: 10, fat: 8, protein: 11, sugars: 3, starch: { root: 36 }, fibre: 25, salt: 0.05 },
    acts: { solubleProtein: 0.2, particles: 'flour', pH: 5.8, bufferMmol: 6, particleSizeUm: 150, hardness: 0.4, soakSoftening: 0.5, boilSoftening: 0.3, lab: [74, 3, 18], scattering: 0.5, bitter: 1.5, pungent: 8, lastingBite: true },
    measures: { density: 0.48 },
  },
  {
    id: 'nutmeg', name: 'Nutmeg, ground', also: ['grated nutmeg'],
    per100: { water: 10, fat: 36, protein: 6, sugars: 3, fibre: 20, salt: 0.05, oligo: 20 },
    acts: { solubleProtein: 0.2, particles: 'flour', pH: 5.8, bufferMmol: 6, particleSizeUm: 150, hardness: 0.4, soakSoftening: 0.5, boilSoftening: 0.3, lab: [46, 10, 24], scattering: 0.5, tint: 1.2, bitter: 2.5, pungent: 3, lastingBite: true },
    measures: { density: 0.47 },
  },
  {
    id: 'cayenne', name: 'Cayenne, ground', also: ['chilli powder', 'cayenne pepper', 'chili powder', 'chile powder', 'hot pepper'],
    per100: { water: 10, fat: 10, protein: 12, sugars: 10, fibre: 25, salt: 0.05, oligo: 28 },
    acts: { solubleProtein: 0.2, particles: 'flour', pH: 5.8, bufferMmol: 6, particleSizeUm: 150, hardness: 0.4, soakSoftening: 0.5, boilSoftening: 0.3, lab: [42, 38, 42], scattering: 0.5, tint: 3, bitter: 0.5, pungent: 9.6, lastingBite: true },
    measures: { density: 0.38 }, contains: ['pepper'],
  },
  {
    id: 'cumin', name: 'Cumin, ground', also: ['ground cumin', 'jeera'],
    per100: { water: 10, fat: 22, protein: 18, sugars: 2, fibre: 20, salt: 0.05, oligo: 22 },
    acts: { solubleProtein: 0.2, particles: 'flour', pH: 5.8, bufferMmol: 6, particleSizeUm: 150, hardness: 0.4, soakSoftening: 0.5, boilSoftening: 0.3, lab: [48, 8, 28], scattering: 0.5, tint: 1.2, bitter: 2, pungent: 1.5, lastingBite: true },
    measures: { density: 0.42 },
  },
  {
    id: 'mustard-powder', name: 'Mustard powder', also: ['ground mustard seed', 'dry mustard', 'english mustard powder'],
    per100: { water: 10, fat: 32, protein: 28, sugars: 3, fibre: 25, salt: 0.05 },
    acts: { solubleProtein: 0.2, particles: 'flour', pH: 5.8, bufferMmol: 6, particleSizeUm: 150, hardness: 0.4, soakSoftening: 0.5, boilSoftening: 0.3, lab: [74, 0, 58], scattering: 0.5, tint: 1.4, bitter: 2, pungent: 9 },
    measures: { density: 0.42 }, contains: ['mustard'], ask: ['wheat'],
  },
  {
    id: 'thyme-dried', name: 'Thyme, dried', also: ['thyme', 'dried thyme'],
    per100: { water: 10, fat: 9, protein: 10, sugars: 3, fibre: 25, salt: 0.05, oligo: 36 },
    acts: { solubleProtein: 0.2, particles: 'flour', pH: 5.8, bufferMmol: 6, particleSizeUm: 150, hardness: 0.4, soakSoftening: 0.5, boilSoftening: 0.3, lab: [44, -4, 18], scattering: 0.5, tint: 1.2, bitter: 2.5, pungent: 0.5 },
    measures: { density: 0.2 },
  },
  {
    id: 'oregano-dried', name: 'Oregano, dried', also: ['oregano', 'dried oregano'],
    per100: { water: 10, fat: 8, protein: 11, sugars: 3, fibre: 25, salt: 0.05, oligo: 36 },
    acts: { solubleProtein: 0.2, particles: 'flour', pH: 5.8, bufferMmol: 6, particleSizeUm: 150, hardness: 0.4, soakSoftening: 0.5, boilSoftening: 0.3, lab: [42, -6, 20], scattering: 0.5, tint: 1.2, bitter: 2.5, pungent: 0.5 },
    measures: { density: 0.2 },
  },
  {
    id: 'parsley-fresh', name: 'Parsley, fresh', also: ['parsley', 'flat-leaf parsley', 'italian parsley'],
    per100: { water: 87.5, fat: 0.7, protein: 3, sugars: 1, fibre: 3, oligo: 2, citric: 0.05, malic: 0.2, glutamate: 0.04 },
    acts: { solubleProtein: 0.4, particles: 'vegetable', pH: 6.2, bufferMmol: 1, particleSizeUm: 4000, hardness: 0.2, boilSoftening: 0.08, lab: [40, -22, 28], scattering: 0.6, tint: 1.8, bitter: 0.8, pungent: 0.3, cellWallSwelling: 0.4 },
    measures: { density: 0.15, pieces: { sprig: 1 } },
  },
  {
    id: 'chives-fresh', name: 'Chives, fresh', also: ['chives'],
    per100: { water: 87.5, fat: 0.7, protein: 3, sugars: 1, fibre: 3, citric: 0.05, malic: 0.2, glutamate: 0.04 },
    acts: { solubleProtein: 0.4, particles: 'vegetable', pH: 6.2, bufferMmol: 1, particleSizeUm: 4000, hardness: 0.2, boilSoftening: 0.08, lab: [42, -22, 28], scattering: 0.6, tint: 1.8, bitter: 0.8, pungent: 0.3, cellWallSwelling: 0.4 },
    measures: { density: 0.15, pieces: { sprig: 1 } }, contains: ['allium'],
  },
  {
    id: 'basil-fresh', name: 'Basil, fresh', also: ['basil', 'basil leaves'],
    per100: { water: 91, fat: 0.6, protein: 3, sugars: 0.3, fibre: 2.5, citric: 0.05, malic: 0.2, glutamate: 0.04 },
    acts: { solubleProtein: 0.4, particles: 'vegetable', pH: 6.2, bufferMmol: 1, particleSizeUm: 4000, hardness: 0.2, boilSoftening: 0.08, lab: [38, -20, 26], scattering: 0.6, tint: 1.8, bitter: 0.8, pungent: 0.3, cellWallSwelling: 0.4 },
    measures: { density: 0.15, pieces: { sprig: 1 } },
  },
  {
    id: 'dill-fresh', name: 'Dill, fresh', also: ['dill', 'dill weed', 'dill fronds'],
    per100: { water: 86, fat: 1, protein: 3.5, sugars: 2.5, fibre: 3, citric: 0.05, malic: 0.2, glutamate: 0.04 },
    acts: { solubleProtein: 0.4, particles: 'vegetable', pH: 6.2, bufferMmol: 1, particleSizeUm: 4000, hardness: 0.2, boilSoftening: 0.08, lab: [42, -20, 28], scattering: 0.6, tint: 1.8, bitter: 0.8, pungent: 0.3, cellWallSwelling: 0.4 },
    measures: { density: 0.15, pieces: { sprig: 1 } },
  },
  {
    id: 'parsley-dried', name: 'Parsley, dried', also: ['dried parsley'],
    per100: { water: 8, fat: 5, protein: 24, sugars: 7, fibre: 30, salt: 0.9, oligo: 20 },
    acts: { solubleProtein: 0.2, particles: 'flour', pH: 6, bufferMmol: 6, particleSizeUm: 1500, hardness: 0.3, lab: [42, -12, 22], tint: 1.5, bitter: 1.2 },
    measures: { density: 0.1 },
  },
  {
    id: 'basil-dried', name: 'Basil, dried', also: ['dried basil'],
    per100: { water: 9, fat: 4, protein: 20, sugars: 2, fibre: 38, salt: 0.2, oligo: 22 },
    acts: { solubleProtein: 0.2, particles: 'flour', pH: 6, bufferMmol: 6, particleSizeUm: 1500, hardness: 0.3, lab: [40, -6, 18], tint: 1.4, bitter: 1.5, pungent: 0.3 },
    measures: { density: 0.14 },
  },
  {
    id: 'dill-dried', name: 'Dill, dried', also: ['dried dill', 'dried dill weed'],
    per100: { water: 8, fat: 4.5, protein: 20, sugars: 5, fibre: 14, salt: 0.5, oligo: 40 },
    acts: { solubleProtein: 0.2, particles: 'flour', pH: 6, bufferMmol: 6, particleSizeUm: 1500, hardness: 0.3, lab: [42, -10, 22], tint: 1.5, bitter: 1 },
    measures: { density: 0.2 },
  },
  {
    id: 'annatto', name: 'Annatto, ground', also: ['achiote', 'annatto powder'],
    per100: { water: 10, fat: 4, protein: 12, sugars: 3, starch: { root: 10 }, fibre: 28, oligo: 25 },
    acts: { solubleProtein: 0.2, particles: 'flour', pH: 5.8, bufferMmol: 6, particleSizeUm: 150, hardness: 0.4, lab: [52, 38, 66], scattering: 0.5, tint: 6, bitter: 0.8 },
    measures: { density: 0.55 },
  },
  {
    id: 'beetroot-powder', name: 'Beetroot powder', also: ['red colour', 'beet powder'],
    per100: { water: 5, fat: 0.5, protein: 12, sugars: 55, fibre: 13, salt: 1, oligo: 10 },
    acts: { solubleProtein: 0.4, particles: 'vegetable', pH: 5.8, bufferMmol: 5, particleSizeUm: 120, hardness: 0.3, lab: [26, 40, 2], scattering: 0.4, tint: 8, cellWallSwelling: 0.3 },
    measures: { density: 0.55 },
  },
]);
