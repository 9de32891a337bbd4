import { shelfOf } from '../define.js';

/** g per 100 g as used; generic types, rounded. @source S-05g */
export const saltsAndSweeteners = shelfOf('salts and sweeteners', { role: 'seasoning', source: 'S-05g' }, [
  {
    id: 'salt', name: 'Salt, fine', also: ['table salt', 'sea salt, fine', 'sea salt', 'kosher salt', 'cooking salt'],
    per100: { salt: 100 },
    acts: { pH: 7, scattering: 0 },
    measures: { density: 1.2 },
  },
  {
    id: 'sugar', name: 'Sugar', also: ['white sugar', 'cane sugar', 'granulated sugar', 'caster sugar', 'superfine sugar'],
    per100: { sugars: 100 },
    acts: { sugarKind: 'sucrose', pH: 7, scattering: 0 },
    measures: { density: 0.85 }, contains: ['added-sugar'],
  },
  {
    id: 'sea-salt-flakes', name: 'Sea salt, flakes', also: ['flaked salt', 'salt flakes', 'flaky salt', 'flaky sea salt'],
    per100: { salt: 98 },
    acts: { pH: 7, lab: [92, 2, 4], scattering: 0 },
    measures: { density: 0.6 },
  },
  {
    id: 'black-salt', name: 'Black salt, ground', also: ['kala namak', 'kala namak salt'],
    per100: { salt: 94 },
    acts: { pH: 7, lab: [70, 8, 8], scattering: 0 },
    measures: { density: 1.1 },
  },
  {
    id: 'maple-syrup', name: 'Maple syrup', also: ['maple'],
    per100: { water: 32, sugars: 67 },
    acts: { sugarKind: 'sucrose', lab: [52, 16, 44], scattering: 0 },
    measures: { density: 1.32 }, contains: ['added-sugar'],
  },
  {
    id: 'agave-syrup', name: 'Agave syrup', also: ['agave', 'agave nectar'],
    per100: { water: 23, sugars: 76 },
    acts: { sugarKind: 'fructose', pH: 4.5, lab: [70, 8, 40], scattering: 0 },
    measures: { density: 1.37 }, contains: ['added-sugar'],
  },
]);
