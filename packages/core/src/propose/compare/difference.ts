import type { Formula, Line } from '../../formula/formula.js';
import type { LarderLookup } from '../../formula/recipe-of-formula.js';
import { type Role, roles } from '../../ingredient/ingredient.js';
import type { Process } from '../../recipe/recipe.js';
import { gramsOf } from '../../quantity/amount.js';

/** One difference between two formulas. */
export type Difference =
  | { readonly kind: 'line-added'; readonly ingredient: string; readonly grams: number | undefined }
  | { readonly kind: 'line-removed'; readonly ingredient: string; readonly grams: number | undefined }
  | {
      readonly kind: 'amount';
      readonly ingredient: string;
      readonly from: number | undefined;
      readonly to: number | undefined;
    }
  | { readonly kind: 'made'; readonly ingredient: string }
  | {
      readonly kind: 'process';
      readonly what: keyof Process;
      readonly from: number | boolean;
      readonly to: number | boolean;
    }
  | { readonly kind: 'method' }
  | { readonly kind: 'serving' }
  | { readonly kind: 'portions'; readonly from: number; readonly to: number }
  | { readonly kind: 'brief' }
  | { readonly kind: 'family' }
  | { readonly kind: 'name'; readonly from: string; readonly to: string };

/** Amounts closer than this, g per g, are the same. */
const SAME = 1e-6;

const gramsIn = (line: Line, larder: LarderLookup): number | undefined => {
  const ingredient = larder(line.ingredient);
  return ingredient && gramsOf(line.amount, ingredient.measures);
};
const apart = (a: number | undefined, b: number | undefined): boolean =>
  a === undefined || b === undefined ? a !== b : Math.abs(a - b) > SAME * Math.max(a, b, 1);

/** Lines of one formula put beside those of another: first by id, then by what they are. */
function partnersOf(
  before: readonly Line[],
  after: readonly Line[],
): readonly (readonly [Line | undefined, Line | undefined])[] {
  const left = new Set(before);
  const pairs = after.map((line): readonly [Line | undefined, Line] => {
    const partner =
      [...left].find((other) => other.id === line.id && other.ingredient === line.ingredient) ??
      [...left].find((other) => other.ingredient === line.ingredient);
    if (partner) left.delete(partner);
    return [partner, line];
  });
  return [...pairs, ...[...left].map((line) => [line, undefined] as const)];
}

/** What changed from one formula to another, lines first. */
export function differencesOf(before: Formula, after: Formula, larder: LarderLookup): readonly Difference[] {
  const lines = partnersOf(before.lines, after.lines).flatMap(([was, is]): Difference[] => {
    if (!was && is) return [{ kind: 'line-added', ingredient: is.ingredient, grams: gramsIn(is, larder) }];
    if (was && !is)
      return [{ kind: 'line-removed', ingredient: was.ingredient, grams: gramsIn(was, larder) }];
    if (!was || !is) return [];
    const from = gramsIn(was, larder),
      to = gramsIn(is, larder);
    return [
      ...(apart(from, to) ? [{ kind: 'amount', ingredient: is.ingredient, from, to } as const] : []),
      ...(was.preparation !== is.preparation ||
      was.stage !== is.stage ||
      was.weighed !== is.weighed ||
      JSON.stringify(was.ready) !== JSON.stringify(is.ready)
        ? [{ kind: 'made', ingredient: is.ingredient } as const]
        : []),
    ];
  });
  const process = (Object.keys(after.process) as (keyof Process)[]).flatMap((what): Difference[] =>
    before.process[what] === after.process[what]
      ? []
      : [{ kind: 'process', what, from: before.process[what], to: after.process[what] }],
  );
  const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);
  return [
    ...lines,
    ...process,
    ...(same(before.method, after.method) && before.writesItself === after.writesItself
      ? []
      : [{ kind: 'method' } as const]),
    ...(same(before.serve, after.serve) ? [] : [{ kind: 'serving' } as const]),
    ...(before.portions === after.portions
      ? []
      : [{ kind: 'portions', from: before.portions, to: after.portions } as const]),
    ...(same(before.brief, after.brief) ? [] : [{ kind: 'brief' } as const]),
    ...(before.family === after.family ? [] : [{ kind: 'family' } as const]),
    ...(before.name === after.name ? [] : [{ kind: 'name', from: before.name, to: after.name } as const]),
  ];
}

/** A row of several formulas side by side: one ingredient, and how much of it each has. */
export interface SideRow {
  readonly role: Role;
  readonly ingredient: string;
  /** By formula, g; undefined where it is not in, or cannot be weighed. */
  readonly grams: readonly (number | undefined)[];
}

/** The lines of several formulas side by side, by role, in the order in which they first appear; two lines of one thing are added up. */
export function sideBySide(formulas: readonly Formula[], larder: LarderLookup): readonly SideRow[] {
  const rows = new Map<string, { role: Role; ingredient: string; grams: (number | undefined)[] }>();
  formulas.forEach((formula, k) => {
    for (const line of formula.lines) {
      const key = `${line.role} ${line.ingredient}`;
      const row = rows.get(key) ?? {
        role: line.role,
        ingredient: line.ingredient,
        grams: formulas.map(() => undefined),
      };
      const grams = gramsIn(line, larder);
      row.grams[k] = grams === undefined ? row.grams[k] : (row.grams[k] ?? 0) + grams;
      rows.set(key, row);
    }
  });
  return roles.flatMap((role) => [...rows.values()].filter((row) => row.role === role));
}
