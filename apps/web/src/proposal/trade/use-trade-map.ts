import {
  axisAround,
  type Formula,
  type RailId,
  type TradeMap,
  type TradeMapRequest,
  tradeSizes,
} from '@alterum/core';
import { useEffect, useState } from 'react';
import { useFormula, useOutcome } from '../../open-formula/bench-store';
import { requestOf } from '../request-of-formula';
import { startWork } from '../../worker/worker-client';

type Shown = readonly [RailId, RailId];

/** A map as far as it is known: coarse after `ms`, then fine. */
interface TradeMapShown {
  readonly map: TradeMap;
  readonly shown: Shown;
  readonly ms: number;
  readonly fine: boolean;
}

/** All of a formula but the amounts of the two lines, which move on the map; everything else makes another one. */
const restOf = (formula: Formula, moving: readonly (string | undefined)[]): string =>
  JSON.stringify([
    formula.lines.map((line) =>
      moving.includes(line.id) ? [line.id, line.preparation, line.stage, line.ready, line.weighed] : line,
    ),
    formula.process,
    formula.method,
    formula.writesItself,
    formula.serve,
    formula.brief,
    formula.family,
    formula.portions,
  ]);

/** Works a map out, first coarse, then fine. @returns how it is given up */
function drawMap(
  request: TradeMapRequest,
  show: (next: (was: TradeMapShown | undefined) => TradeMapShown) => void,
): () => void {
  const { shown } = request,
    began = performance.now();
  const first = startWork<'trade'>({ kind: 'trade', request, size: tradeSizes.first });
  let left = false,
    fine: ReturnType<typeof startWork<'trade'>> | undefined;
  void first.result.then(async (coarse) => {
    if (left) return;
    const ms = performance.now() - began;
    show(() => ({ map: coarse, shown, ms, fine: false }));
    fine = startWork<'trade'>({ kind: 'trade', request, size: tradeSizes.fine });
    const map = await fine.result;
    if (!left) show((was) => ({ map, shown, ms: was?.ms ?? 0, fine: true }));
  });
  return () => {
    left = true;
    first.stop();
    fine?.stop();
  };
}

/** The map of two lines; anew when anything but those two has changed. */
export function useTradeMap(xId: string | undefined, yId: string | undefined, shown: Shown) {
  const formula = useFormula(),
    outcome = useOutcome();
  const [map, setMap] = useState<TradeMapShown>();
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
    return drawMap(request, setMap);
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [restOf(formula, [xId, yId]), xId, yId, shown[0], shown[1]]);
  return map;
}
