import { type Brief, type Wish } from '../../brief/wish.js';
import type { RailId } from '../../property/properties.js';
import { withWish, wishesOf } from '../../brief/brief.js';
import type { BalanceRequest } from './balance-request.js';

/** A line that could go no further without the dish becoming another one. */
export interface LineAtLimit {
  readonly line: number;
  readonly side: 'least' | 'most';
  /** g */
  readonly atG: number;
}

/** One thing that is asked of a balance. */
export type Demand =
  | { readonly kind: 'wish'; readonly rail: RailId }
  /** A line that the cook holds. */
  | { readonly kind: 'hold'; readonly line: number }
  | { readonly kind: 'person'; readonly eater: string }
  /** What is weighed in stays the same. */
  | { readonly kind: 'mass' }
  /** The dish stays what it is: each line within what a cook would call the same. */
  | { readonly kind: 'same-dish'; readonly lines?: readonly LineAtLimit[] }
  /** No more than is in the house. */
  | { readonly kind: 'stock' };

export const demandsOf = ({
  brief,
  holds,
  eaters,
  stock,
  holdMass,
  sameDish,
}: BalanceRequest): readonly Demand[] => [
  ...wishesOf(brief).flatMap(({ rail, wish }): Demand[] => (wish.kept ? [] : [{ kind: 'wish', rail }])),
  ...(sameDish === 'lifted' ? [] : [{ kind: 'same-dish' } as const]),
  ...(holdMass === false ? [] : [{ kind: 'mass' } as const]),
  ...(stock ? [{ kind: 'stock' } as const] : []),
  ...(holds ?? []).flatMap((hold, line): Demand[] => (hold ? [{ kind: 'hold', line }] : [])),
  ...(eaters ?? [])
    .filter(({ needs }) => needs.length > 0)
    .map(({ name }): Demand => ({ kind: 'person', eater: name })),
];

/** The same request with only these demands left. */
export function onlyWith(request: BalanceRequest, demands: readonly Demand[]): BalanceRequest {
  const brief = demands.reduce<Brief>(
    (all, demand) => (demand.kind === 'wish' ? withWish(all, demand.rail, request.brief[demand.rail]) : all),
    {},
  );
  const { stock: _stock, ...rest } = request;
  return {
    ...rest,
    brief,
    holds: (request.holds ?? []).map((hold, line) =>
      demands.some((d) => d.kind === 'hold' && d.line === line) ? hold : undefined,
    ),
    eaters: (request.eaters ?? []).filter(({ name }) =>
      demands.some((d) => d.kind === 'person' && d.eater === name),
    ),
    holdMass: demands.some(({ kind }) => kind === 'mass'),
    sameDish: demands.some(({ kind }) => kind === 'same-dish') ? 'kept' : 'lifted',
    ...(request.stock && demands.some(({ kind }) => kind === 'stock') ? { stock: request.stock } : {}),
  };
}

/** The same request with one wish changed. */
export const withChangedWish = (
  request: BalanceRequest,
  rail: RailId,
  wish: Wish | undefined,
): BalanceRequest => ({
  ...request,
  brief: withWish(request.brief, rail, wish),
});
