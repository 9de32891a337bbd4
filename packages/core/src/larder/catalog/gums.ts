import { shelfOf } from '../define.js';

/** g per 100 g as used; generic types, rounded. @source S-03 */
export const gums = shelfOf('gums', { role: 'thickener', source: 'S-03' }, [
  {
    id: 'psyllium-husk', name: 'Psyllium husk', also: ['plantago husk', 'ispaghula', 'psyllium', 'isabgol', 'psyllium husks'],
    per100: { water: 7, protein: 2, fibre: 10, gums: { psyllium: 72 } },
    acts: { particles: 'flour', pH: 6, particleSizeUm: 600, hardness: 0.2, lab: [75, 3, 14] },
    measures: { density: 0.33 },
  },
  {
    id: 'xanthan', name: 'Xanthan gum', also: ['xanthan', 'xanthan powder'],
    per100: { water: 10, gums: { xanthan: 88 } },
    acts: { scattering: 0.05 },
    measures: { density: 0.55 }, ask: ['maize'],
  },
  {
    id: 'guar', name: 'Guar gum', also: ['guar', 'guar gum powder', 'guar flour'],
    per100: { water: 10, gums: { guar: 82 } },
    acts: { scattering: 0.1 },
    measures: { density: 0.55 },
  },
  {
    id: 'konjac', name: 'Konjac flour', also: ['glucomannan', 'konjac powder', 'konjac gum'],
    per100: { water: 9, gums: { konjac: 88 } },
    acts: { pH: 6, scattering: 0.1 },
    measures: { density: 0.6 }, ask: ['sulphite'],
  },
  {
    id: 'agar', name: 'Agar powder', also: ['agar-agar', 'agar', 'vegan gelatine', 'vegan gelatin'],
    per100: { water: 15, gums: { agar: 82 } },
    acts: { scattering: 0.1 },
    measures: { density: 0.5 },
  },
  {
    id: 'kappa-carrageenan', name: 'Carrageenan, kappa', also: ['carrageenan', 'kappa carrageenan', 'irish moss powder'],
    per100: { water: 10, gums: { kappaCarrageenan: 85 } },
    acts: { pH: 7, scattering: 0.05 },
    measures: { density: 0.6 },
  },
  {
    id: 'pectin', name: 'Pectin powder', also: ['apple pectin', 'jam setter'],
    per100: { water: 9, gums: { pectin: 85 } },
    acts: { pH: 3.5, scattering: 0.05 },
    measures: { density: 0.6 }, ask: ['sulphite', 'citrus'],
  },
  {
    id: 'psyllium-powder', name: 'Psyllium husk, powdered', also: ['ground psyllium', 'psyllium powder'],
    per100: { water: 7, protein: 2, fibre: 10, gums: { psyllium: 72 } },
    acts: { particles: 'flour', pH: 6, particleSizeUm: 150, hardness: 0.2, lab: [75, 3, 14] },
    measures: { density: 0.55 },
  },
  {
    id: 'locust-bean-gum', name: 'Locust bean gum', also: ['carob gum', 'LBG'],
    per100: { water: 10, gums: { locustBean: 82 } },
    acts: { scattering: 0.1 },
    measures: { density: 0.55 },
  },
  {
    id: 'agar-flakes', name: 'Agar flakes', also: ['agar-agar flakes'],
    per100: { water: 18, gums: { agar: 78 } },
    acts: { scattering: 0.1 },
    measures: { density: 0.12 },
  },
  {
    id: 'gellan-gum', name: 'Gellan gum, firm setting', also: ['gellan', 'low acyl gellan'],
    per100: { water: 10, gums: { gellan: 86 } },
    acts: { pH: 5.5, scattering: 0.05 },
    measures: { density: 0.55 },
  },
  {
    id: 'iota-carrageenan', name: 'Carrageenan, iota', also: ['iota carrageenan', 'iota'],
    per100: { water: 10, gums: { iotaCarrageenan: 84 } },
    acts: { pH: 7, scattering: 0.05 },
    measures: { density: 0.6 },
  },
  {
    id: 'pectin-low-methoxyl', name: 'Pectin, low methoxyl', also: ['calcium pectin', 'low-sugar pectin', 'LM pectin'],
    per100: { water: 9, gums: { pectinLow: 85 } },
    acts: { pH: 3.8, scattering: 0.05 },
    measures: { density: 0.6 }, ask: ['sulphite', 'citrus'],
  },
  {
    id: 'methylcellulose', name: 'Methyl cellulose', also: ['methylcellulose'],
    per100: { water: 4, gums: { methylcellulose: 94 } },
    acts: { pH: 7, scattering: 0.05 },
    measures: { density: 0.4 },
  },
  {
    id: 'sodium-alginate', name: 'Sodium alginate', also: ['alginate', 'algin'],
    per100: { water: 12, gums: { alginate: 82 } },
    acts: { pH: 7, scattering: 0.05 },
    measures: { density: 0.6 },
  },
]);
