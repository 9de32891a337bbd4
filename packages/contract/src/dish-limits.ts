/** Most parts, layers and stretches of a dish; largest vessel, cm; most g of a part. @source assumed: more than any household's oven takes */
export const dishLimits = {
  components: 30,
  eaters: 100,
  appetite: 10,
  layers: 40,
  stages: 8,
  /** Versions of a dish that are kept. */
  kept: 30,
  cm: 100,
  depthCm: 40,
  grams: 20_000,
  mm: 200,
  minutes: 600,
} as const;
