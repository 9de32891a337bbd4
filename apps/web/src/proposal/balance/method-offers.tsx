import {
  type Assessed,
  type BalanceRequest,
  editedMethod,
  type Formula,
  type FormulaStep,
  type MethodEdit,
  type MethodOffer,
  methodOffers,
  noticed,
  railOf,
  type Shift,
  wishesOf,
  shiftsBetween,
} from '@alterum/core';
import { useMemo, useState } from 'react';
import { useOutcome } from '../../open-formula/bench-store';
import { takeWithWayBack } from '../../open-formula/take-with-way-back';
import { closeWork } from '../../open-formula/work-store';
import { stepsOfMethod } from '../../open-formula/method-edits';
import { Button } from '../../ui/button';
import { offerWords } from '../../words/offer-words';
import { ShiftLine } from '../shift-line';

/** How much of what becomes of it is told. */
const TOLD = 3;

/** The edits that make the ticked offers come true, as one. */
function stepsOfOffers(formula: Formula, edits: readonly MethodEdit[]): readonly FormulaStep[] {
  const ofMethod = edits.filter(({ kind }) => kind !== 'serve' && kind !== 'soak-hot');
  const others = edits.flatMap((edit): FormulaStep[] => {
    if (edit.kind === 'serve') return [{ step: 'set-serve', serve: { temperatureC: edit.toC } }];
    if (edit.kind !== 'soak-hot') return [];
    return [
      {
        step: 'set-ready',
        line: edit.line,
        ready: [{ kind: 'soak', minutes: edit.minutes, pour: 'boiling' }],
      },
    ];
  });
  return ofMethod.length === 0
    ? others
    : [
        stepsOfMethod(formula, (method) => ofMethod.reduce((now, edit) => editedMethod(now, edit), method)),
        ...others,
      ];
}

/** What was asked for first, however little it moves, then what else becomes different. */
function shiftsOf({ brief }: BalanceRequest, before: Assessed, { after }: MethodOffer): readonly Shift[] {
  const asked = wishesOf(brief).flatMap(({ rail, wish }): Shift[] => {
    if (wish.kept) return [];
    const { scale, value } = railOf(rail),
      from = value(before).mid,
      to = value(after).mid;
    const by = noticed(scale, from, to);
    return Math.abs(by) < HARDLY ? [] : [{ rail, from, to, by, as: 'won' }];
  });
  const others = shiftsBetween(brief, before, after).filter(
    ({ rail }) => !asked.some((shift) => shift.rail === rail),
  );
  return [...asked, ...others].slice(0, TOLD);
}
/** Differences just noticed below which nothing is said to move. */
const HARDLY = 0.05;

interface OfferProps {
  readonly offer: MethodOffer;
  readonly request: BalanceRequest;
  readonly ticked: boolean;
  readonly tick: (on: boolean) => void;
}

function Offer({ offer, request, ticked, tick }: OfferProps) {
  const before = useOutcome();
  const shifts = shiftsOf(request, before, offer);
  return (
    <li className="border-t border-hair py-1.5 first:border-t-0" data-testid={`offer-${offer.edit.kind}`}>
      <label className="flex cursor-pointer items-start gap-2.5">
        <input
          type="checkbox"
          checked={ticked}
          onChange={(event) => tick(event.target.checked)}
          className="size-6 shrink-0 accent-(--rim)"
        />
        <b className="leading-tight">{offerWords(offer.edit)}</b>
      </label>
      <ul
        aria-label={`What becomes of it: ${offerWords(offer.edit)}`}
        className="ml-8.5 text-[13px] leading-[17px]"
      >
        {shifts.map((shift) => (
          <ShiftLine key={shift.rail} shift={shift} />
        ))}
      </ul>
    </li>
  );
}

/** What can be done otherwise instead of with other amounts: each a tick of its own, with what becomes of the pot by it alone. */
export function MethodOffers({
  formula,
  request,
}: {
  readonly formula: Formula;
  readonly request: BalanceRequest;
}) {
  const offers = useMemo(() => methodOffers(request), [request]);
  const [ticks, setTicks] = useState<{
    readonly of: readonly MethodOffer[];
    readonly on: ReadonlySet<MethodOffer>;
  }>();
  const on = ticks?.of === offers ? ticks.on : new Set<MethodOffer>();
  if (offers.length === 0) return null;
  const chosen = offers.filter((offer) => on.has(offer));
  return (
    <section aria-label="By how it is made" className="border-t-2 border-rim pt-1.5">
      <h3 className="text-base">Or by how it is made</h3>
      <ul aria-label="Done otherwise">
        {offers.map((offer) => (
          <Offer
            key={offerWords(offer.edit)}
            offer={offer}
            request={request}
            ticked={on.has(offer)}
            tick={(now) =>
              setTicks({
                of: offers,
                on: new Set(now ? [...on, offer] : [...on].filter((other) => other !== offer)),
              })
            }
          />
        ))}
      </ul>
      <Button
        disabled={chosen.length === 0}
        onClick={() => {
          takeWithWayBack(
            {
              step: 'several',
              steps: stepsOfOffers(
                formula,
                chosen.map(({ edit }) => edit),
              ),
            },
            chosen.length === 1
              ? 'It is made that way now.'
              : `${chosen.length} things are done otherwise now.`,
          );
          closeWork();
        }}
      >
        Do what is ticked
      </Button>
    </section>
  );
}
