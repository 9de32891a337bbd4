import type {
  DishTonight,
  EaterView,
  EveningBody,
  FormulaView,
  HouseholdView,
  KeptDishView,
  Law,
  PotTonight,
  VersionsBody,
} from '@alterum/contract';
import { formulaInLine } from '@alterum/contract/convert';
import {
  type Ingredient,
  type Kitchen,
  larderTable,
  type PackLabel,
  type UsedIngredients,
} from '@alterum/core';
import { create } from 'zustand';
import { api, isRefused, whyNot } from '../server/api';
import { queries, read } from '../server/queries';
import { sayFailure } from '../notices/notices';
import type { KnownSauce } from './sauces-inside';
import { type ChoicePart, keepWaiting, waitingChoices } from './waiting-choices';

export type Versions = Readonly<VersionsBody>;

/** What a household begins with: two versions, nothing in them. */
const noVersions: Versions = {
  base: null,
  inBase: [],
  versions: [
    { name: 'First version', added: [] },
    { name: 'Second version', added: [] },
  ],
};

/** An evening of a kitchen of which nothing is known: on the table at seven. */
const usualEvening: EveningBody = {
  serveAt: 19 * 60,
  burners: 4,
  ovens: 1,
  blenders: 1,
  cooks: 1,
  keepWarmMin: 20,
};

/** The larder as this house knows it. */
export interface KnownLarder {
  readonly own: readonly Ingredient[];
  readonly whole: readonly Ingredient[];
  readonly byId: ReadonlyMap<string, Ingredient>;
  readonly labels: ReadonlyMap<string, PackLabel>;
  /** g by ingredient. */
  readonly stock: ReadonlyMap<string, number>;
}

interface HouseholdState {
  readonly larder: KnownLarder;
  /** Who eats tonight. */
  readonly tonight: readonly EaterView[];
  readonly law: Law;
  /** Whose spoons and cups; undefined as long as nobody has said. */
  readonly kitchen: Kitchen | undefined;
  /** When it is eaten and what the kitchen has for it. */
  readonly evening: Readonly<EveningBody>;
  /** In how many formulas each ingredient stands, the last used first. */
  readonly used: UsedIngredients;
  readonly pots: readonly PotTonight[];
  /** Dishes of several parts that are cooked tonight. */
  readonly dishes: readonly DishTonight[];
  readonly versions: Versions;
  /** Formulas that stand in others as lines, by id. */
  readonly sauces: ReadonlyMap<string, KnownSauce>;
  /** Formulas that stand in the pots or versions, by id. */
  readonly named: ReadonlyMap<string, FormulaView>;
  /** Dishes that are cooked tonight, by id. */
  readonly keptDishes: ReadonlyMap<string, KeptDishView>;
  /** Why the last change is not kept yet; it is tried again. */
  readonly unkept: string | undefined;
  readonly know: (view: FormulaView) => void;
  readonly knowDish: (view: KeptDishView) => void;
  readonly chooseLaw: (law: Law) => void;
  readonly chooseKitchen: (kitchen: Kitchen) => void;
  readonly eatAt: (evening: Readonly<EveningBody>) => void;
  readonly cook: (pots: readonly PotTonight[]) => void;
  readonly cookDishes: (dishes: readonly DishTonight[]) => void;
  readonly divide: (versions: Versions) => void;
}

/** Changes that the server has not kept yet, the last of each part; no state that anything is drawn from. */
const waiting = waitingChoices();
let sending = false;
/** What this page shows is newer than what the server has, as far as something waits: it was taken over once, or chosen here. */
let isHere = false;

/** Sends what waits, one after the other; what cannot be reached waits on, what is refused is told and dropped. */
export async function keepHousehold(): Promise<void> {
  if (sending) return;
  sending = true;
  try {
    for (let next = [...waiting][0]; next; next = [...waiting][0]) {
      const [part, body] = next;
      try {
        await api.keepHousehold(part, body);
      } catch (error) {
        if (!isRefused(error)) throw error;
        sayFailure(error);
      }
      if (waiting.get(part) === body) waiting.delete(part);
      keepWaiting(waiting);
    }
    useHousehold.setState({ unkept: undefined });
  } catch (error) {
    useHousehold.setState({ unkept: whyNot(error) });
  } finally {
    sending = false;
  }
}

function keep(part: ChoicePart, body: object): void {
  waiting.set(part, body);
  keepWaiting(waiting);
  isHere = true;
  void keepHousehold();
}

/** What the household chose for its table; every change shows at once and is kept on the server. */
export const useHousehold = create<HouseholdState>()((set, get) => ({
  larder: { own: [], whole: larderTable, byId: new Map(), labels: new Map(), stock: new Map() },
  tonight: [],
  law: 'eu',
  kitchen: undefined,
  evening: usualEvening,
  used: new Map(),
  pots: [],
  dishes: [],
  versions: noVersions,
  sauces: new Map(),
  named: new Map(),
  keptDishes: new Map(),
  unkept: undefined,
  know: (view) => set(({ named }) => ({ named: new Map(named).set(view.id, view) })),
  knowDish: (view) => set(({ keptDishes }) => ({ keptDishes: new Map(keptDishes).set(view.id, view) })),
  chooseLaw: (law) => {
    set({ law });
    keep('law', { law });
  },
  chooseKitchen: (kitchen) => {
    set({ kitchen });
    keep('kitchen', { kitchen });
  },
  eatAt: (evening) => {
    set({ evening });
    keep('evening', evening);
  },
  cook: (pots) => {
    set({ pots });
    // What is not said of dishes leaves them; what waits to be said of them goes along.
    const waits = 'dishes' in (waiting.get('tonight') ?? {});
    keep('tonight', { pots, ...(waits ? { dishes: get().dishes } : {}) });
  },
  cookDishes: (dishes) => {
    set({ dishes });
    keep('tonight', { pots: get().pots, dishes });
  },
  divide: (versions) => {
    set({ versions });
    keep('versions', versions);
  },
}));

/** Where a browser kept the choice before the household did. */
const FORMER_KEY = 'alterum.law-list';

function formulasIn({ pots, versions }: Pick<HouseholdView, 'pots' | 'versions'>): readonly string[] {
  const added = [
    ...(versions?.inBase ?? []),
    ...(versions?.versions ?? []).flatMap((version) => version.added),
  ];
  const inside = added.flatMap(({ ingredient }) => formulaInLine(ingredient) ?? []);
  return [
    ...new Set([
      ...pots.map(({ formula }) => formula),
      ...(versions?.base ? [versions.base] : []),
      ...inside,
    ]),
  ];
}

/** What was put away since it was chosen is left out. */
const unlessGone = <T>(one: Promise<T>, there: (view: T) => void): Promise<void> =>
  one.then(there, (error: unknown) => {
    if (!isRefused(error)) throw error;
  });

/** What the server has, with what was chosen here since and waits to be kept. */
const withWaiting = (kept: HouseholdView): HouseholdView => ({
  ...kept,
  ...(waiting.get('law') ?? {}),
  ...(waiting.get('kitchen') ?? {}),
  ...(waiting.get('tonight') ?? {}),
  ...(waiting.has('evening') ? { evening: waiting.get('evening') as HouseholdView['evening'] } : {}),
  ...(waiting.has('versions') ? { versions: waiting.get('versions') as HouseholdView['versions'] } : {}),
});

/** Fetches what was chosen, and the formulas that stand in it; what was put away since is left out. */
export async function loadHousehold(): Promise<void> {
  // What was chosen and is not kept yet goes first: what stands on the server is older.
  if (waiting.size > 0) await keepHousehold();
  const stands = await read(queries.household);
  if (waiting.size > 0 && isHere) return;
  const kept = withWaiting(stands);
  const named = new Map<string, FormulaView>(),
    keptDishes = new Map<string, KeptDishView>();
  await Promise.all([
    ...formulasIn(kept).map((id) => unlessGone(read(queries.formula(id)), (view) => named.set(id, view))),
    ...kept.dishes.map(({ dish: id }) =>
      unlessGone(read(queries.dish(id)), (view) => keptDishes.set(id, view)),
    ),
  ]);
  useHousehold.setState({
    law: kept.law,
    kitchen: kept.kitchen ?? undefined,
    evening: kept.evening ?? usualEvening,
    pots: kept.pots.filter(({ formula }) => named.has(formula)),
    dishes: kept.dishes.filter(({ dish }) => keptDishes.has(dish)),
    keptDishes,
    versions: kept.versions ?? noVersions,
    named,
  });
  isHere = true;
  if (!kept.lawChosen && localStorage.getItem(FORMER_KEY) === 'us') useHousehold.getState().chooseLaw('us');
  localStorage.removeItem(FORMER_KEY);
}
