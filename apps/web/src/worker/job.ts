import type {
  BalanceOutcome,
  BalanceRequest,
  Evening,
  Ingredient,
  Measuring,
  PlannedEvening,
  Progress,
  SwapOutcome,
  SwapRequest,
  TradeMap,
  TradeMapRequest,
} from '@alterum/core';

/** What can be given to the worker; everything in it can be copied to another thread. */
export type Job =
  | { readonly kind: 'balance'; readonly request: BalanceRequest; readonly measuring: Measuring }
  /** The larder that ships with the app is known over there; only the household’s own things go along. */
  | {
      readonly kind: 'swap';
      readonly request: Omit<SwapRequest, 'larder'>;
      readonly own: readonly Ingredient[];
    }
  | { readonly kind: 'trade'; readonly request: TradeMapRequest; readonly size: number }
  | { readonly kind: 'schedule'; readonly evening: Evening; readonly progress?: Progress };

export interface Results {
  readonly balance: BalanceOutcome;
  readonly swap: SwapOutcome;
  readonly trade: TradeMap;
  readonly schedule: PlannedEvening;
}

export type ToWorker =
  { readonly id: number; readonly job: Job } | { readonly id: number; readonly stop: true };
export type FromWorker =
  | { readonly id: number; readonly done: number }
  | { readonly id: number; readonly result: Results[Job['kind']] }
  | { readonly id: number; readonly failure: string };
