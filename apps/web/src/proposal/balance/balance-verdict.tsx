import { type BalanceOutcome, railOf } from '@alterum/core';
import { Check } from 'lucide-react';

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
      return 'Nothing is asked of the amounts; somebody cannot have what is in the pot.';
    case 'closest':
      return `${outcome.why === 'stopped' ? 'Stopped: this is the best found so far.' : 'This is the closest that was found.'}${outside.length > 0 ? ` Still off: ${outside.map((rail) => railOf(rail).name.toLowerCase()).join(', ')}.` : ''}`;
  }
}

/** What came of it, in a sentence. */
export function BalanceVerdict({ outcome }: { readonly outcome: BalanceOutcome }) {
  return (
    <p
      role="status"
      className="font-semibold leading-tight"
      data-testid="balance-verdict"
      data-kind={outcome.kind}
    >
      {outcome.kind === 'balanced' && (
        <Check size={17} className="mr-1 inline align-[-3px] text-yes" aria-hidden />
      )}
      {verdictOf(outcome)}
    </p>
  );
}
