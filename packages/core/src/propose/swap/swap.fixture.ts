import { requestOf } from '../balance/balance.fixture.js';
import { finish } from '../../numeric/finish.js';
import type { Family } from '../../brief/family.js';
import { larderTable } from '../../larder/catalog/larder-table.js';
import { openToAll } from './school.js';
import { swap } from './swap.js';
import type { SwapOption } from './swap-option.js';
import type { SwapAsk, SwapRequest } from './swap-request.js';

/** A request for a test; the ask is a line by the id of its ingredient, or what differs. */
export function swapRequestOf(
  lines: readonly (readonly [id: string, grams: number])[],
  family: Family,
  ask: SwapAsk | string,
  more: Partial<SwapRequest> = {},
): SwapRequest {
  const request = requestOf(lines, family, more);
  return {
    ...request,
    larder: larderTable,
    schools: openToAll,
    measuring: { units: lines.map(() => 'g'), rounding: 'grams' },
    ask: typeof ask === 'string' ? { kind: 'line', line: lines.findIndex(([id]) => id === ask) } : ask,
    ...more,
  };
}

export function optionsOf(request: SwapRequest): readonly SwapOption[] {
  const outcome = finish(swap(request, { seed: 3 }));
  return outcome.kind === 'options' ? outcome.options : [];
}

export const substitutesOf = ({ lines }: SwapOption): readonly string[] =>
  lines.filter(({ origin }) => origin === undefined).map(({ ingredient }) => ingredient.id);

/** g of an ingredient in an option. */
export const gramsIn = ({ lines, amounts }: SwapOption, id: string): number =>
  lines.reduce((all, { ingredient }, i) => all + (ingredient.id === id ? (amounts[i]?.grams ?? 0) : 0), 0);
