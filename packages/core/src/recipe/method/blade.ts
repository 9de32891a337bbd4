import { amountOf, choiceOf, type Operation } from './operation.js';
import { type ToolRow, toolRows } from './tool.params.js';

/** Tools that a bare power stands between, weakest first. */
const knots: readonly ToolRow[] = [
  toolRows.stick,
  toolRows.jug,
  toolRows['small-cup'],
  toolRows['strong-jug'],
];
/** Below the weakest and above the strongest, rate and fineness follow this power of the power. @source assumed */
const RATE_EXPONENT = 2;

const between = (low: number, high: number, share: number): number => low * (high / low) ** share;

/** A tool of any power, 0..1, between those of the table (interpolated in logarithms). */
export function toolOfPower(power: number): ToolRow {
  const last = knots.length - 1;
  const after = knots.findIndex((knot) => knot.power >= power);
  const low = knots[Math.max(0, (after < 0 ? last : after) - 1)]!,
    high = knots[after < 0 ? last : after]!;
  if (after <= 0) {
    const end = after < 0 ? high : knots[0]!;
    const beyond = power / end.power;
    return { power, rate: end.rate * beyond ** RATE_EXPONENT, finest: end.finest / Math.max(beyond, 1e-3) };
  }
  const share = (power - low.power) / (high.power - low.power);
  return {
    power,
    rate: between(low.rate, high.rate, share),
    finest: between(low.finest, high.finest, share),
  };
}

/** Pulses let the pieces fall back: their seconds count less. @source kitchen physics 12, E, CV 0.4 */
const PULSED = 0.8;

/** A blade that runs: its tool, and s that count. */
export interface BladeRun {
  readonly tool: ToolRow;
  readonly seconds: number;
}

/** What runs at an operation; undefined where no blade does. */
export function bladeOf(operation: Operation): BladeRun | undefined {
  if (operation.kind !== 'blend' && operation.kind !== 'pulse') return undefined;
  const chosen = choiceOf(operation, 'tool') ?? 'jug';
  const tool = operation.power === undefined ? toolRows[chosen] : toolOfPower(operation.power);
  const seconds = amountOf(operation, 'seconds') * (operation.kind === 'pulse' ? PULSED : 1);
  return tool.power > 0 && seconds > 0 ? { tool, seconds } : undefined;
}

/** Whether a blade runs at an operation. */
export const cuts = (operation: Operation): boolean => bladeOf(operation) !== undefined;
