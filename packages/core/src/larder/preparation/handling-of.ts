import type { Handling } from '../../ingredient/handling.js';
import { aromaRates } from './aroma.params.js';
import { boilRows } from './boil.params.js';
import { fryRows, roastRows } from './dry-heat.params.js';
import { partRows } from './part.params.js';
import { pressRows, saltRows, settleRows } from './weep.params.js';
import { strainRows } from './strain.params.js';
import { soakRows } from './soak.params.js';

/** What the tables know a kitchen does to an ingredient before the pot; undefined for nothing. */
export function handlingOf(id: string): Handling | undefined {
  const soaking = soakRows[id],
    boiling = boilRows[id],
    frying = fryRows[id],
    roasting = roastRows[id],
    straining = strainRows[id],
    parts = partRows[id],
    salting = saltRows[id],
    pressing = pressRows[id],
    settling = settleRows[id],
    aromaRate = aromaRates[id];
  const handling: Handling = {
    ...(soaking ? { soaking } : {}),
    ...(boiling ? { boiling } : {}),
    ...(frying ? { frying } : {}),
    ...(roasting ? { roasting } : {}),
    ...(straining ? { straining } : {}),
    ...(parts ? { parts } : {}),
    ...(salting ? { salting } : {}),
    ...(pressing ? { pressing } : {}),
    ...(settling ? { settling } : {}),
    ...(aromaRate === undefined ? {} : { aromaRate }),
  };
  return Object.keys(handling).length > 0 ? handling : undefined;
}
