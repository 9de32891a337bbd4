import { type Suiting, suitings } from '@alterum/contract';
import { type Family, families } from '@alterum/core';
import { type ListOrder, listOrders, type ListQuery, type NextPage } from '../formula/formula-list.js';
import { MOST_ON_A_PAGE, PAGE } from '../formula/formula-list.params.js';
import { invalidInput } from '../platform/failure.js';
import { wholeNumberFromQuery } from '../platform/whole-number.js';

type Query = Readonly<Record<string, unknown>>;

export interface FinderQuery extends ListQuery {
  readonly withLines: boolean;
  readonly suits: Suiting | undefined;
  /** Id of one person, or those of tonight; everybody where it is left out. */
  readonly person: string | undefined;
  /** Only what everything is in the house for. */
  readonly inTheHouse: boolean;
}

const textOf = (value: unknown): string =>
  [value ?? '']
    .flat()
    .filter((part): part is string => typeof part === 'string')
    .join(' ');

/** One of some words, when it was said. @throws Failure naming the words */
function oneOf<Word extends string>(query: Query, field: string, words: readonly Word[]): Word | undefined {
  const said = textOf(query[field]);
  if (said === '') return undefined;
  const word = words.find((one) => one === said);
  if (word === undefined)
    throw invalidInput([{ field, message: `“${field}” must be one of: ${words.join(', ')}.` }]);
  return word;
}

const yes = (query: Query, field: string): boolean => oneOf(query, field, ['yes']) !== undefined;

/** What is asked of the list. @throws Failure naming the part of the address that cannot be understood */
export function listQueryOf(query: Query): FinderQuery {
  const person = textOf(query['person']);
  return {
    search: textOf(query['search']),
    limit: wholeNumberFromQuery(query, 'limit', MOST_ON_A_PAGE) ?? PAGE,
    order: oneOf<ListOrder>(query, 'order', listOrders) ?? 'changed',
    kind: oneOf<Family>(query, 'kind', families),
    favourite: yes(query, 'favourite'),
    before: wholeNumberFromQuery(query, 'before', Number.MAX_SAFE_INTEGER),
    skip: wholeNumberFromQuery(query, 'skip', Number.MAX_SAFE_INTEGER) ?? 0,
    withLines: textOf(query['with']) === 'lines',
    // Whoever names a person asks for what suits them.
    suits: oneOf<Suiting>(query, 'suits', suitings) ?? (person ? 'fits' : undefined),
    person: person || undefined,
    inTheHouse: yes(query, 'house'),
  };
}

/** What is repeated in the address of the next page. */
const REPEATED = [
  'search',
  'limit',
  'with',
  'order',
  'kind',
  'favourite',
  'suits',
  'person',
  'house',
] as const;

/** The address of the page that follows. */
export function nextAddress(query: Query, next: NextPage): string {
  const parameters = new URLSearchParams();
  for (const name of REPEATED) if (query[name] !== undefined) parameters.set(name, textOf(query[name]));
  for (const [name, value] of Object.entries(next)) parameters.set(name, String(value));
  return `/api/formulas?${parameters.toString()}`;
}
