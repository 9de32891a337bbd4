import { useEffect, useState } from 'react';
import type { Suiting } from '@alterum/contract';
import type { PagedQuery } from '../server/queries';
import { type Pages, useFormulaPages } from './use-formula-pages';

/** ms of quiet after a key before the server is asked. */
const QUIET_MS = 150;

export interface FoundFormulas<T> extends Pages<T> {
  readonly search: string;
  readonly setSearch: (search: string) => void;
  /** How what is listed suits everybody; undefined where every formula is. */
  readonly suits: Suiting | undefined;
  readonly setSuits: (suits: Suiting | undefined) => void;
}

/** The last changed formulas, or those of all that the house keeps which a search in this place finds. */
export function useFoundFormulas<T>(list: PagedQuery<T>): FoundFormulas<T> {
  const [search, setSearch] = useState(''),
    [asked, ask] = useState(''),
    [suits, setSuits] = useState<Suiting>();
  useEffect(() => {
    const timer = setTimeout(() => ask(search.trim()), QUIET_MS);
    return () => clearTimeout(timer);
  }, [search]);
  const pages = useFormulaPages(list, { search: asked, ...(suits ? { suits } : {}) });
  return { search, setSearch, suits, setSuits, ...pages };
}
