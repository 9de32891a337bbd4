import { useCallback, useEffect, useRef, useState } from 'react';
import type { Page, PageQuery } from '../server/api';
import { sayFailure } from '../notices/notices';

/** Entries that are fetched at once when many are fetched again; as many as the server gives. */
const MOST_AT_ONCE = 200;

export interface Pages<T> {
  readonly entries: readonly T[];
  readonly total: number;
  readonly isMore: boolean;
  /** Fetches the page that follows, unless one is on its way. */
  readonly more: () => void;
}

/**
 * A list that is fetched page by page. When its first page comes anew (something was changed), as many entries as stood there are fetched
 * again before anything is replaced, so that nothing moves under a pointer.
 */
export function useFormulaPages<T>(
  first: Page<T>,
  fetchPage: (query: PageQuery) => Promise<Page<T>>,
  search: string,
): Pages<T> {
  const [shown, setShown] = useState(first);
  const held = useRef({ search, count: first.entries.length, busy: false, turn: 0 });
  useEffect(() => {
    const state = held.current,
      turn = ++state.turn;
    const isLatest = () => held.current.turn === turn;
    const goOn = async () => {
      let page = first;
      const wanted = state.search === search ? state.count : 0;
      while (page.next !== undefined && page.entries.length < wanted) {
        const following = await fetchPage({
          search,
          before: page.next,
          limit: Math.min(MOST_AT_ONCE, wanted - page.entries.length),
        });
        if (!isLatest()) return;
        page = { ...following, entries: [...page.entries, ...following.entries] };
      }
      held.current = { ...held.current, search, count: page.entries.length, busy: false };
      setShown(page);
    };
    void goOn().catch(sayFailure);
  }, [first, fetchPage, search]);
  const more = useCallback(() => {
    const { busy, turn } = held.current;
    if (busy || shown.next === undefined) return;
    held.current.busy = true;
    fetchPage({ search, before: shown.next })
      .then((page) => {
        if (held.current.turn !== turn) return;
        const entries = [...shown.entries, ...page.entries];
        held.current.count = entries.length;
        setShown({ ...page, entries });
      })
      .catch(sayFailure)
      .finally(() => {
        if (held.current.turn === turn) held.current.busy = false;
      });
  }, [shown, fetchPage, search]);
  return { entries: shown.entries, total: shown.total, isMore: shown.next !== undefined, more };
}
