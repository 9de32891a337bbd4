import type { ChoiceOf } from './operation-field.js';

/** How a kitchen tool cuts. */
export interface ToolRow {
  /** 0..1 as a flat process says it: stick 0.35, jug 0.6, strong 0.9. */
  readonly power: number;
  /** Rate at which it works, strong jug = 1. */
  readonly rate: number;
  /** µm below which it does not get with hard things. */
  readonly finest: number;
  /** mL of its jar; absent where it works in any pot. */
  readonly jarMl?: number;
  /** min that a small motor runs, and then rests; absent where nothing gets hot. */
  readonly runs?: { readonly onMin: number; readonly restMin: number };
}

/** @source kitchen physics 12, E, CV 0.4: blade speed and gap of domestic toolRows; the whisk only parts what hangs together. */
export const toolRows: Readonly<Record<ChoiceOf<'tool'>, ToolRow>> = {
  'strong-jug': { power: 0.9, rate: 1, finest: 12, jarMl: 1800, runs: { onMin: 6, restMin: 5 } },
  'small-cup': { power: 0.75, rate: 0.7, finest: 18, jarMl: 600, runs: { onMin: 1, restMin: 2 } },
  jug: { power: 0.6, rate: 0.45, finest: 25, jarMl: 1500, runs: { onMin: 2, restMin: 2 } },
  stick: { power: 0.35, rate: 0.12, finest: 80, runs: { onMin: 1, restMin: 2 } },
  processor: { power: 0.3, rate: 0.1, finest: 150, jarMl: 2000, runs: { onMin: 3, restMin: 3 } },
  whisk: { power: 0.05, rate: 0.002, finest: 1000 },
};

/** Share of a jar that is filled, cold and hot (°C above which steam lifts a lid). @source kitchen physics 12, E */
export const jarFill = { cold: 0.8, hot: 0.5, hotFromC: 60 } as const;
