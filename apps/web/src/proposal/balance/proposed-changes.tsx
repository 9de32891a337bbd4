import {
  type BalanceOutcome,
  briefOf,
  type Formula,
  kitchenMeasureOf,
  type LineChange,
  shiftsBetween,
} from '@alterum/core';
import { ArrowRight } from 'lucide-react';
import { kitchenNow } from '../../household/habits';
import { closeWork } from '../../open-formula/work-store';
import { Button } from '../../ui/button';
import { reasonWords } from '../../words/change-words';
import { gramsText } from '../../words/number-text';
import { KeepAsVersion } from '../keep-as-version';
import { ShiftLine } from '../shift-line';
import type { TickedProposal } from './use-ticked';

interface ChangeProps {
  readonly change: LineChange;
  readonly outcome: BalanceOutcome;
  readonly ticked: boolean;
  readonly tick: (line: number, on: boolean) => void;
}

/** One line that would change: from, to, and why. */
function Change({ change, outcome, ticked, tick }: ChangeProps) {
  const { line, fromG, toG, reason } = change;
  const { ingredient } = outcome.proposal.after.recipe.lines[line] ?? {};
  const isNew = outcome.proposal.helper !== undefined && outcome.proposal.helper.ingredient === ingredient;
  const measured = outcome.proposal.amounts[line];
  if (!ingredient || !measured) return null;
  const measure =
    measured.grams > 0 ? kitchenMeasureOf(measured.amount, ingredient.measures, kitchenNow()) : undefined;
  return (
    <li className="border-t border-hair py-1.5 first:border-t-0" data-testid={`change-${ingredient.id}`}>
      <label className="flex cursor-pointer items-start gap-2.5">
        <input
          type="checkbox"
          checked={ticked}
          onChange={(event) => tick(line, event.target.checked)}
          className="size-6 shrink-0 accent-(--rim)"
        />
        <span className="min-w-0 flex-1 leading-tight">
          <span className="flex items-baseline justify-between gap-2">
            <b className="truncate">
              {ingredient.name}
              {isNew && <span className="ml-1.5 text-[13px] font-semibold text-rim">not in the pot yet</span>}
            </b>
            <span className="flex items-center gap-1 whitespace-nowrap">
              {gramsText(fromG)}
              <ArrowRight size={14} aria-label="to" />
              <b>{toG === 0 ? 'out' : `${gramsText(toG)} g`}</b>
            </span>
          </span>
          <span className="flex items-baseline justify-between gap-2 text-[13px] text-soft">
            <span>{reasonWords(reason)}</span>
            {measure && <span className="whitespace-nowrap">{measure}</span>}
          </span>
        </span>
      </label>
    </li>
  );
}

/** How many other shifts are told. */
const TOLD = 4;

/** What else becomes different with the proposal, beside what was asked. */
function Besides({ outcome, formula }: { readonly outcome: BalanceOutcome; readonly formula: Formula }) {
  const { before, after } = outcome.proposal;
  const shifts = shiftsBetween(briefOf(formula), before, after).slice(0, TOLD);
  if (shifts.length === 0) return null;
  return (
    <ul aria-label="What becomes of it" className="text-[13px] leading-[17px]">
      {shifts.map((shift) => (
        <ShiftLine key={shift.rail} shift={shift} />
      ))}
    </ul>
  );
}

/** Lines of the changes as a reason for a version: "salt 5 → 6 g". */
const whyOf = (outcome: BalanceOutcome, changes: readonly LineChange[]): string =>
  changes
    .map(({ line, fromG, toG }) => {
      const of = outcome.proposal.after.recipe.lines[line]?.ingredient.name.toLowerCase();
      return `${of ?? 'a line'} ${gramsText(fromG)} → ${gramsText(toG)} g`;
    })
    .join(' · ');

interface ProposedChangesProps {
  readonly outcome: BalanceOutcome;
  readonly formula: Formula;
  readonly proposal: TickedProposal;
  /** Name of a version that holds them. */
  readonly called: string;
}

/** What would change, line by line, to be taken whole or in part. */
export function ProposedChanges({ outcome, formula, proposal, called }: ProposedChangesProps) {
  const { isTicked, tick, ticked, steps, take } = proposal;
  return (
    <>
      <ul aria-label="Changes">
        {outcome.proposal.changes.map((change) => (
          <Change
            key={change.line}
            change={change}
            outcome={outcome}
            ticked={isTicked(change.line)}
            tick={tick}
          />
        ))}
      </ul>
      <Besides outcome={outcome} formula={formula} />
      <div className="sticky bottom-0 flex flex-wrap gap-2 border-t border-hair bg-glaze py-1.5">
        <Button look="yolk" onClick={() => take('all')}>
          Take all
        </Button>
        <Button
          onClick={() => take('ticked')}
          disabled={ticked.length === outcome.proposal.changes.length || steps.length === 0}
        >
          Take the {steps.length} ticked
        </Button>
        <Button look="bare" onClick={closeWork}>
          Leave it
        </Button>
        <KeepAsVersion
          formula={formula}
          steps={() => steps}
          disabled={steps.length === 0}
          name={called}
          why={whyOf(outcome, ticked)}
        />
      </div>
      <p className="text-[13px] text-soft">Diamonds on the rails show where the ticked changes lead.</p>
    </>
  );
}
