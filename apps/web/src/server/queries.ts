import { infiniteQueryOptions, QueryClient, queryOptions } from '@tanstack/react-query';
import { afterWriting, api, type FormulasAsked, isRefused, type Page, type PageQuery } from './api';

/** ms in which what was fetched may be shown in another place without asking again; a write of this page ends it at once. @source assumed: shorter than a walk to another place and back */
const FRESH_MS = 3000;
/** An answer that did not come is asked for once more, after that many ms. */
const ASKED_AGAIN = 1,
  ASK_AGAIN_MS = 400;
/** Entries of every page of a list but the first; as many as the server gives at once. */
const FOLLOWING = 200;

/** What this page knows of the server, kept from place to place. */
export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: FRESH_MS,
      // The kitchen's server may be there while the browser believes itself off the network.
      networkMode: 'always',
      retry: (count, error) => count < ASKED_AGAIN && !isRefused(error),
      retryDelay: ASK_AGAIN_MS,
      // Nothing moves under a pointer because somebody came back to the window.
      refetchOnWindowFocus: false,
      refetchOnReconnect: false,
      refetchOnMount: false,
    },
  },
});
afterWriting(() => void queryClient.invalidateQueries({ refetchType: 'none' }));

type Lined = { readonly lines: readonly { readonly ingredient: string }[] };
let follow: (formulas: readonly Lined[]) => Promise<void> = () => Promise.resolve();
/** What is done with formulas before they are handed on: those that stand in them are fetched too. */
export const whenFormulasCome = (then: typeof follow): void => void (follow = then);

async function followed<T extends Lined>(one: Promise<T>): Promise<T> {
  const formula = await one;
  await follow([formula]);
  return formula;
}

const listOf = <T>(kind: string, fetchPage: (query: PageQuery) => Promise<Page<T>>) =>
  function list(asked: FormulasAsked | string) {
    const query = typeof asked === 'string' ? { search: asked } : asked;
    return infiniteQueryOptions({
      queryKey: ['formulas', kind, query],
      queryFn: ({ pageParam }) =>
        fetchPage({
          ...query,
          following: pageParam,
          ...(pageParam === undefined ? {} : { limit: FOLLOWING }),
        }),
      initialPageParam: undefined as string | undefined,
      getNextPageParam: ({ next }) => next,
    });
  };

/** A list of formulas by what is searched in it, or by all that it is narrowed to. */
export type PagedQuery<T> = ReturnType<typeof listOf<T>>;

/** Everything that is read from the server, by what it is called. */
export const queries = {
  people: queryOptions({ queryKey: ['people'], queryFn: api.eaters }),
  used: queryOptions({ queryKey: ['used'], queryFn: api.usedIngredients }),
  household: queryOptions({ queryKey: ['household'], queryFn: api.household }),
  ownIngredients: queryOptions({ queryKey: ['own-ingredients'], queryFn: api.ownIngredients }),
  packLabels: queryOptions({ queryKey: ['labels'], queryFn: api.packLabels }),
  stock: queryOptions({ queryKey: ['stock'], queryFn: api.stock }),
  taughtWords: queryOptions({ queryKey: ['words'], queryFn: api.taughtWords }),
  dishes: queryOptions({ queryKey: ['dishes'], queryFn: api.dishes }),
  dish: (id: string) => queryOptions({ queryKey: ['dish', id], queryFn: () => api.dish(id) }),
  evenings: queryOptions({ queryKey: ['evenings'], queryFn: api.evenings }),
  vessels: queryOptions({ queryKey: ['vessels'], queryFn: api.vessels }),
  briefs: queryOptions({ queryKey: ['briefs'], queryFn: api.briefs }),
  putAway: queryOptions({ queryKey: ['put-away'], queryFn: api.putAway }),
  formula: (id: string) =>
    queryOptions({ queryKey: ['formula', id], queryFn: () => followed(api.formula(id)) }),
  /** A formula that stands in another one: by itself, without what stands in it. */
  sauce: (id: string) => queryOptions({ queryKey: ['sauce', id], queryFn: () => api.formula(id) }),
  versions: (id: string) =>
    queryOptions({
      queryKey: ['versions', id],
      queryFn: async () => {
        const versions = await api.versions(id);
        await follow(versions.map(({ content }) => content));
        return versions;
      },
    }),
  /** Names of the formulas that were changed last, as many as the server gives at once. */
  formulaNames: queryOptions({
    queryKey: ['formulas', 'names'],
    queryFn: () => api.formulas({ search: '', limit: FOLLOWING }),
  }),
  /** Names and kinds of formulas, last changed first; page by page. */
  formulas: listOf('heads', api.formulas),
  /** Formulas with all that is in them. */
  wholeFormulas: listOf('whole', async (query) => {
    const page = await api.wholeFormulas(query);
    await follow(page.entries);
    return page;
  }),
};

/** What a place needs before it is shown: from what was just fetched, or asked for. */
export const read = queryClient.fetchQuery.bind(queryClient);
/** The same for a list; as many pages as stood there are fetched before anything is replaced. */
export const readList = queryClient.fetchInfiniteQuery.bind(queryClient);
