import { type Formula, type Rounding } from '@alterum/core';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { useFormula, useOutcome } from '../../open-formula/bench-store';
import { Button } from '../../ui/button';
import { Choice } from '../../ui/choice';
import { useJob } from '../../worker/use-work';
import { Progress } from '../progress';
import { measuringOf, requestOf } from '../request-of-formula';
import { BalanceVerdict } from './balance-verdict';
import { MethodOffers } from './method-offers';
import { ConflictNote, SwapFirst } from './obstacles';
import { ProposedChanges } from './proposed-changes';
import { useTicked } from './use-ticked';
import { type PressedWish, WishesRow, wishesOfPress } from './wishes-row';

const roundingOptions: readonly { readonly value: Rounding; readonly label: string }[] = [
  { value: 'as-written', label: 'spoons and cups' },
  { value: 'grams', label: 'grams' },
];

interface TickProps {
  readonly on: boolean;
  readonly set: (on: boolean) => void;
  readonly children: React.ReactNode;
}

const Tick = ({ on, set, children }: TickProps) => (
  <label className="tap-coarse flex items-center gap-1.5">
    <input
      type="checkbox"
      checked={on}
      onChange={(event) => set(event.target.checked)}
      className="size-6 accent-(--rim)"
    />
    {children}
  </label>
);

/** How amounts are looked for. */
interface Asked {
  readonly rounding: Rounding;
  readonly withinStock: boolean;
  readonly massFree: boolean;
}

function AskedRow({ asked, ask }: { readonly asked: Asked; readonly ask: (asked: Asked) => void }) {
  return (
    <div className="flex flex-wrap items-center gap-x-3 text-[13.5px]">
      <label className="flex items-center gap-1">
        in
        <Choice
          label="Measured in"
          value={asked.rounding}
          options={roundingOptions}
          onChange={(rounding) => ask({ ...asked, rounding })}
        />
      </label>
      <Tick on={asked.withinStock} set={(withinStock) => ask({ ...asked, withinStock })}>
        only what is in the house
      </Tick>
      <Tick on={asked.massFree} set={(massFree) => ask({ ...asked, massFree })}>
        batch may grow or shrink
      </Tick>
    </div>
  );
}

/** Looks for the amounts that meet what is asked: by itself when it is opened, and anew when it is asked otherwise. */
function useBalance(formula: Formula, asked: Asked, wish: PressedWish | undefined) {
  const present = useOutcome();
  const { rounding, withinStock, massFree } = asked;
  const { running, result, basis, start, stop } = useJob<'balance', Formula>();
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
  const question = `${rounding} ${withinStock} ${massFree} ${wish?.id ?? ''}`;
  // eslint-disable-next-line react-hooks/exhaustive-deps
  useEffect(begin, [question, formula.brief, formula.lines.map(({ hold }) => JSON.stringify(hold)).join()]);
  return { present, request, running, result, fresh: result !== undefined && basis === formula, begin, stop };
}

/** Finds the amounts that meet the brief for tonight’s people, and offers them beside the present ones. */
export default function BalancePanel() {
  const formula = useFormula();
  const [asked, ask] = useState<Asked>({ rounding: 'as-written', withinStock: false, massFree: false });
  const [wish, setWish] = useState<PressedWish>();
  const { present, request, running, result, fresh, begin, stop } = useBalance(formula, asked, wish);
  const proposal = useTicked(formula, present.lineIds, result, fresh);
  if (present.recipe.lines.length === 0)
    return (
      <p className="py-3 text-soft">Put something into the pot first; then its amounts can be balanced.</p>
    );
  return (
    <div className="flex flex-col gap-1 pt-1.5">
      <WishesRow pressed={wish} press={setWish} />
      <AskedRow asked={asked} ask={ask} />
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
          <BalanceVerdict outcome={result} />
          {result.forbidden && result.forbidden.length > 0 && (
            <SwapFirst proposal={result.proposal} forbidden={result.forbidden} lineIds={present.lineIds} />
          )}
          {result.kind === 'infeasible' && (
            <ConflictNote
              outcome={result}
              formula={formula}
              lineIds={present.lineIds}
              freeMass={() => ask({ ...asked, massFree: true })}
            />
          )}
          {result.proposal.changes.length > 0 && (
            <ProposedChanges
              outcome={result}
              formula={formula}
              proposal={proposal}
              called={wish?.words.toLowerCase() ?? 'balanced'}
            />
          )}
          {result.kind !== 'swap-first' && <MethodOffers formula={formula} request={request} />}
        </>
      )}
    </div>
  );
}
