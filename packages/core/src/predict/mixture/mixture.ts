import type { BufferAmounts } from '../acidity/charge-balance.js';
import type { Ingredient } from '../../ingredient/ingredient.js';
import type { Process } from '../../recipe/recipe.js';
import type { AcidMoment } from './acid-moment.js';

/** What became of one line. */
export interface LineFate {
  /** As it came into the finished pot: behind a strainer another composition than before. */
  readonly ingredient?: Ingredient;
  /** g of it as weighed, before it was made ready. */
  readonly weighedG: number;
  /** g that came into the finished pot, with the water it drank or lost. */
  readonly arrivedG: number;
  /** Place of the operation it goes in with; below 0 for the start. */
  readonly entered: number;
  /** Heat since it went in, baking included. */
  readonly heat: { readonly maxTemperature: number; readonly hold: number };
  /** µm and hardness after the blades; strong jug seconds it met. */
  readonly ground: { readonly diameter: number; readonly hardness: number };
  readonly work: number;
  /** 0..1 of it that stays in pieces. */
  readonly pieces: number;
  /** min near the boil, made ready and in the pot. */
  readonly aromaMinutes: number;
  /** g that reach the pot per g weighed, without the water it drank or lost; g of sugars per g that it left in water poured off. */
  readonly arrived: number;
  readonly sugarsLeft: number;
  /** Share of its alcohol that cooking leaves. */
  readonly alcoholLeft: number;
}

/**
 * Everything extensive in the pot after cooking: independent of the temperature at which it is looked at.
 * Masses in g, volumes in mL, amounts of substance in mmol, sizes in µm.
 */
export interface Mixture {
  readonly process: Process;
  /** Share of the weighed mass whose composition was partly guessed, 0..1. */
  readonly guessedShare: number;
  readonly mass: number;
  readonly water: number;
  /** Boiled off, baked off and lost while kept warm. */
  readonly evaporated: number;
  /** Drunk by noodles that are in the sauce. */
  readonly absorbed: number;
  /** Asked to leave while it cooks; what making ready brought beyond what was weighed (below 0: took). */
  readonly boilsOff: number;
  readonly broughtG: number;
  /** Relative standard deviation of the water, from what making ready brought and boiling took. */
  readonly waterDoubt: number;
  /** Fat of the sauce, without what stays in pieces. */
  readonly fat: number;
  /** What stays in pieces: mL of room, g of their water, fat, starch and organic acid. */
  readonly inPieces: {
    readonly volume: number;
    readonly water: number;
    readonly fat: number;
    readonly starch: number;
    readonly organicAcid: number;
  };
  /** g of gums that never met the heat they need. */
  readonly undissolvedGums: number;
  /** What became of each line that weighs something, and its place in the recipe; of what was made before, each part in it. */
  readonly fates: readonly LineFate[];
  readonly linePlaces: readonly number[];
  /** Each moment at which heat or something sour came to the pot. */
  readonly acidMoments: readonly AcidMoment[];
  /** Probability that what was made before had split, times its share of the protein that can, 0..1. */
  readonly curdledBefore: number;
  readonly protein: number;
  readonly fibre: number;
  readonly sugars: number;
  /** g of sucrose that the sugars are as sweet as; and the g of sugars, dextrin and oligosaccharides, each by how thick it makes water. */
  readonly sweetness: number;
  readonly sugarThickening: number;
  readonly salt: number;
  readonly alcohol: number;
  /** Share of the alcohol that cooking left, 0..1. */
  readonly alcoholLeft: number;
  readonly gums: number;
  readonly oligo: number;
  readonly dextrin: number;
  readonly unnamed: number;
  readonly calciumMg: number;
  /** Starch by kind: gelatinized and dispersed; then totals enclosed in cells, and raw. */
  readonly dispersedStarch: Float64Array;
  readonly cellStarch: number;
  readonly rawStarch: number;
  /** The part of the raw starch that tastes of flour: that of nuts and seeds is eaten raw. */
  readonly flouryStarch: number;
  readonly allStarch: number;
  readonly gelatinizedShares: Float64Array;
  /** Gums, soluble protein and sugars, in the order of `soluteIds`. */
  readonly solutes: Float64Array;
  readonly fatByType: Float64Array;
  readonly buffers: BufferAmounts;
  readonly strongIons: number;
  readonly pH: number;
  readonly hydrolysis: number;
  readonly breakdown: number;
  /** Hydrated volume of nut, seed, pulse and flour particles; of curd; of vegetable cell walls; dry volume of all. */
  readonly particleVolume: number;
  readonly curdVolume: number;
  /** How far flocs of soured protein met heat, 0..1. */
  readonly flocsShrunk: number;
  readonly cellWallVolume: number;
  /** The part of the particle volume that is nut or seed, and what of the batch never met a blade, mL. */
  readonly nutVolume: number;
  readonly pieceVolume: number;
  readonly dryParticleVolume: number;
  /** All but dissolved thickeners, so that adding one never dilutes the particles. */
  readonly suspensionVolume: number;
  readonly volume: number;
  readonly emulsifyingProtein: number;
  /** 0..1. */
  readonly emulsifiedFat: number;
  readonly stableEmulsionFat: number;
  /** Fat that came with water in it (butter, spreads), and g of what covers droplets without being protein. */
  readonly spreadFat: number;
  /** How warm it was when a blade last ran in it, and the hottest afterwards, °C; undefined where none ran. */
  readonly worked: { readonly atC: number; readonly thenC: number } | undefined;
  readonly surfactant: number;
  readonly heatSetProtein: number;
  /** Protein of nut, seed and curd particles, which baking knits together. */
  readonly bakedProtein: number;
  /** What went in as salt, sugar and acid stays what it is; these are the heat that was met, baking included. */
  readonly maxTemperature: number;
  readonly hold: number;
  readonly browning: number;
  readonly coagulatingProtein: number;
  /** The part of it that was soured before. */
  readonly culturedProtein: number;
  /** g of tannins, and g of alcohol before any of it left: both help protein to coagulate. */
  readonly tannin: number;
  readonly alcoholBefore: number;
  readonly isoelectricPh: number;
  readonly grains: number;
  readonly dryHotStarch: number;
  readonly meanDiameter: number;
  /** How far coarse solids break strands, 0..1. */
  readonly coarseness: number;
  readonly glutamate: number;
  readonly aspartate: number;
  readonly imp: number;
  readonly gmp: number;
  readonly amp: number;
  /** Sum of g × index / 100. */
  readonly bitter: number;
  /** Sum of g × strength (`bitingStrength`). */
  readonly pungent: number;
  /** Mean absorption over scattering per colour channel. */
  readonly absorption: readonly [number, number, number];
}
