import { wholeNumberFromQuery } from '../platform/whole-number.js';
import { MOST_ON_A_PAGE, PAGE } from './formula-list.params.js';
import type { ListQuery } from './formula-list.js';

type Query = Readonly<Record<string, unknown>>;

const textOf = (value: unknown): string =>
  [value ?? '']
    .flat()
    .filter((part): part is string => typeof part === 'string')
    .join(' ');

/** What is asked of the list. @throws Failure naming the part of the address that cannot be understood */
export function listQueryOf(query: Query): ListQuery & { readonly withLines: boolean } {
  return {
    search: textOf(query['search']),
    limit: wholeNumberFromQuery(query, 'limit', MOST_ON_A_PAGE) ?? PAGE,
    before: wholeNumberFromQuery(query, 'before', Number.MAX_SAFE_INTEGER),
    withLines: textOf(query['with']) === 'lines',
  };
}

/** The address of the page that follows. */
export function nextAddress(query: Query, before: number): string {
  const parameters = new URLSearchParams();
  for (const name of ['search', 'limit', 'with'] as const)
    if (query[name] !== undefined) parameters.set(name, textOf(query[name]));
  parameters.set('before', String(before));
  return `/api/formulas?${parameters.toString()}`;
}
