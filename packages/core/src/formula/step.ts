import type { Brief } from '../brief/wish.js';
import { type Role, roles } from '../ingredient/ingredient.js';
import type { Method } from '../recipe/method/operation.js';
import type { Preparation } from '../recipe/preparation.js';
import { flatProcessOf } from './method/method-of-formula.js';
import type { Process, Stage } from '../recipe/recipe.js';
import type { Amount } from '../quantity/amount.js';
import type { Family } from '../brief/family.js';
import type { Formula, Hold, Line, Serve } from './formula.js';

/** An edit of a formula as data: it can be applied, inverted, kept, sent and read aloud. */
export type FormulaStep =
  | { readonly step: 'set-amount'; readonly line: string; readonly amount: Amount | undefined }
  /** Which kind of it a line is: miso of barley, stock without celery. */
  | { readonly step: 'set-kind'; readonly line: string; readonly ingredient: string }
  | { readonly step: 'set-preparation'; readonly line: string; readonly preparation: Preparation }
  | { readonly step: 'set-stage'; readonly line: string; readonly stage: Stage }
  | {
      readonly step: 'add-line';
      readonly line: Line;
      /** Place in the list; absent appends. */ readonly at?: number;
    }
  | { readonly step: 'remove-line'; readonly line: string }
  | {
      readonly step: 'move-line';
      readonly line: string;
      readonly role: Role;
      /** Place in the whole list after taking the line out. */ readonly at: number;
    }
  | { readonly step: 'set-process'; readonly process: Partial<Process> }
  /** The whole method; undefined lets it be written by the app again. */
  | { readonly step: 'set-method'; readonly method: Method | undefined }
  /** What is done to one line before the pot; undefined is what its preparation says. */
  | { readonly step: 'set-ready'; readonly line: string; readonly ready: Method | undefined }
  | { readonly step: 'set-weighed'; readonly line: string; readonly weighed: 'ready' | undefined }
  | { readonly step: 'set-serve'; readonly serve: Partial<Serve> }
  | { readonly step: 'rename'; readonly name: string }
  | { readonly step: 'set-family'; readonly family: Family }
  | { readonly step: 'set-portions'; readonly portions: number }
  | { readonly step: 'set-note'; readonly note: string }
  | {
      readonly step: 'set-hold';
      readonly line: string;
      /** Absent frees the line. */ readonly hold: Hold | undefined;
    }
  | {
      readonly step: 'set-brief';
      /** Absent asks for nothing: it stays as it is. */ readonly brief: Brief | undefined;
    }
  /** Several edits taken and undone as one: all of them, or none. */
  | { readonly step: 'several'; readonly steps: readonly FormulaStep[] }
  /** Another version takes its place whole. */
  | { readonly step: 'become'; readonly formula: Formula };

export type StepOutcome =
  | { readonly kind: 'applied'; readonly formula: Formula; readonly inverse: FormulaStep }
  | { readonly kind: 'unknown-line'; readonly line: string }
  | { readonly kind: 'repeated-line'; readonly line: string };

const applied = (formula: Formula, inverse: FormulaStep): StepOutcome => ({
  kind: 'applied',
  formula,
  inverse,
});

/** The same lines by role, in the order of the roles, keeping their order within each. */
export const linesByRole = (
  lines: readonly Line[],
): readonly { readonly role: Role; readonly lines: readonly Line[] }[] =>
  roles
    .map((role) => ({ role, lines: lines.filter((line) => line.role === role) }))
    .filter((group) => group.lines.length > 0);

function changeLine(
  formula: Formula,
  id: string,
  change: (line: Line) => Line,
  invert: (line: Line) => FormulaStep,
): StepOutcome {
  const line = formula.lines.find((candidate) => candidate.id === id);
  if (!line) return { kind: 'unknown-line', line: id };
  const next = change(line);
  return applied(
    { ...formula, lines: formula.lines.map((candidate) => (candidate.id === id ? next : candidate)) },
    invert(line),
  );
}

function pick<T extends object>(from: T, like: Partial<T>): Partial<T> {
  return Object.fromEntries(Object.keys(like).map((key) => [key, from[key as keyof T]])) as Partial<T>;
}

function insertAt<T>(list: readonly T[], item: T, at: number): readonly T[] {
  const place = Math.max(0, Math.min(at, list.length));
  return [...list.slice(0, place), item, ...list.slice(place)];
}

/** An edit of one kind. */
type Edit<Kind extends FormulaStep['step']> = Extract<FormulaStep, { readonly step: Kind }>;

/** What an edit of each kind does. */
type Edits = { readonly [Kind in FormulaStep['step']]: (formula: Formula, step: Edit<Kind>) => StepOutcome };

/** Edits of one line. */
const ofOneLine: Pick<
  Edits,
  'set-amount' | 'set-kind' | 'set-preparation' | 'set-stage' | 'set-ready' | 'set-weighed' | 'set-hold'
> = {
  'set-amount': (formula, step) =>
    changeLine(
      formula,
      step.line,
      (line) => ({ ...line, amount: step.amount }),
      (line) => ({ ...step, amount: line.amount }),
    ),
  'set-kind': (formula, step) =>
    changeLine(
      formula,
      step.line,
      (line) => ({ ...line, ingredient: step.ingredient }),
      (line) => ({ ...step, ingredient: line.ingredient }),
    ),
  'set-preparation': (formula, step) =>
    changeLine(
      formula,
      step.line,
      (line) => ({ ...line, preparation: step.preparation }),
      (line) => ({ ...step, preparation: line.preparation }),
    ),
  'set-stage': (formula, step) =>
    changeLine(
      formula,
      step.line,
      (line) => ({ ...line, stage: step.stage }),
      (line) => ({ ...step, stage: line.stage }),
    ),
  'set-ready': (formula, step) =>
    changeLine(
      formula,
      step.line,
      ({ ready: _before, ...line }) => (step.ready ? { ...line, ready: step.ready } : line),
      (line) => ({ ...step, ready: line.ready }),
    ),
  'set-weighed': (formula, step) =>
    changeLine(
      formula,
      step.line,
      ({ weighed: _before, ...line }) => (step.weighed ? { ...line, weighed: step.weighed } : line),
      (line) => ({ ...step, weighed: line.weighed }),
    ),
  'set-hold': (formula, step) =>
    changeLine(
      formula,
      step.line,
      ({ hold: _before, ...line }) => (step.hold ? { ...line, hold: step.hold } : line),
      (line) => ({ ...step, hold: line.hold }),
    ),
};

/** Takes a line out of the list and hands on what is left of it. */
function takenOut(
  formula: Formula,
  id: string,
  then: (line: Line, at: number, rest: readonly Line[]) => StepOutcome,
): StepOutcome {
  const at = formula.lines.findIndex((line) => line.id === id),
    line = formula.lines[at];
  if (!line) return { kind: 'unknown-line', line: id };
  return then(
    line,
    at,
    formula.lines.filter((other) => other.id !== id),
  );
}

/** Edits of the list of lines. */
const ofTheLines: Pick<Edits, 'add-line' | 'remove-line' | 'move-line'> = {
  'add-line': (formula, step) =>
    formula.lines.some((line) => line.id === step.line.id)
      ? { kind: 'repeated-line', line: step.line.id }
      : applied(
          { ...formula, lines: insertAt(formula.lines, step.line, step.at ?? formula.lines.length) },
          { step: 'remove-line', line: step.line.id },
        ),
  'remove-line': (formula, step) =>
    takenOut(formula, step.line, (line, at, rest) =>
      applied({ ...formula, lines: rest }, { step: 'add-line', line, at }),
    ),
  'move-line': (formula, step) =>
    takenOut(formula, step.line, (line, at, rest) =>
      applied(
        { ...formula, lines: insertAt(rest, { ...line, role: step.role }, step.at) },
        { step: 'move-line', line: step.line, role: line.role, at },
      ),
    ),
};

/** Edits of how it is cooked. */
const ofTheCooking: Pick<Edits, 'set-process' | 'set-method'> = {
  // Flat words replace whatever method there was, and taking them back brings it back.
  'set-process': (formula, step) => {
    const { method, writesItself, ...flat } = formula;
    if (method || writesItself)
      return applied(
        { ...flat, process: { ...flatProcessOf(formula), ...step.process } },
        { step: 'become', formula },
      );
    return applied(
      { ...formula, process: { ...formula.process, ...step.process } },
      { step: 'set-process', process: pick(formula.process, step.process) },
    );
  },
  'set-method': (formula, step) => {
    const { method: before, writesItself, ...rest } = formula;
    const inverse: FormulaStep =
      before || writesItself ? { step: 'set-method', method: before } : { step: 'become', formula };
    return applied(step.method ? { ...rest, method: step.method } : { ...rest, writesItself: true }, inverse);
  },
};

/** Edits of what it is, and for whom. */
const ofTheWhole: Pick<
  Edits,
  'set-serve' | 'rename' | 'set-family' | 'set-portions' | 'set-brief' | 'set-note' | 'become'
> = {
  'set-serve': (formula, step) =>
    applied(
      { ...formula, serve: { ...formula.serve, ...step.serve } },
      { step: 'set-serve', serve: pick(formula.serve, step.serve) },
    ),
  rename: (formula, step) => applied({ ...formula, name: step.name }, { step: 'rename', name: formula.name }),
  'set-family': (formula, step) =>
    applied({ ...formula, family: step.family }, { step: 'set-family', family: formula.family }),
  'set-portions': (formula, step) =>
    applied({ ...formula, portions: step.portions }, { step: 'set-portions', portions: formula.portions }),
  'set-brief': (formula, step) => {
    const { brief: before, ...rest } = formula;
    return applied(step.brief ? { ...rest, brief: step.brief } : rest, { step: 'set-brief', brief: before });
  },
  'set-note': (formula, step) =>
    applied({ ...formula, note: step.note }, { step: 'set-note', note: formula.note }),
  become: (formula, step) => applied(step.formula, { step: 'become', formula }),
};

function applySeveral(formula: Formula, steps: readonly FormulaStep[]): StepOutcome {
  let now = formula;
  const inverses: FormulaStep[] = [];
  for (const step of steps) {
    const outcome = applyStep(now, step);
    if (outcome.kind !== 'applied') return outcome;
    now = outcome.formula;
    inverses.unshift(outcome.inverse);
  }
  return applied(now, { step: 'several', steps: inverses });
}

const edits: Edits = {
  ...ofOneLine,
  ...ofTheLines,
  ...ofTheCooking,
  ...ofTheWhole,
  several: (formula, step) => applySeveral(formula, step.steps),
};

/** Applies one edit; the outcome holds the edit that takes it back. A line that is gone, or an id that is taken, is an outcome, not an error. */
export function applyStep<Kind extends FormulaStep['step']>(formula: Formula, step: Edit<Kind>): StepOutcome {
  return edits[step.step](formula, step);
}
