/** Grams as shown on a line: finer for small amounts. */
export function gramsText(g: number): string {
  if (g >= 1000) return String(Math.round(g)).replace(/\B(?=(\d{3})+$)/g, '\u202f');
  if (g >= 20) return String(Math.round(g));
  if (g >= 2) return trim(g.toFixed(1));
  return trim(g.toFixed(2));
}

const trim = (text: string): string => text.replace(/(\.\d*?)0+$/, '$1').replace(/\.$/, '');

/** One arrow key on an amount of grams. */
export function gramStep(g: number): number {
  if (g >= 100) return 5;
  if (g >= 10) return 1;
  if (g >= 2) return 0.5;
  return 0.1;
}

/** A figure with a fixed number of digits, thousands set apart. */
export const figure = (value: number, digits: number): string =>
  value >= 1000
    ? String(Math.round(Number(value.toPrecision(3)))).replace(/\B(?=(\d{3})+$)/g, '\u202f')
    : value.toFixed(digits);
