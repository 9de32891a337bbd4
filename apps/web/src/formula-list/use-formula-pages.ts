import { keepPreviousData, useInfiniteQuery } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo } from 'react';
import { sayFailure } from '../notices/notices';
import type { FormulasAsked } from '../server/api';
import type { PagedQuery } from '../server/queries';

export interface Pages<T> {
  readonly entries: readonly T[];
  readonly total: number;
  readonly isMore: boolean;
  /** Fetches the page that follows, unless one is on its way. */
  readonly more: () => void;
}

/**
 * A list that is fetched page by page. When it comes anew (something was changed), as many pages as stood there are fetched before anything is
 * replaced, and what was found before stands until the next search has its answer, so that nothing moves under a pointer.
 */
export function useFormulaPages<T>(list: PagedQuery<T>, asked: FormulasAsked | string): Pages<T> {
  const { data, error, hasNextPage, isFetching, fetchNextPage } = useInfiniteQuery({
    ...list(asked),
    placeholderData: keepPreviousData,
  });
  useEffect(() => {
    if (error) sayFailure(error);
  }, [error]);
  const entries = useMemo(() => data?.pages.flatMap((page) => page.entries) ?? [], [data]);
  const more = useCallback(() => {
    if (!isFetching) void fetchNextPage();
  }, [isFetching, fetchNextPage]);
  return { entries, total: data?.pages.at(-1)?.total ?? 0, isMore: hasNextPage, more };
}
