import type { Role } from '../../ingredient/ingredient.js';

/** How far a line may move before a cook would call it another dish. */
export interface FreedomRow {
  /** Most by which it grows or shrinks, as a factor, where it is not what the dish is known by. */
  readonly factor: number;
  /** Share of the batch up to which it may grow however little of it there is, so that a pinch is no wall. */
  readonly room: number;
  /** Whether it may also be left out altogether. */
  readonly mayGo?: true;
  readonly because: string;
}

/** @source assumed, from general cooking knowledge: what two versions of one dish in two kitchens differ by */
export const freedomOfRole: Readonly<Record<Role, FreedomRow>> = {
  body: { factor: 1.8, room: 0, because: 'a second vegetable may double or halve' },
  liquid: { factor: 1.6, room: 0, because: 'a sauce stays wet; thicker and thinner are within it' },
  thickener: { factor: 2.5, room: 0.025, because: 'thin and thick lie a spoon or two apart' },
  fat: { factor: 2.2, room: 0.04, because: 'rich and lean versions of one sauce' },
  sour: { factor: 2.5, room: 0.03, because: 'added to taste' },
  savory: { factor: 2, room: 0.012, because: 'added to taste, but it has a taste of its own' },
  seasoning: { factor: 1.5, room: 0, because: 'no figure sees what a spice is there for' },
};

const gelling: FreedomRow = { factor: 2, room: 0.006, because: 'soft and firm lie half a spoon apart' };
/** Where one kind differs from its role. @source as above */
export const freedomOfKind: Readonly<Record<string, FreedomRow>> = {
  salt: { factor: 4, room: 0.014, mayGo: true, because: 'added to taste, from none' },
  sweetener: { factor: 3, room: 0.012, mayGo: true, because: 'added to taste' },
  crumbs: { factor: 1.8, room: 0, because: 'a topping' },
  'gelling agent': gelling,
  'sugar-set gelling agent': gelling,
  'calcium-set gelling agent': gelling,
  'heat-set gelling agent': gelling,
  gum: { factor: 2, room: 0.004, because: 'a pinch does it' },
  'swelling seed': { factor: 2, room: 0.012, because: 'a spoon does it' },
};

/** Most by which what the dish is known by grows or shrinks. @source assumed: a quarter, less what rounding to spoons adds */
export const KNOWN_BY_FACTOR = 1.22;

/** Factor on the price of changing what the dish is known by. @source assumed */
export const KNOWN_BY_STIFFNESS = 3;

/** Between these factors on its first amount something new finds its own; a body stays one. @source assumed */
export const arrivalFreedom = { least: 0.3, leastOfBody: 0.6, most: 2.5 } as const;

/** Share of the batch from which a dish is known by its liquid; less is only what makes it blend. @source assumed */
export const SWIMS_FROM = 0.3;

/** Share of the batch from which a dish is known by a body by its mass alone. @source assumed */
export const BULKY_FROM = 0.45;

/** Least share of its sensible most from which a seasoning can be the flavour a dish is known by. @source assumed */
export const SIGNATURE_FROM = 0.15;
