import {
  type BalanceOutcome,
  briefOf,
  type Forbidden,
  type Formula,
  type Relaxation,
  withWish,
} from '@alterum/core';
import { take } from '../../open-formula/bench-store';
import { openWork } from '../../open-formula/work-store';
import { Button } from '../../ui/button';
import { demandWords, relaxationWords } from '../../words/change-words';

interface ConflictProps {
  readonly outcome: Extract<BalanceOutcome, { kind: 'infeasible' }>;
  readonly formula: Formula;
  readonly lineIds: readonly string[];
  readonly freeMass: () => void;
}

/** What excludes what, and the smallest changes of what is asked that would help. */
export function ConflictNote({ outcome, formula, lineIds, freeMass }: ConflictProps) {
  const { conflicting, relaxations } = outcome.conflict,
    { recipe } = outcome.proposal.before;
  const brief = briefOf(formula);
  const relax = (relaxation: Relaxation) => {
    switch (relaxation.kind) {
      case 'widen':
        return take({ step: 'set-brief', brief: withWish(brief, relaxation.rail, relaxation.to) });
      case 'free-line': {
        const line = lineIds[relaxation.line];
        return line === undefined ? undefined : take({ step: 'set-hold', line, hold: undefined });
      }
      case 'free-mass':
        return freeMass();
      case 'swap-line':
        return openWork('swap', lineIds[relaxation.line]);
    }
  };
  return (
    <div className="mt-1 rounded-lg border-2 border-no px-2.5 py-1.5 text-sm" data-testid="conflict">
      <p>
        These exclude each other:{' '}
        <b>{conflicting.map((demand) => demandWords(demand, recipe)).join(' · ')}</b>
      </p>
      {relaxations.length > 0 && (
        <div className="mt-1.5 flex flex-wrap gap-1.5">
          {relaxations.map((relaxation) => {
            const words = relaxationWords(
              relaxation,
              recipe,
              relaxation.kind === 'widen' ? brief[relaxation.rail] : undefined,
            );
            return (
              <Button key={words} onClick={() => relax(relaxation)} className="text-[13.5px]">
                {words}
              </Button>
            );
          })}
        </div>
      )}
    </div>
  );
}

/** "Marte cannot have it: barley in light miso"; what the line itself is called is not said twice. */
function cannotHave(eater: string, name: string, reason: string) {
  const thing = name.toLowerCase();
  return (
    <>
      <b>{eater}</b> cannot have {reason.toLowerCase().startsWith(thing) ? reason : `${thing}: ${reason}`}
    </>
  );
}

/** Who cannot have what, whatever the amounts, and the swap that helps. */
export function SwapFirst({
  proposal,
  forbidden,
  lineIds,
}: {
  readonly proposal: BalanceOutcome['proposal'];
  readonly forbidden: readonly Forbidden[];
  readonly lineIds: readonly string[];
}) {
  const { recipe } = proposal.before;
  const lines = [...new Set(forbidden.map(({ line }) => line))];
  return (
    <div className="mt-1 rounded-lg border-2 border-no px-2.5 py-1.5 text-sm" data-testid="swap-first">
      <ul>
        {forbidden.map(({ line, eater, reason }) => (
          <li key={`${line} ${eater}`}>
            {cannotHave(eater, recipe.lines[line]?.ingredient.name ?? '', reason)}
          </li>
        ))}
      </ul>
      <div className="mt-1.5 flex flex-wrap gap-1.5">
        {lines.map((line) => (
          <Button key={line} onClick={() => openWork('swap', lineIds[line])} className="text-[13.5px]">
            Swap {recipe.lines[line]?.ingredient.name.toLowerCase()}
          </Button>
        ))}
        {lines.length > 1 && (
          <Button look="yolk" onClick={() => openWork('swap')} className="text-[13.5px]">
            Swap all of them
          </Button>
        )}
      </div>
    </div>
  );
}
