import {
  type BalanceOutcome,
  briefOf,
  type Formula,
  kitchenMeasureOf,
  type LineChange,
  railOf,
  type Rounding,
  shiftsBetween,
} from '@alterum/core';
import { kitchenNow } from '../../household/habits';
import { ArrowRight, Check } from 'lucide-react';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { useFormula, useOutcome } from '../../open-formula/bench-store';
import { gramsText } from '../../words/number-text';
import { closeWork } from '../../open-formula/work-store';
import { Button } from '../../ui/button';
import { Choice } from '../../ui/choice';
import { measuringOf, requestOf } from '../request-of-formula';
import { reasonWords } from '../../words/change-words';
import { ConflictNote, SwapFirst } from './obstacles';
import { MethodOffers } from './method-offers';
import { KeepAsVersion } from '../keep-as-version';
import { Progress } from '../progress';
import { ShiftLine } from '../shift-line';
import { type PressedWish, WishesRow, wishesOfPress } from './wishes-row';
import { nanoid } from 'nanoid';
import { takeWithWayBack } from '../../open-formula/take-with-way-back';
import { useProposed } from '../../open-formula/use-proposed';
import { stepsOfProposal } from '../proposal-steps';
import { useJob } from '../../worker/use-work';

const roundingOptions: readonly { readonly value: Rounding; readonly label: string }[] = [
  { value: 'as-written', label: 'spoons and cups' },
  { value: 'grams', label: 'grams' },
];

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

function verdictOf(outcome: BalanceOutcome): string {
  const { outside, changes } = outcome.proposal;
  switch (outcome.kind) {
    case 'balanced':
      return changes.length === 0
        ? 'Nothing to do: it is good as it is.'
        : 'With these amounts everything asked for is met.';
    case 'infeasible':
      return changes.length === 0
        ? 'Not everything asked for can be had at once, and within what is still this dish nothing comes nearer.'
        : 'Not everything asked for can be had at once. Within what is still this dish, this comes nearest.';
    case 'swap-first':
      return 'Somebody cannot have what is in the pot: swap it first, then balance.';
    case 'closest':
      return `${outcome.why === 'stopped' ? 'Stopped: this is the best found so far.' : 'This is the closest that was found.'}${outside.length > 0 ? ` Still off: ${outside.map((rail) => railOf(rail).name.toLowerCase()).join(', ')}.` : ''}`;
  }
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

/** Changes that the cook does not want, of one result. */
interface Unticked {
  readonly of: BalanceOutcome | undefined;
  readonly lines: ReadonlySet<number>;
}
const nothing: ReadonlySet<number> = new Set();

/** Finds the amounts that meet the brief for tonight’s people, and offers them beside the present ones. */
export default function BalancePanel() {
  const formula = useFormula(),
    present = useOutcome();
  const [rounding, setRounding] = useState<Rounding>('as-written');
  const [withinStock, setWithinStock] = useState(false);
  const [massFree, setMassFree] = useState(false);
  const [wish, setWish] = useState<PressedWish>();
  const { running, result, basis, start, stop } = useJob<'balance', Formula>();
  const [unticked, setUnticked] = useState<Unticked>();
  const off = unticked !== undefined && unticked.of === result ? unticked.lines : nothing;
  const request = useMemo(
    () =>
      requestOf(formula, present, {
        withinStock,
        massFree,
        wishes: wish ? wishesOfPress(wish, formula, present) : {},
      }),
    [formula, present, withinStock, massFree, wish],
  );
  const begin = useCallback(() => {
    start({ kind: 'balance', request, measuring: measuringOf(formula, present, rounding) }, formula);
  }, [formula, present, request, rounding, start]);
  const asked = `${rounding} ${withinStock} ${massFree} ${wish?.id ?? ''}`;
  // Begins by itself when it is opened, and anew when it is asked otherwise.
  // eslint-disable-next-line react-hooks/exhaustive-deps
  useEffect(begin, [asked, formula.brief, formula.lines.map(({ hold }) => JSON.stringify(hold)).join()]);
  const fresh = result !== undefined && basis === formula;
  const ticked = useMemo(
    () => result?.proposal.changes.filter(({ line }) => !off.has(line)) ?? [],
    [result, off],
  );
  const steps = useMemo(
    () => (result && fresh ? stepsOfProposal(present.lineIds, result.proposal, ticked, nanoid) : []),
    [result, fresh, present, ticked],
  );
  useProposed(formula, steps);
  const takeThem = (all: boolean) => {
    const chosen =
      all && result
        ? stepsOfProposal(present.lineIds, result.proposal, result.proposal.changes, nanoid)
        : steps;
    takeWithWayBack(
      { step: 'several', steps: chosen },
      all || off.size === 0
        ? 'The proposal is in the pot.'
        : `${chosen.length} of the changes are in the pot.`,
    );
    closeWork();
  };
  if (present.recipe.lines.length === 0)
    return (
      <p className="py-3 text-soft">Put something into the pot first; then its amounts can be balanced.</p>
    );
  return (
    <div className="flex flex-col gap-1 pt-1.5">
      <WishesRow pressed={wish} press={setWish} />
      <div className="flex flex-wrap items-center gap-x-3 text-[13.5px]">
        <label className="flex items-center gap-1">
          in
          <Choice label="Measured in" value={rounding} options={roundingOptions} onChange={setRounding} />
        </label>
        <label className="tap-coarse flex items-center gap-1.5">
          <input
            type="checkbox"
            checked={withinStock}
            onChange={(event) => setWithinStock(event.target.checked)}
            className="size-6 accent-(--rim)"
          />
          only what is in the house
        </label>
        <label className="tap-coarse flex items-center gap-1.5">
          <input
            type="checkbox"
            checked={massFree}
            onChange={(event) => setMassFree(event.target.checked)}
            className="size-6 accent-(--rim)"
          />
          batch may grow or shrink
        </label>
      </div>
      {running !== undefined && <Progress label="Looking for amounts …" done={running} stop={stop} />}
      {result && running === undefined && !fresh && (
        <div className="py-2">
          <p>The pot has changed since.</p>
          <Button look="yolk" className="mt-1.5" onClick={begin}>
            Balance again
          </Button>
        </div>
      )}
      {result && running === undefined && fresh && (
        <>
          <p
            role="status"
            className="font-semibold leading-tight"
            data-testid="balance-verdict"
            data-kind={result.kind}
          >
            {result.kind === 'balanced' && (
              <Check size={17} className="mr-1 inline align-[-3px] text-yes" aria-hidden />
            )}
            {verdictOf(result)}
          </p>
          {result.kind === 'swap-first' && <SwapFirst outcome={result} lineIds={present.lineIds} />}
          {result.kind === 'infeasible' && (
            <ConflictNote
              outcome={result}
              formula={formula}
              lineIds={present.lineIds}
              freeMass={() => setMassFree(true)}
            />
          )}
          {result.proposal.changes.length > 0 && (
            <>
              <ul aria-label="Changes">
                {result.proposal.changes.map((change) => (
                  <Change
                    key={change.line}
                    change={change}
                    outcome={result}
                    ticked={!off.has(change.line)}
                    tick={(line, on) =>
                      setUnticked({
                        of: result,
                        lines: new Set(on ? [...off].filter((other) => other !== line) : [...off, line]),
                      })
                    }
                  />
                ))}
              </ul>
              <Besides outcome={result} formula={formula} />
              <div className="sticky bottom-0 flex flex-wrap gap-2 border-t border-hair bg-glaze py-1.5">
                <Button look="yolk" onClick={() => takeThem(true)}>
                  Take all
                </Button>
                <Button onClick={() => takeThem(false)} disabled={off.size === 0 || steps.length === 0}>
                  Take the {steps.length} ticked
                </Button>
                <Button look="bare" onClick={closeWork}>
                  Leave it
                </Button>
                <KeepAsVersion
                  formula={formula}
                  steps={() => steps}
                  disabled={steps.length === 0}
                  name={wish?.words.toLowerCase() ?? 'balanced'}
                  why={ticked
                    .map(({ line, fromG, toG }) => {
                      const of = result.proposal.after.recipe.lines[line]?.ingredient.name.toLowerCase();
                      return `${of ?? 'a line'} ${gramsText(fromG)} → ${gramsText(toG)} g`;
                    })
                    .join(' · ')}
                />
              </div>
              <p className="text-[13px] text-soft">
                Diamonds on the rails show where the ticked changes lead.
              </p>
            </>
          )}
          {result.kind !== 'swap-first' && <MethodOffers formula={formula} request={request} />}
        </>
      )}
    </div>
  );
}
