import { gelatinization } from './gelatinization.params.js';

/** How far the fridge has worked on the starch after some days, 0..1. */
export const retrogradationProgress = (days: number): number =>
  1 - Math.exp(-days / gelatinization.retrogradationDays);
