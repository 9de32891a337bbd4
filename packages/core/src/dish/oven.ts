import { baking as p, heating } from './moisture.params.js';

export const ovenCovers = ['open', 'parchment', 'lid', 'foil'] as const;
export type Cover = (typeof ovenCovers)[number];

/** One stretch in the oven. */
export interface OvenStage {
  readonly temperatureC: number;
  readonly minutes: number;
  readonly cover: Cover;
  readonly fan: boolean;
}

/** How fast things happen in an oven of a temperature, 1 at the usual one. */
export const paceAt = (temperatureC: number): number =>
  Math.max(0, (temperatureC - p.coldC) / (p.usualC - p.coldC));

/** min before something happens, out of a temperature it goes in with. */
export const lagFrom = (lag: number, perC: number, fromC: number): number =>
  Math.max(p.leastLag, lag - perC * (fromC - 20));

/**
 * Minutes until the middle of a dish is hot enough to eat, in an oven that stays as it is in its first stage.
 * @returns Infinity where it never is   @source kitchen physics 15: one term of the series for a slab warmed from both faces
 */
export function minutesToMiddle(heightMm: number, stage: OvenStage, fromC: number): number {
  const { temperatureC, cover, fan } = stage;
  if (fromC >= heating.doneC) return 0;
  if (temperatureC <= heating.doneC || !(heightMm > 0)) return heightMm > 0 ? Infinity : 0;
  const h = cover === 'open' ? (fan ? heating.fan : heating.still) : heating.foil;
  const half = heightMm / 2 / 1000,
    bi = (h * half) / heating.conductivity;
  const theta = (temperatureC - heating.doneC) / (temperatureC - fromC);
  const zeta2 = bi / (1 + bi / 2.47),
    first = 1 + (0.273 * bi) / (bi + 1.5);
  const fourier = Math.max(0, Math.log(first / theta)) / zeta2;
  return (fourier * half ** 2) / heating.diffusivity / 60;
}
