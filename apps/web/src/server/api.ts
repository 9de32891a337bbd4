import type { Family } from '@alterum/core';
import type { FormulaContent } from '@alterum/contract/convert';
import type {
  EaterView,
  FormulaSummary,
  FormulaView,
  CookingView,
  DishSummary,
  HouseholdView,
  KeptDishView,
  KeptEveningView,
  OwnIngredientView,
  PackLabelView,
  Problem,
  PutAwayView,
  RestoreMode,
  RestoreView,
  SavedBriefView,
  StockView,
  Suiting,
  TaughtWordView,
  UsedIngredientView,
  VersionView,
  VesselView,
  WishInput,
} from '@alterum/contract';

/** The server answered with a problem document. */
export class ApiProblem extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail);
    this.name = 'ApiProblem';
  }
}

/** Why something was not taken: the first thing that was wrong with it, or what failed. */
export const whyNot = (error: unknown): string =>
  error instanceof ApiProblem
    ? (error.problem.errors?.[0]?.message ?? error.message)
    : error instanceof Error
      ? error.message
      : String(error);

/** The server took it in and said no: asking again would not help. */
export const isRefused = (error: unknown): boolean =>
  error instanceof ApiProblem && error.problem.status < 500 && error.problem.status !== 429;

/** The server did not answer at all. */
export class Unreachable extends Error {
  constructor() {
    super(
      'The server does not answer. What you typed is kept in this browser and will be saved when it is back.',
    );
    this.name = 'Unreachable';
  }
}

let written: () => void = () => undefined;
/** What is done whenever the server has taken a write of this page. */
export const afterWriting = (then: () => void): void => {
  written = then;
};

/** Writes of this page that the server has answered. */
let writes = 0;
/** How often something is asked anew because a write was answered meanwhile; who writes without end is shown what was then. */
const MOST_ANEW = 5;

interface Answer<T> {
  readonly answer: T;
  readonly headers: Headers;
}

/** What is read; asked anew where a write of this page was answered meanwhile, since it may not be in the answer yet. */
async function readAnswer<T>(path: string): Promise<Answer<T>> {
  for (let anew = 0; ; anew++) {
    const before = writes,
      answer = await exchange<T>('GET', path);
    if (writes === before || anew === MOST_ANEW) return answer;
  }
}

async function exchange<T>(method: string, path: string, body?: unknown): Promise<Answer<T>> {
  const init: RequestInit = { method, headers: { Accept: 'application/json' } };
  if (body !== undefined) {
    // A file is sent as it is.
    init.body = body instanceof Blob ? body : JSON.stringify(body);
    init.headers = { ...init.headers, 'Content-Type': 'application/json' };
  }
  const response = await fetch(`/api${path}`, init).catch(() => {
    throw new Unreachable();
  });
  if (method !== 'GET') {
    writes += 1;
    written();
  }
  if (response.status === 204) return { answer: undefined as T, headers: response.headers };
  const text = await response.text();
  const isJson = response.headers.get('content-type')?.includes('json') ?? false;
  // A proxy in front of a dead server answers with a page of its own.
  if (!isJson) throw new Unreachable();
  const answer = JSON.parse(text) as unknown;
  if (!response.ok) throw new ApiProblem(answer as Problem);
  return { answer: answer as T, headers: response.headers };
}

const call = async <T>(method: string, path: string, body?: unknown): Promise<T> =>
  (method === 'GET' ? await readAnswer<T>(path) : await exchange<T>(method, path, body)).answer;

/** A part of a list that may be long. */
export interface Page<T> {
  readonly entries: readonly T[];
  /** How many there are in all. */
  readonly total: number;
  /** What is added to the query of the page that follows (`before=12`, `skip=50`); undefined on the last one. */
  readonly next: string | undefined;
}

/** What a list of formulas is narrowed to, and its order. */
export interface FormulasAsked {
  readonly search?: string;
  readonly kind?: Family;
  readonly favourite?: 'yes';
  readonly suits?: Suiting;
  /** Id of a person, or `tonight`; everybody where it is left out. */
  readonly person?: string;
  readonly house?: 'yes';
  readonly order?: 'changed' | 'name';
}

export interface PageQuery extends FormulasAsked {
  readonly limit?: number;
  /** `next` of the page before. */
  readonly following?: string | undefined;
}

async function page<T>(
  path: string,
  { following, ...query }: Readonly<Record<string, string | number | undefined>>,
): Promise<Page<T>> {
  const parameters = new URLSearchParams(following === undefined ? '' : String(following));
  for (const [name, value] of Object.entries(query))
    if (value !== undefined && value !== '') parameters.set(name, String(value));
  const { answer, headers } = await readAnswer<T[]>(`${path}?${parameters.toString()}`);
  const next = /[?&]((?:before|skip)=\d+)>; rel="next"/.exec(headers.get('link') ?? '')?.[1];
  return { entries: answer, total: Number(headers.get('x-total-count') ?? answer.length), next };
}

type Body = Readonly<Record<string, unknown>> | object;

export const api = {
  /** Names and kinds of formulas, last changed first. */
  formulas: (query: PageQuery = {}) => page<FormulaSummary>('/formulas', { ...query }),
  /** Formulas with all that is in them, last changed first. */
  wholeFormulas: (query: PageQuery = {}) => page<FormulaView>('/formulas', { ...query, with: 'lines' }),
  formula: (id: string) => call<FormulaView>('GET', `/formulas/${id}`),
  createFormula: (body: Body) => call<FormulaView>('POST', '/formulas', body),
  updateFormula: (id: string, body: Body) => call<FormulaView>('PUT', `/formulas/${id}`, body),
  duplicateFormula: (id: string) => call<FormulaView>('POST', `/formulas/${id}/duplicate`),
  deleteFormula: (id: string) => call<undefined>('DELETE', `/formulas/${id}`),
  markFormula: (id: string, favourite: boolean) =>
    call<FormulaView>('PUT', `/formulas/${id}/favourite`, { favourite }),
  restoreFormula: (id: string) => call<FormulaView>('POST', `/formulas/${id}/restore`),
  versions: (id: string) => call<VersionView[]>('GET', `/formulas/${id}/versions`),
  keepVersion: (
    id: string,
    body: { readonly name: string; readonly why: string; readonly content?: FormulaContent },
  ) => call<VersionView>('POST', `/formulas/${id}/versions`, body),
  forgetVersion: (id: string, version: string) =>
    call<undefined>('DELETE', `/formulas/${id}/versions/${version}`),
  restoreVersion: (id: string, version: string) =>
    call<VersionView>('POST', `/formulas/${id}/versions/${version}/restore`),
  previewRestore: (backup: Blob, mode: RestoreMode) =>
    call<RestoreView>('POST', `/restore/preview?mode=${mode}`, backup),
  restore: (backup: Blob, mode: RestoreMode) => call<RestoreView>('POST', `/restore?mode=${mode}`, backup),
  putAway: () => call<PutAwayView[]>('GET', '/put-away'),
  branchVersion: (id: string, version: string, name: string) =>
    call<FormulaView>('POST', `/formulas/${id}/versions/${version}/branch`, { name }),
  briefs: () => call<SavedBriefView[]>('GET', '/briefs'),
  keepBrief: (body: { readonly name: string; readonly wishes: readonly WishInput[] }) =>
    call<SavedBriefView>('POST', '/briefs', body),
  forgetBrief: (id: string) => call<undefined>('DELETE', `/briefs/${id}`),
  stock: () => call<StockView[]>('GET', '/stock'),
  sayStock: (ingredient: string, grams: number) => call<StockView>('PUT', `/stock/${ingredient}`, { grams }),
  forgetStock: (ingredient: string) => call<undefined>('DELETE', `/stock/${ingredient}`),
  packLabels: () => call<PackLabelView[]>('GET', '/labels'),
  keepLabel: (ingredient: string, text: string) =>
    call<PackLabelView>('PUT', `/labels/${ingredient}`, { text }),
  taughtWords: () => call<TaughtWordView[]>('GET', '/words'),
  teachWord: (word: string, means: TaughtWordView['means']) =>
    call<TaughtWordView>('PUT', `/words/${encodeURIComponent(word)}`, { means }),
  forgetWord: (word: string) => call<undefined>('DELETE', `/words/${encodeURIComponent(word)}`),
  household: () => call<HouseholdView>('GET', '/household'),
  usedIngredients: () => call<UsedIngredientView[]>('GET', '/household/used'),
  keepHousehold: (part: 'law' | 'kitchen' | 'evening' | 'tonight' | 'versions', body: object) =>
    call<HouseholdView>('PUT', `/household/${part}`, body),
  cooking: () => call<CookingView>('GET', '/household/cooking'),
  sayCooking: (said: object) => call<CookingView>('POST', '/household/cooking', said),
  evenings: () => call<KeptEveningView[]>('GET', '/evenings'),
  createEvening: (body: object) => call<KeptEveningView>('POST', '/evenings', body),
  updateEvening: (id: string, body: object) => call<KeptEveningView>('PUT', `/evenings/${id}`, body),
  deleteEvening: (id: string) => call<undefined>('DELETE', `/evenings/${id}`),
  restoreEvening: (id: string) => call<KeptEveningView>('POST', `/evenings/${id}/restore`),
  forgetLabel: (ingredient: string) => call<undefined>('DELETE', `/labels/${ingredient}`),
  dishes: () => call<DishSummary[]>('GET', '/dishes'),
  dish: (id: string) => call<KeptDishView>('GET', `/dishes/${id}`),
  createDish: (body: Body) => call<KeptDishView>('POST', '/dishes', body),
  updateDish: (id: string, body: Body) => call<KeptDishView>('PUT', `/dishes/${id}`, body),
  duplicateDish: (id: string) => call<KeptDishView>('POST', `/dishes/${id}/duplicate`),
  deleteDish: (id: string) => call<undefined>('DELETE', `/dishes/${id}`),
  restoreDish: (id: string) => call<KeptDishView>('POST', `/dishes/${id}/restore`),
  vessels: () => call<VesselView[]>('GET', '/vessels'),
  createVessel: (body: Body) => call<VesselView>('POST', '/vessels', body),
  updateVessel: (id: string, body: Body) => call<VesselView>('PUT', `/vessels/${id}`, body),
  deleteVessel: (id: string) => call<undefined>('DELETE', `/vessels/${id}`),
  restoreVessel: (id: string) => call<VesselView>('POST', `/vessels/${id}/restore`),
  ownIngredients: () => call<OwnIngredientView[]>('GET', '/own-ingredients'),
  createOwnIngredient: (body: Body) => call<OwnIngredientView>('POST', '/own-ingredients', body),
  updateOwnIngredient: (id: string, body: Body) =>
    call<OwnIngredientView>('PUT', `/own-ingredients/${id}`, body),
  usesOfOwnIngredient: (id: string) => call<string[]>('GET', `/own-ingredients/${id}/uses`),
  deleteOwnIngredient: (id: string) => call<undefined>('DELETE', `/own-ingredients/${id}`),
  restoreOwnIngredient: (id: string) => call<OwnIngredientView>('POST', `/own-ingredients/${id}/restore`),
  eaters: () => call<EaterView[]>('GET', '/eaters'),
  createEater: (body: Body) => call<EaterView>('POST', '/eaters', body),
  updateEater: (id: string, body: Body) => call<EaterView>('PUT', `/eaters/${id}`, body),
  deleteEater: (id: string) => call<undefined>('DELETE', `/eaters/${id}`),
  restoreEater: (id: string) => call<EaterView>('POST', `/eaters/${id}/restore`),
};
