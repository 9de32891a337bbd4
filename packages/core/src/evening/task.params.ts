import type { OperationKindId } from '../recipe/method/operation-kinds.js';

/** What an operation holds while it runs. */
export type MachineKind = 'burner' | 'oven' | 'blender';

/** @source what a domestic kitchen does each on; fridge and bowls never run short */
export const machineOf: Readonly<Partial<Record<OperationKindId, MachineKind>>> = {
  'boil-soft': 'burner', fry: 'burner', heat: 'burner', 'boil-down': 'burner', hold: 'burner',
  roast: 'oven', bake: 'oven', blend: 'blender', pulse: 'blender',
};

export const planning = {
  /** Share of its time that wants hands from which a cook stands at it. @source assumed: below it somebody only looks in */
  handsFrom: 0.5,
  /** min around a blade: fill, scrape, empty; one load. @source assumed */
  bladeMin: 2,
  /** A time without a range may take so much longer. @source kitchen physics, cv of minutes about .15, E */
  longer: 1.2,
  /** °C of what comes from the larder; °C from which a pot that is heated wants stirring: starch thickens and milk catches. Least rate, °C/min. @source kitchen physics 14 */
  coldC: 20, stirFrom: 60, leastRate: 0.5,
  /** min of warming that are worth a task of their own. @source assumed */
  worthWarming: 2,
  /** min that something may stand before the next operation: hot in the pot; cold; a soak that is over, a vegetable that is done. @source kitchen physics 16, 17 */
  standsHot: 15, standsCold: 240, standsReady: 240,
  /** °C from which a thing is hot. */
  hotFrom: 45,
  /** min a sauce that is served cold may be ready before. @source kitchen physics 17: two days */
  servedColdMin: 2880,
  /** min of chilling that a sauce out of the fridge has at least; min to warm one up again. @source kitchen physics 14 */
  chillMin: 180, reheatMin: 10,
  /** min after the usual time of eating by which something is made that is made the day before; min that it then lies in the fridge at least. @source assumed: somebody is in the kitchen anyway; the night */
  madeBeforeLate: 120, overnight: 240,
  /** min in which a thing without a row is soft at the boil. @source kitchen physics 13: roots in pieces of 2 cm */
  softMin: 20,
  /** min to put in, cut and such where nothing is said. */
  shortMin: 2,
  /** min to take a jar apart and wash it, gasket and blade too; a pot; a spoon. @source assumed, E */
  washMin: { jar: 4, pot: 3, spoon: 1 },
  /** min to lay one layer, and to begin and end with the dish. @source assumed: a spoon and a spatula, E */
  layerMin: 1.2, layeringMin: 2,
  /** min that a layered dish may stand before the oven: sheets begin to drink. @source kitchen physics 9, lag and half of 20 min, cold: assumed three times as slow */
  layeredStands: 40,
  /** min that a sauce or a thing made for a dish may stand before it is layered. @source kitchen physics 17: two hours out of the fridge, less the way back */
  partStands: 90,
  /** min until an oven is warm: to 190 °C, spread of it. @source kitchen physics 15: 12 min, cv .3 */
  preheatMin: 12, preheatToC: 190, preheatCv: 0.3,
} as const;

/**
 * A hot pot under its lid, off the heat: min in which it comes within 1/e of the room, for so many g, and how that grows with them; °C of the
 * room; least share of those g that is told apart; min that anything may stand, since two pots are never ready at once (assumed).
 * @source kitchen physics 14: walls 12 and lidded top 10 W/(m²·K) of a pot of 22 cm, 3.8 kJ/(kg·K) and 0.6 kJ/K of pot; cool open f^⅓
 */
export const standing = { tauMin: 105, tauAtG: 1000, power: 1 / 3, roomC: 20, leastShare: 0.02, leastMin: 5 } as const;
