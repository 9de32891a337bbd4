/** How one kind of ingredient drinks in a soak. Uptake follows a first-order approach: most · (1 − e^(−t/τ)). */
export interface SoakRow {
  /** g of water per g weighed dry, in the end. */
  readonly most: number;
  readonly cv: number;
  /** h, in cold water and in water poured on boiling. */
  readonly coldHours: number;
  readonly hotHours: number;
  /** h of cold soak after which it turns slimy or begins to ferment. */
  readonly slimyAfter: number;
  readonly source: string;
}

const pulse = { most: 1.05, cv: 0.12, coldHours: 3.5, hotHours: 0.9, slimyAfter: 18, source: 'S-15' } as const;
const nut = { most: 0.4, cv: 0.2, coldHours: 2.5, hotHours: 0.35, slimyAfter: 12, source: 'S-15' } as const;

/** @source S-15 (hydration of seeds and pulses), mid-range, P/E; ids of the larder, dry forms only. */
export const soakRows: Readonly<Record<string, SoakRow>> = {
  cashew: { ...nut, most: 0.42 },
  'cashew-roasted-salted': { ...nut, most: 0.3 },
  almond: { ...nut, most: 0.48, coldHours: 4, hotHours: 0.6 },
  hazelnut: { ...nut, most: 0.35, coldHours: 4 },
  walnut: { ...nut, most: 0.25, coldHours: 3 },
  pecan: { ...nut, most: 0.22, coldHours: 3 },
  macadamia: { ...nut, most: 0.2, coldHours: 4 },
  'brazil-nut': { ...nut, most: 0.25, coldHours: 4 },
  pistachio: { ...nut, most: 0.45 },
  'pine-nut': { ...nut, most: 0.3, coldHours: 2 },
  peanut: { ...nut, most: 0.5, coldHours: 4 },
  'sunflower-seed': { ...nut, most: 0.55, coldHours: 1.8, hotHours: 0.3, slimyAfter: 10 },
  'pumpkin-seed': { ...nut, most: 0.4, coldHours: 2.5 },
  'sesame-seed': { ...nut, most: 0.45, coldHours: 2, slimyAfter: 10 },
  'poppy-seed': { ...nut, most: 0.5, coldHours: 2 },
  'flax-seed-ground': { most: 4, cv: 0.3, coldHours: 0.2, hotHours: 0.1, slimyAfter: 12, source: 'S-15' },
  'chia-seed': { most: 8, cv: 0.25, coldHours: 0.3, hotHours: 0.15, slimyAfter: 24, source: 'S-15' },
  'psyllium-husk': { most: 20, cv: 0.3, coldHours: 0.1, hotHours: 0.1, slimyAfter: 24, source: 'S-15' },
  'red-lentil-dry': { ...pulse, most: 0.95, coldHours: 1, hotHours: 0.3 },
  'split-pea-dry': { ...pulse, most: 0.95, coldHours: 2, hotHours: 0.5 },
  'mung-dry': { ...pulse, most: 1, coldHours: 2, hotHours: 0.5 },
  'tomato-dried': { most: 1.1, cv: 0.25, coldHours: 1.5, hotHours: 0.3, slimyAfter: 24, source: 'S-15' },
  'oat-flakes': { most: 1.6, cv: 0.2, coldHours: 0.5, hotHours: 0.1, slimyAfter: 12, source: 'S-15' },
};
