import { axisAround, type RailId, type TradeMap, tradeSizes } from '@alterum/core';
import { useEffect, useState } from 'react';
import { useFormula, useOutcome } from '../../open-formula/bench-store';
import { requestOf } from '../request-of-formula';
import { startWork } from '../../worker/worker-client';

/** The map of two lines: first coarse, then fine; anew when anything but those two has changed. */
export function useTradeMap(
  xId: string | undefined,
  yId: string | undefined,
  shown: readonly [RailId, RailId],
) {
  const formula = useFormula(),
    outcome = useOutcome();
  const [map, setMap] = useState<{
    readonly map: TradeMap;
    readonly shown: readonly [RailId, RailId];
    readonly ms: number;
    readonly fine: boolean;
  }>();
  const rest = JSON.stringify([
    formula.lines.map((line) =>
      line.id === xId || line.id === yId
        ? [line.id, line.preparation, line.stage, line.ready, line.weighed]
        : line,
    ),
    formula.process,
    formula.method,
    formula.writesItself,
    formula.serve,
    formula.brief,
    formula.family,
    formula.portions,
  ]);
  useEffect(() => {
    const x = outcome.lineIds.indexOf(xId ?? ''),
      y = outcome.lineIds.indexOf(yId ?? '');
    if (x < 0 || y < 0 || x === y) return undefined;
    const request = {
      ...requestOf(formula, outcome),
      // The region is what was asked; where nothing was, it is where the pot stays what it is.
      ...(formula.brief && Object.keys(formula.brief).length > 0 ? { brief: formula.brief } : {}),
      x: axisAround(outcome.recipe, x),
      y: axisAround(outcome.recipe, y),
      shown,
    };
    const began = performance.now();
    const first = startWork<'trade'>({ kind: 'trade', request, size: tradeSizes.first });
    let left = false,
      fine: ReturnType<typeof startWork<'trade'>> | undefined;
    void first.result.then((coarse) => {
      if (left) return;
      setMap({ map: coarse, shown, ms: performance.now() - began, fine: false });
      fine = startWork<'trade'>({ kind: 'trade', request, size: tradeSizes.fine });
      return fine.result.then(
        (better) => left || setMap((was) => ({ map: better, shown, ms: was?.ms ?? 0, fine: true })),
      );
    });
    return () => {
      left = true;
      first.stop();
      fine?.stop();
    };
    // The two lines themselves move on the map; everything else makes another one.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [rest, xId, yId, shown[0], shown[1]]);
  return map;
}
