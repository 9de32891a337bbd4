import type { BalanceOutcome, Formula, FormulaStep, LineChange } from '@alterum/core';
import { nanoid } from 'nanoid';
import { useMemo, useState } from 'react';
import { takeWithWayBack } from '../../open-formula/take-with-way-back';
import { useProposed } from '../../open-formula/use-proposed';
import { closeWork } from '../../open-formula/work-store';
import { stepsOfProposal } from '../proposal-steps';

/** Changes that the cook does not want, of one result. */
interface Unticked {
  readonly of: BalanceOutcome | undefined;
  readonly lines: ReadonlySet<number>;
}
const nothing: ReadonlySet<number> = new Set();

/** A proposal of which the cook takes all, or what is ticked. */
export interface TickedProposal {
  readonly isTicked: (line: number) => boolean;
  readonly tick: (line: number, on: boolean) => void;
  readonly ticked: readonly LineChange[];
  /** The edits of what is ticked; none where the pot has changed since. */
  readonly steps: readonly FormulaStep[];
  readonly take: (what: 'all' | 'ticked') => void;
}

/** @param result what was found, absent while it is looked for   @param fresh whether it is of the pot as it stands */
export function useTicked(
  formula: Formula,
  lineIds: readonly string[],
  result: BalanceOutcome | undefined,
  fresh: boolean,
): TickedProposal {
  const [unticked, setUnticked] = useState<Unticked>();
  const off = unticked !== undefined && unticked.of === result ? unticked.lines : nothing;
  const ticked = useMemo(
    () => result?.proposal.changes.filter(({ line }) => !off.has(line)) ?? [],
    [result, off],
  );
  const steps = useMemo(
    () => (result && fresh ? stepsOfProposal(lineIds, result.proposal, ticked, nanoid) : []),
    [result, fresh, lineIds, ticked],
  );
  useProposed(formula, steps);
  return {
    isTicked: (line) => !off.has(line),
    tick: (line, on) =>
      setUnticked({
        of: result,
        lines: new Set(on ? [...off].filter((other) => other !== line) : [...off, line]),
      }),
    ticked,
    steps,
    take: (what) => {
      const all = what === 'all';
      const chosen =
        all && result ? stepsOfProposal(lineIds, result.proposal, result.proposal.changes, nanoid) : steps;
      takeWithWayBack(
        { step: 'several', steps: chosen },
        all || off.size === 0
          ? 'The proposal is in the pot.'
          : `${chosen.length} of the changes are in the pot.`,
      );
      closeWork();
    },
  };
}
