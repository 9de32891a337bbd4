import { useEffect, useState } from 'react';
import type { Page, PageQuery } from '../server/api';
import { sayFailure } from '../notices/notices';
import { type Pages, useFormulaPages } from './use-formula-pages';

/** ms of quiet after a key before the server is asked. */
const QUIET_MS = 150;

export interface FoundFormulas<T> extends Pages<T> {
  readonly search: string;
  readonly setSearch: (search: string) => void;
}

/** The last changed formulas, or those that a search in this place finds. */
export function useFoundFormulas<T>(
  lastChanged: Page<T>,
  fetchPage: (query: PageQuery) => Promise<Page<T>>,
): FoundFormulas<T> {
  const [search, setSearch] = useState('');
  const [found, setFound] = useState<{ readonly search: string; readonly page: Page<T> }>();
  useEffect(() => {
    if (search.trim() === '') return undefined;
    let wanted = true;
    const timer = setTimeout(() => {
      fetchPage({ search })
        .then((page) => wanted && setFound({ search, page }))
        .catch(sayFailure);
    }, QUIET_MS);
    return () => {
      wanted = false;
      clearTimeout(timer);
    };
  }, [search, fetchPage, lastChanged]);
  const asked = search.trim() === '' ? undefined : found;
  return {
    search,
    setSearch,
    ...useFormulaPages(asked?.page ?? lastChanged, fetchPage, asked?.search ?? ''),
  };
}
