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

/**
 * The edits that put an option of a swap into the pot: substitutes take the place of what they replace, helpers go to the end, what is left
 * out is taken out, and the rest gets its new amounts.
 * @param order all lines of the formula, those that could not be computed included
 */
export function stepsOfOption(
  order: readonly Placed[],
  lineIds: readonly string[],
  option: { readonly lines: readonly PotLine[]; readonly amounts: readonly Measurable[] },
  before: readonly number[],
  newId: () => string,
  method?: Method,
): readonly FormulaStep[] {
  const steps: FormulaStep[] = [],
    standsFor = new Map<string, string>();
  const places = order.map(({ id }) => id);
  const stays = new Set(
    option.lines.flatMap(({ origin }, i) =>
      origin !== undefined && (option.amounts[i]?.grams ?? 0) > 0 ? [lineIds[origin]] : [],
    ),
  );
  option.lines.forEach((line, i) => {
    const measured = option.amounts[i];
    if (!measured || !(measured.grams > 0)) return;
    if (line.origin !== undefined) {
      const id = lineIds[line.origin];
      if (
        id !== undefined &&
        Math.abs(measured.grams - (before[line.origin] ?? 0)) > 1e-6 * Math.max(measured.grams, 1)
      )
        steps.push({ step: 'set-amount', line: id, amount: measured.amount });
      return;
    }
    const replaced = line.replaces === undefined ? undefined : lineIds[line.replaces];
    const at = replaced === undefined ? places.length : places.indexOf(replaced);
    const id = newId();
    if (replaced !== undefined && !standsFor.has(replaced)) standsFor.set(replaced, id);
    const role = order.find((other) => other.id === replaced)?.role ?? line.ingredient.role;
    steps.push({
      step: 'add-line',
      at,
      line: {
        id,
        ingredient: line.ingredient.id,
        amount: measured.amount,
        role,
        preparation: line.preparation,
        stage: line.stage,
      },
    });
    places.splice(at, 0, id);
  });
  lineIds.forEach((id) => stays.has(id) || steps.push({ step: 'remove-line', line: id }));
  // What stands in goes in with the operation that the other went in with.
  if (method && standsFor.size > 0)
    steps.push({
      step: 'set-method',
      method: method.map((operation) =>
        operation.lines
          ? { ...operation, lines: operation.lines.map((id) => standsFor.get(id) ?? id) }
          : operation,
      ),
    });
  return steps;
}
