/** What a thing lets go of while it bakes in a layer: g per g of it raw, and how sure that is (log sd). */
export interface Release {
  readonly share: number;
  readonly cv: number;
}

const sets = (share: number, cv: number, ...ids: readonly string[]): readonly (readonly [string, Release])[] =>
  ids.map((id) => [id, { share, cv }] as const);

/** @source kitchen physics 8: share of its mass that a raw thing lets go within an hour in a baking layer; roasted ones are spent as if fried to that */
export const releases: ReadonlyMap<string, Release> = new Map([
  ...sets(0.45, 0.2, 'mushroom'),
  ...sets(0.38, 0.25, 'courgette', 'cucumber'),
  ...sets(0.65, 0.2, 'spinach', 'chard', 'rocket', 'watercress'),
  ...sets(0.5, 0.25, 'spinach-frozen'),
  ...sets(0.45, 0.3, 'kale', 'white-cabbage', 'red-cabbage'),
  ...sets(0.48, 0.2, 'tomato-fresh'),
  ...sets(0.3, 0.3, 'aubergine', 'leek', 'fennel', 'celery'),
  ...sets(0.34, 0.25, 'onion', 'shallot', 'spring-onion', 'red-pepper', 'yellow-pepper', 'green-pepper'),
  ...sets(0.22, 0.3, 'broccoli', 'cauliflower', 'asparagus', 'green-bean'),
  ...sets(0.1, 0.4, 'squash', 'carrot', 'sweet-potato', 'white-sweet-potato', 'purple-sweet-potato', 'parsnip', 'celeriac', 'swede', 'turnip', 'beetroot', 'kohlrabi', 'jerusalem-artichoke', 'green-pea', 'maize-kernel'),
  ...sets(0.12, 0.4, 'mushroom-roasted', 'red-pepper-roasted', 'aubergine-roasted', 'onion-roasted'),
  ...sets(0.05, 0.4, 'squash-roasted', 'carrot-roasted', 'cauliflower-roasted'),
  ...sets(0.01, 1, 'potato', 'potato-boiled'),
  ...sets(0.08, 0.5, 'tofu-firm', 'tofu-smoked', 'tempeh'),
  ...sets(0.15, 0.5, 'tofu-silken'),
  ...sets(0.2, 0.4, 'chicken-breast', 'prawn', 'salmon', 'beef-minced'),
]);

/** What a vegetable without a row lets go, per g of its water. @source median of the rows above over the water of their things; nobody weighed it: cv */
export const unknownRelease = { perWater: 0.35, cv: 0.6 } as const;

/** What a thing drinks from the sauce around it: g per g of it at most, min at the usual heat, min before it begins, log sd. */
export interface Drinking {
  readonly most: number;
  readonly minutes: number;
  readonly lag: number;
  readonly cv: number;
}

const drinks = (most: number, minutes: number, lag: number, cv: number, ...ids: readonly string[]): readonly (readonly [string, Drinking])[] =>
  ids.map((id) => [id, { most, minutes, lag, cv }] as const);

/** @source kitchen physics 9: in sauce in the oven, wet on both sides */
export const drinkers: ReadonlyMap<string, Drinking> = new Map([
  ...drinks(1.45, 20, 6, 0.12, 'pasta-sheet-dry', 'pasta-wheat-dry'),
  ...drinks(1.35, 18, 6, 0.2, 'pasta-rice-dry'),
  ...drinks(1.3, 18, 6, 0.2, 'pasta-pulse-dry'),
  ...drinks(0.45, 35, 0, 0.3, 'wheat-noodles-cooked', 'noodles-cooked'),
  ...drinks(0.3, 35, 0, 0.4, 'rice-noodles-cooked', 'pulse-noodles-cooked'),
  ...drinks(1.2, 4, 0, 0.25, 'bread-wheat', 'bread-wholemeal'),
  ...drinks(0.8, 6, 0, 0.4, 'tortilla-wheat', 'dumpling-bread'),
  ...drinks(2, 6, 0, 0.25, 'breadcrumbs-wheat', 'breadcrumbs-gluten-free'),
  ...drinks(0.1, 20, 0, 0.5, 'gnocchi'),
  ...drinks(3, 1, 0, 0.3, 'rice-cake'),
  ...drinks(2, 25, 5, 0.15, 'rice-dry'),
  ...drinks(0.25, 30, 0, 0.4, 'rice-cooked'),
  ...drinks(1.6, 10, 2, 0.3, 'oat-flakes', 'oat-flakes-gluten-free'),
  ...drinks(2, 18, 5, 0.2, 'red-lentil-dry'),
  ...drinks(0.05, 20, 5, 0.5, 'potato', 'sweet-potato'),
]);

/** Dry noodles and sheets that were boiled or soaked before: what is left to drink, by the water they hold already. @source kitchen physics 9: pre-boiled sheets 0.35, fresh ones 0.5, dry ones 1.45 g/g */
export const boiledBefore = { least: 0.35, fullAt: 1.2, sharpness: 2 } as const;

/** What dry noodles and sheets take from boiling water: g/g per root of a minute; from cold water: g/g at most, per hour. @source kitchen physics 9: a front that goes in */
export const noodleWater = { perRootMinute: 0.39, coldMost: 0.75, coldPerHour: 1.5, most: 1.9 } as const;

/** What layers around it can take of the water of a sauce: less the more starch, nuts and pulp hold it. @source kitchen physics 8: 80 % of tomato, 60 % of starch sauces, 40 % of nut creams */
export const reach = {
  /** Of a sauce that holds nothing but water and what is dissolved; taken off by pulp, starch and nut particles. */
  bare: 0.95, pulp: 0.18, pulpPercent: 5, starch: 0.3, starchPercent: 2.5, nut: 0.4, nutPercent: 12, least: 0.25,
  cv: 0.25,
} as const;

/**
 * Of the free water of a sauce that much runs when the dish is cut: all of it where it is thin, little where it is thick. mPa·s at which half runs, exponent,
 * °C at which it is cut. Of the water that a sauce holds a part still makes it creamy, of what a vegetable keeps a smaller one juicy. @source assumed; a white sauce by itself is not soupy, a drink is
 */
export const running = { halfAt: 800, power: 0.7, atC: 65, creamy: 0.1, juicy: 0.05 } as const;

/** µm from which something lies in pieces, and is no sauce. @source assumed: a grain of sand is felt, a lentil is a piece */
export const PIECE_UM = 2000;

/** How a layered dish warms, lets go, drinks and dries. @source kitchen physics 3, 8, 9 */
export const baking = {
  /** °C at which the figures hold, and °C from which nothing happens; min in equal steps. */
  usualC: 190, coldC: 80, stepMin: 0.5,
  /** min until a layer lets go, out of 20 °C; per °C that it goes in colder or warmer; at least. */
  releaseLag: 10, releaseLagPerC: 0.15, leastLag: 2,
  releaseMin: 25,
  /** g/(min·dm²) of an open surface at 190 °C in still air; °C below which nothing leaves; min before it does, out of 20 °C and per °C. */
  flux: 0.58, dryFromC: 90, dryLag: 8, dryLagPerC: 0.15, fan: 1.5, fluxCv: 0.3,
  /** A crust slows it: min open before it does, min over which it does. */
  crustFrom: 30, crustMin: 80,
  /** Under crumbs or a film of fat. */
  underFilm: 0.7,
  /** What leaves through a cover, of what leaves an open dish. */
  covers: { open: 1, parchment: 0.4, lid: 0.08, foil: 0.04 },
  /** While it rests: how fast things still drink, share of free water that starch binds in so many min. */
  restPace: 0.3, restBinds: 0.15, restMin: 15,
  /** Free water that a layer holds before it runs down, g/dm² and per mm of it; min in which it runs. */
  holds: 3, holdsPerMm: 0.35, runMin: 8,
  /** min in which water comes to what drinks, from its own layer and its neighbours. */
  reachMin: 5,
} as const;

/** What a dish is called by the free water left in it, g on a dm² of each wet layer. @source kitchen physics 8, E, cv 0.5: the edges are least to be trusted */
export const moistureEdges = { set: 2, soft: 6, soupy: 12, cv: 0.35 } as const;
/** Things higher than this count as several layers, mm. @source assumed: a usual layer */
export const LAYER_MM = 15;
/** What is aimed at where something is to be done, g/dm². @source the middle of "set" */
export const AIMED_AT = 4;

/** mm that must stay free for bubbling; least mm of a sauce that covers what is under it; share and most g that stay on spoon and bowl. @source kitchen physics, E */
export const layering = { bubblingMm: 15, leastMm: 3, lossG: 15, lossShare: 0.03 } as const;

/**
 * The top of a dish: mm of it that warm up before its surface steams, however high it is; °C by which a fan counts as hotter.
 * @source heat gets some 10 mm into wet food in a quarter of an hour (diffusivity below); the usual advice to set a fan oven 15 to 20 °C lower
 */
export const top = { warmsMm: 20, sharpness: 4, fanAsC: 17 } as const;

/** Heat into the middle of a dish. @source kitchen physics 15: one-dimensional conduction, W/(m²·K), W/(m·K), m²/s */
export const heating = { still: 25, fan: 36, foil: 18, conductivity: 0.5, diffusivity: 1.35e-7, doneC: 75, cv: 0.25 } as const;
