import { type Formula, openToAll, type Schools, type SwapAsk, type SwapOption } from '@alterum/core';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { ownIngredients } from '../../household/house-larder';
import type { Outcome } from '../../household/outcome';
import { sayFailure } from '../../notices/notices';
import { useBenchPart } from '../../open-formula/bench-store';
import { useJob } from '../../worker/use-work';
import { measuringOf, requestOf } from '../request-of-formula';
import { houseSauces, isBoughtBody } from './house-sauces';

/** What is chosen to be swapped, as it stands in the choice. */
function askOf(whom: string, lineIds: readonly string[]): SwapAsk {
  const [kind, what = ''] = [whom.slice(0, whom.indexOf(':')), whom.slice(whom.indexOf(':') + 1)];
  const line = lineIds.indexOf(what);
  if (kind === 'line' && line >= 0) return { kind: 'line', line };
  if (kind === 'person') return { kind: 'person', eater: what };
  if (kind === 'without') return { kind: 'without', what: what === 'oil' ? 'oil' : 'nuts' };
  return whom === 'in-house' ? { kind: 'in-house' } : { kind: 'everybody' };
}

/** The search for ways to swap: begins by itself when it is opened, and anew when it is asked otherwise. */
export function useSwapSearch(formula: Formula, present: Outcome, whom: string) {
  const id = useBenchPart((bench) => bench.id);
  const [schools, setSchools] = useState<Schools>(openToAll);
  const { running, result, basis, start, stop } = useJob<'swap', Formula>();
  const ask = useMemo(() => askOf(whom, present.lineIds), [whom, present.lineIds]);
  const begin = useCallback(async () => {
    const sauces = present.recipe.lines.some(({ ingredient }) => isBoughtBody(ingredient))
      ? await houseSauces(id)
      : [];
    start(
      {
        kind: 'swap',
        own: ownIngredients(),
        request: {
          ...requestOf(formula, present),
          ask,
          schools,
          sauces,
          measuring: measuringOf(formula, present, 'as-written'),
        },
      },
      formula,
    );
  }, [formula, present, ask, schools, id, start]);
  // eslint-disable-next-line react-hooks/exhaustive-deps
  useEffect(() => void begin().catch(sayFailure), [whom, JSON.stringify(schools)]);
  return {
    ask,
    schools,
    setSchools,
    running,
    result,
    /** Whether it was asked of the pot as it stands now. */
    fresh: basis === formula,
    again: () => void begin().catch(sayFailure),
    stop,
  };
}

/** A way to swap among those that are alike, and which of all is looked at; another result has choices of its own. */
export function useChosenOption(result: object | undefined, options: readonly SwapOption[]) {
  const [look, setLook] = useState<{ readonly of: object | undefined; readonly at: number }>();
  const [twin, setTwin] = useState<{
    readonly of: object | undefined;
    readonly at: ReadonlyMap<number, number>;
  }>();
  const looked = look !== undefined && look.of === result ? look.at : 0,
    chosen: ReadonlyMap<number, number> = twin !== undefined && twin.of === result ? twin.at : new Map();
  const optionAt = (at: number): SwapOption | undefined => {
    const option = options[at];
    return option && ([option, ...option.alike][chosen.get(at) ?? 0] ?? option);
  };
  return {
    looked,
    optionAt,
    look: (at: number) => setLook({ of: result, at }),
    choose: (at: number, alike: number) => setTwin({ of: result, at: new Map([...chosen, [at, alike]]) }),
  };
}
