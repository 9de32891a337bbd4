import type { Amounted, Portion, PortionLine, Pungency } from './portion.js';

/**
 * How the parts of a meal meet: in one pot; into a base that is there already, which no addition makes milder to those who
 * must leave the base; or side by side, each tasted for itself.
 */
export type Together = 'mixed' | 'added' | 'beside';

/** What is known of an amount of which nothing is known. */
const noSalt: Amounted = { mid: 0, high: 0, partly: true };
const noPungency: Pungency = { bite: 0, burn: 0, partly: true };

const partly = (totals: readonly (Amounted | Pungency)[]): { readonly partly?: true } =>
  totals.some((total) => total.partly) ? { partly: true } : {};

const bites = (parts: readonly Portion[], burn: number, together: Together): number => {
  const own = parts.map(({ pungency }) => pungency?.bite ?? 0);
  if (together === 'beside') return Math.max(0, ...own);
  const mass = parts.reduce((sum, { massG = 0 }) => sum + massG, 0);
  // What has no known weight thins nothing.
  const mixed = mass > 0 ? burn / mass : burn > 0 ? Math.max(...own) : 0;
  return together === 'added' ? Math.max(mixed, own[0] ?? 0) : mixed;
};

/**
 * Several parts as one portion: what a person really eats. Grams, salt and burn are summed, lines and contacts are all kept, and
 * where something of one part is not known, it is not known of the whole.
 */
export function mealOf(parts: readonly Portion[], together: Together): Portion {
  const salts = parts.map(({ salt = noSalt }) => salt),
    pungencies = parts.map(({ pungency = noPungency }) => pungency);
  const sum = (amounts: readonly number[]) => amounts.reduce((all, amount) => all + amount, 0);
  const burn = sum(pungencies.map((one) => one.burn));
  const contacts = parts.flatMap((part) => part.contacts ?? []);
  return {
    lines: parts.flatMap(({ lines }) => lines),
    massG: sum(parts.map(({ massG = 0 }) => massG)),
    salt: {
      mid: sum(salts.map(({ mid }) => mid)),
      high: sum(salts.map(({ high }) => high)),
      ...partly(salts),
    },
    pungency: { bite: bites(parts, burn, together), burn, ...partly(pungencies) },
    ...(contacts.length > 0 ? { contacts } : {}),
  };
}

function scaledLine(line: PortionLine, by: number | undefined): PortionLine {
  const { gramsPerPortion, inside, ...rest } = line;
  return {
    ...rest,
    ...(by === undefined || gramsPerPortion === undefined ? {} : { gramsPerPortion: gramsPerPortion * by }),
    ...(inside ? { inside: inside.map((part) => scaledLine(part, by)) } : {}),
  };
}

/** So many times as much of it. `undefined`: how much is not known, so that only what is not in it at all stays known. */
export function timesAsMuch(portion: Portion, by: number | undefined): Portion {
  const { massG, salt = noSalt, pungency = noPungency } = portion;
  const factor = by ?? 0;
  const unknown = (amount: number, total: { readonly partly?: true }) =>
    (by === undefined && amount > 0) || total.partly ? { partly: true as const } : {};
  return {
    ...portion,
    lines: portion.lines.map((line) => scaledLine(line, by)),
    massG: (massG ?? 0) * factor,
    salt: { mid: salt.mid * factor, high: salt.high * factor, ...unknown(salt.high, salt) },
    pungency: {
      bite: factor > 0 ? pungency.bite : 0,
      burn: pungency.burn * factor,
      ...unknown(pungency.burn, pungency),
    },
  };
}

/** A portion as one line of another: a formula inside a formula, a base, a pot of the evening. */
export const asOneLine = (id: string, named: string, portion: Portion): Portion => ({
  ...portion,
  lines: [{ id, ingredient: undefined, named, inside: portion.lines }],
});
