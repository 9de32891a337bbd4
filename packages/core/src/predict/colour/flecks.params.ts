import { parameter, valuesOf } from '../../numeric/parameter.js';

/** Leaves, peel and spice that are seen one by one. @source assumed, from what is seen in a white sauce */
export const fleckParameters = {
  size: parameter(300, 'µm', 0.3, 'E', 'smaller than this the eye mixes them'),
  share: parameter(0.0004, 'of the mass', 0.5, 'E', 'a pinch of pepper in a pot'),
  most: parameter(0.15, 'of the mass', 0.3, 'E', 'more is a dish of its own, not flecks'),
  apart: parameter(22, 'ΔE', 0.2, 'E', 'difference from the sauce that catches the eye'),
} as const;
export const flecks = valuesOf(fleckParameters);
