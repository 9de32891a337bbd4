import type { BalanceRequest } from '../balance/balance-request.js';
import type { PotLine } from './replace-line.js';
import type { SwapRequest } from './swap-request.js';

/** The balance of a pot in which something was replaced; what the cook holds stays held. */
export const potRequest = (request: SwapRequest, lines: readonly PotLine[]): BalanceRequest => ({
  ...request,
  recipe: { ...request.recipe, lines },
  holds: lines.map(({ origin }) => (origin === undefined ? undefined : request.holds?.[origin])),
});
