import { shelfOf } from '../define.js';

/** g per 100 g as used; generic types, rounded. @source S-05d */
export const starches = shelfOf('starches', { role: 'thickener', source: 'S-05d' }, [
  {
    id: 'corn-starch', name: 'Corn starch', also: ['cornflour', 'maize starch', 'cornstarch', 'corn flour', 'maizena'],
    per100: { water: 12, protein: 0.3, starch: { corn: 87.5 } },
    acts: { pH: 6, particleSizeUm: 15, hardness: 0.3, lab: [96, 0, 3], scattering: 0.4 },
    measures: { density: 0.53 }, contains: ['maize'],
  },
  {
    id: 'tapioca-starch', name: 'Tapioca starch', also: ['tapioca flour', 'cassava starch', 'tapioca', 'tapioca powder', 'manioc starch'],
    per100: { water: 12, protein: 0.1, starch: { tapioca: 87.5 } },
    acts: { pH: 6, particleSizeUm: 15, hardness: 0.3, lab: [96, 0, 3] },
    measures: { density: 0.53 }, ask: ['sulphite'],
  },
  {
    id: 'potato-starch', name: 'Potato starch', also: ['potato flour, fine', 'potato starch flour'],
    per100: { water: 17, protein: 0.1, starch: { potato: 82.5 } },
    acts: { particleSizeUm: 40, hardness: 0.3, lab: [96, 0, 3] },
    measures: { density: 0.7 }, contains: ['potato'], ask: ['sulphite'],
  },
  {
    id: 'arrowroot', name: 'Arrowroot starch', also: ['arrowroot powder', 'arrowroot', 'arrowroot flour'],
    per100: { water: 12, protein: 0.2, starch: { arrowroot: 87 } },
    acts: { pH: 6, particleSizeUm: 20, hardness: 0.3, lab: [96, 0, 3] },
    measures: { density: 0.53 },
  },
  {
    id: 'kudzu-starch', name: 'Kudzu starch', also: ['kuzu', 'kudzu', 'kudzu root starch'],
    per100: { water: 13, protein: 0.1, starch: { arrowroot: 86 } },
    acts: { pH: 6, particleSizeUm: 15, hardness: 0.3, lab: [96, 0, 3] },
    measures: { density: 0.6 },
  },
  {
    id: 'sweet-potato-starch', name: 'Sweet potato starch', also: ['sweet potato flour'],
    per100: { water: 13, protein: 0.1, starch: { root: 86 } },
    acts: { pH: 6, particleSizeUm: 15, hardness: 0.3, lab: [96, 0, 3] },
    measures: { density: 0.6 }, ask: ['sulphite'],
  },
  {
    id: 'wheat-starch', name: 'Wheat starch', also: ['wheaten cornflour'],
    per100: { water: 12, protein: 0.3, starch: { wheat: 86 } },
    acts: { pH: 6, particleSizeUm: 15, hardness: 0.3, lab: [96, 0, 3], scattering: 0.4 },
    measures: { density: 0.53 }, contains: ['wheat'],
  },
  {
    id: 'rice-starch', name: 'Rice starch', also: ['ground rice starch'],
    per100: { water: 12, protein: 0.4, starch: { rice: 87 } },
    acts: { pH: 6, particleSizeUm: 8, hardness: 0.3, lab: [96, 0, 3], scattering: 0.4 },
    measures: { density: 0.55 }, contains: ['rice'],
  },
]);
