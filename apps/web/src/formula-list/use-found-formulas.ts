import { useEffect, useState } from 'react';
import type { PagedQuery } from '../server/queries';
import { type Pages, useFormulaPages } from './use-formula-pages';

/** ms of quiet after a key before the server is asked. */
const QUIET_MS = 150;

export interface FoundFormulas<T> extends Pages<T> {
  readonly search: string;
  readonly setSearch: (search: string) => void;
}

/** The last changed formulas, or those that a search in this place finds. */
export function useFoundFormulas<T>(list: PagedQuery<T>): FoundFormulas<T> {
  const [search, setSearch] = useState(''),
    [asked, ask] = useState('');
  useEffect(() => {
    const timer = setTimeout(() => ask(search.trim()), QUIET_MS);
    return () => clearTimeout(timer);
  }, [search]);
  return { search, setSearch, ...useFormulaPages(list, asked) };
}
