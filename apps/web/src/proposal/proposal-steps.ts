import type { FormulaStep, LineChange, Measurable, Method, PotLine, Proposal, Role } from '@alterum/core';

/** The edits that make a proposal of the balance come true: all of its changes, or those that are ticked; a helper is a line of its own. */
export function stepsOfProposal(
  lineIds: readonly string[],
  { amounts, helper }: Pick<Proposal, 'amounts' | 'helper'>,
  changes: readonly LineChange[],
  newId: () => string,
): readonly FormulaStep[] {
  return changes.flatMap(({ line }): FormulaStep[] => {
    const id = lineIds[line],
      measured = amounts[line];
    if (!measured) return [];
    if (id === undefined) {
      if (!helper || !(measured.grams > 0)) return [];
      const { ingredient, preparation, stage } = helper;
      const added = {
        id: newId(),
        ingredient: ingredient.id,
        amount: measured.amount,
        role: ingredient.role,
        preparation,
        stage,
      };
      return [{ step: 'add-line', line: added }];
    }
    return [{ step: 'set-amount', line: id, amount: measured.amount }];
  });
}

interface Placed {
  readonly id: string;
  readonly role: Role;
}

interface Option {
  readonly lines: readonly PotLine[];
  readonly amounts: readonly Measurable[];
}

/** New amounts of the lines that stay, where they moved. */
const movedAmounts = (
  lineIds: readonly string[],
  { lines, amounts }: Option,
  before: readonly number[],
): readonly FormulaStep[] =>
  lines.flatMap(({ origin }, i): readonly FormulaStep[] => {
    const measured = amounts[i],
      id = origin === undefined ? undefined : lineIds[origin];
    if (!measured || !(measured.grams > 0) || origin === undefined || id === undefined) return [];
    const moved = Math.abs(measured.grams - (before[origin] ?? 0)) > 1e-6 * Math.max(measured.grams, 1);
    return moved ? [{ step: 'set-amount', line: id, amount: measured.amount }] : [];
  });

/** Lines that come in, each where what it replaces stands, and by what each replaced line is stood for. */
function comingIn(
  order: readonly Placed[],
  lineIds: readonly string[],
  { lines, amounts }: Option,
  newId: () => string,
): { readonly steps: readonly FormulaStep[]; readonly standsFor: ReadonlyMap<string, string> } {
  const steps: FormulaStep[] = [],
    standsFor = new Map<string, string>(),
    places = order.map(({ id }) => id);
  for (const [i, line] of lines.entries()) {
    const measured = amounts[i];
    if (line.origin !== undefined || !measured || !(measured.grams > 0)) continue;
    const { ingredient, preparation, stage } = line,
      replaced = line.replaces === undefined ? undefined : lineIds[line.replaces],
      at = replaced === undefined ? places.length : places.indexOf(replaced),
      role = order.find((other) => other.id === replaced)?.role ?? ingredient.role,
      id = newId();
    if (replaced !== undefined && !standsFor.has(replaced)) standsFor.set(replaced, id);
    steps.push({
      step: 'add-line',
      at,
      line: { id, ingredient: ingredient.id, amount: measured.amount, role, preparation, stage },
    });
    places.splice(at, 0, id);
  }
  return { steps, standsFor };
}

/** What stands in goes in with the operation that the other went in with. */
const inTheMethod = (
  method: Method | undefined,
  standsFor: ReadonlyMap<string, string>,
): readonly FormulaStep[] =>
  method && standsFor.size > 0
    ? [
        {
          step: 'set-method',
          method: method.map((operation) =>
            operation.lines
              ? { ...operation, lines: operation.lines.map((id) => standsFor.get(id) ?? id) }
              : operation,
          ),
        },
      ]
    : [];

/**
 * The edits that put an option of a swap into the pot: substitutes take the place of what they replace, helpers go to the end, what is left
 * out is taken out, and the rest gets its new amounts.
 * @param order all lines of the formula, those that could not be computed included
 */
export function stepsOfOption(
  order: readonly Placed[],
  lineIds: readonly string[],
  option: Option,
  before: readonly number[],
  newId: () => string,
  method?: Method,
): readonly FormulaStep[] {
  const stays = new Set(
    option.lines.flatMap(({ origin }, i) =>
      origin !== undefined && (option.amounts[i]?.grams ?? 0) > 0 ? [lineIds[origin]] : [],
    ),
  );
  const { steps, standsFor } = comingIn(order, lineIds, option, newId);
  return [
    ...movedAmounts(lineIds, option, before),
    ...steps,
    ...lineIds.flatMap((line): readonly FormulaStep[] =>
      stays.has(line) ? [] : [{ step: 'remove-line', line }],
    ),
    ...inTheMethod(method, standsFor),
  ];
}
