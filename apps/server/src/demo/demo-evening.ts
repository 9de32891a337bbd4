import type { EveningBody, KeptDishBody, VesselBody, VersionsBody } from '@alterum/contract';

/** Dishes and tins of the demonstration household; invented. */
export const demoVessels: readonly VesselBody[] = [
  { name: 'Blue baking dish', shape: 'rectangular', lengthCm: 32, widthCm: 23, depthCm: 6.5 },
  { name: 'Round tin', shape: 'round', diameterCm: 26, depthCm: 5 },
];

/** Friday’s bake, by the names of its formulas. */
export const demoBake = (formulaOf: (name: string) => string): KeptDishBody => ({
  name: 'Friday’s aubergine bake',
  note: 'Five of us; the white sauce is kept for the top.',
  portions: 5,
  vessel: {
    name: 'Blue baking dish',
    shape: 'rectangular',
    lengthCm: 32,
    widthCm: 23,
    depthCm: 6.5,
  },
  parts: [
    { id: 'tomato', formula: formulaOf('Tomato lentils') },
    { id: 'white', formula: formulaOf('Aubergine bake white sauce') },
    { id: 'sheets', ingredient: 'pasta-rice-dry', grams: 240 },
    {
      id: 'aubergine',
      ingredient: 'aubergine',
      grams: 700,
      ready: [{ kind: 'salt', saltPct: 1.5, minutes: 30, rinse: 'rinsed' }],
    },
  ],
  layers: [
    { id: 'l1', component: 'tomato' },
    { id: 'l2', component: 'sheets' },
    { id: 'l3', component: 'aubergine' },
    { id: 'l4', component: 'tomato' },
    { id: 'l5', component: 'sheets' },
    { id: 'l6', component: 'aubergine' },
    { id: 'l7', component: 'tomato' },
    { id: 'l8', component: 'sheets' },
    { id: 'l9', component: 'white' },
  ],
  oven: [
    { temperatureC: 190, minutes: 30, cover: 'foil', fan: false },
    { temperatureC: 200, minutes: 15, cover: 'open', fan: false },
  ],
  restMin: 10,
});

/** The melt in two versions from one base. */
export const demoVersions = (
  formulaOf: (name: string) => string,
  eaterOf: (name: string) => string,
): VersionsBody => ({
  base: formulaOf('Flatbread melt'),
  inBase: [],
  versions: [
    { name: 'Mild', added: [], eaters: [eaterOf('Sunniva'), eaterOf('Teo')] },
    { name: 'Hot', added: [{ ingredient: 'cayenne', grams: 0.1 }] },
  ],
});

/** Two cook, one of them home at half past five. */
export const demoEvening: EveningBody = {
  serveAt: 19 * 60,
  burners: 3,
  ovens: 1,
  blenders: 1,
  cooks: 2,
  named: [{ name: 'Ilva' }, { name: 'Teo', from: 17 * 60 + 30 }],
  keepWarmMin: 20,
};

/** min after midnight at which the dip is eaten, before everything else. */
export const DIP_AT = 18 * 60 + 30;
