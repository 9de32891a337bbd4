/** Fractions printed on spoons and cups; @source S-08. */
const KITCHEN_DENOMINATORS = [2, 3, 4, 8] as const;

/** The kitchen fraction (halves, thirds, quarters, eighths) nearest to a value, with what rounding does to it. */
export function nearestKitchenFraction(value: number): {
  readonly whole: number;
  readonly over: number;
  readonly under: number;
  readonly relativeError: number;
} {
  let best = {
    whole: Math.round(value),
    over: 0,
    under: 1,
    relativeError: Math.abs(Math.round(value) - value) / value,
  };
  for (const under of KITCHEN_DENOMINATORS) {
    const parts = Math.round(value * under);
    const whole = Math.floor(parts / under),
      over = parts - whole * under;
    const relativeError = Math.abs(parts / under - value) / value;
    if (over > 0 && relativeError < best.relativeError - 1e-9) best = { whole, over, under, relativeError };
  }
  return best;
}

/** Writes a value as a cook would: 1.5 → "1 1/2", 0.333 → "1/3"; never "0" for something present. */
export function writeKitchenNumber(value: number): string {
  if (!(value > 0)) return '0';
  if (value >= 10) return String(Math.round(value));
  const { whole, over, under } = nearestKitchenFraction(value);
  if (over === 0) return whole === 0 ? '1/8' : String(whole);
  return whole > 0 ? `${whole} ${over}/${under}` : `${over}/${under}`;
}
