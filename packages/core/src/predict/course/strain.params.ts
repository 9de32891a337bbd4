import type { Straining } from '../../ingredient/handling.js';
import type { ParticleClass } from '../../ingredient/composition.js';
import { parameter, valuesOf } from '../../numeric/parameter.js';

/** What a cloth or a sieve keeps back. @source kitchen physics 11 */
export const strainParameters = {
  fibrePasses: parameter(0.1, '-', 0.5, 'E', 'cell walls stay in the cloth'),
  heldSqueezed: parameter(2, 'g/g dry pulp', 0.2, 'E', 'water that a squeezed pulp keeps'),
  heldDripped: parameter(2.5, 'g/g dry pulp', 0.2, 'E', 'left to drip'),
  heldSieve: parameter(4, 'g/g dry pulp', 0.3, 'E', 'in a fine sieve'),
  sieveKeeps: parameter(0.5, 'of what a cloth keeps', 0.3, 'E', 'finer pulp goes through a sieve'),
  largest: parameter(120, 'µm', 0.4, 'E', 'what went through a cloth'),
  wholeFrom: parameter(500, 'µm', 0.3, 'E', 'things put in smaller than this are fine powders, which go through'),
  wholeWidth: parameter(0.3, 'ln µm', 0.3, 'E', 'as above'),
} as const;
export const strain = valuesOf(strainParameters);

/** What goes through where a thing has no row of its own, by the kind of its particles. */
export const strainByClass: Readonly<Record<ParticleClass, Straining>> = {
  nut: { protein: 0.7, fat: 0.75, starch: 0.9, source: 'S-15' },
  legume: { protein: 0.65, fat: 0.65, starch: 0.6, source: 'S-15' },
  vegetable: { protein: 0.5, fat: 0.5, starch: 0.4, source: 'S-15' },
  flour: { protein: 0.5, fat: 0.6, starch: 0.5, source: 'S-15' },
  curd: { protein: 0.3, fat: 0.4, starch: 1, source: 'S-15' },
  yeast: { protein: 1, fat: 1, starch: 1, source: 'S-15' },
};
