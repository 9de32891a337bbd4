import {
  type BackupBrief,
  type BackupDish,
  type BackupEvening,
  type BackupFormula,
  type BackupHousehold,
  type BackupKind,
  type BackupLabel,
  type BackupOwnIngredient,
  type BackupPerson,
  type BackupStock,
  type BackupVersion,
  type BackupVessel,
  type BackupWord,
  formulaBodyOf,
  HERE,
  wishesOfBrief,
} from '@alterum/contract';
import { EntityManager } from '@mikro-orm/libsql';
import { SavedBriefRow } from '../brief/saved-brief.row.js';
import { DishRow } from '../dish/dish.row.js';
import { viewOfEater } from '../eater/eater-row.mapping.js';
import { EaterRow } from '../eater/eater.row.js';
import { viewOfEvening } from '../evening/evening-row.mapping.js';
import { EveningRow } from '../evening/evening.row.js';
import { formulaOf, WHOLE, type WholeRow } from '../formula/formula-reading.js';
import { contentShape } from '../formula/formula.shapes.js';
import { HouseholdRow } from '../household/household.row.js';
import { PackLabelRow } from '../label/pack-label.row.js';
import { TaughtWordRow } from '../label/taught-word.row.js';
import { viewOfOwn } from '../larder/own-ingredient-row.mapping.js';
import { OwnIngredientRow } from '../larder/own-ingredient.row.js';
import { StockRow } from '../larder/stock.row.js';
import { breathe } from '../platform/breathe.js';
import { readStored } from '../storage/stored-json.js';
import { viewOfVessel } from '../vessel/vessel-row.mapping.js';
import { VesselRow } from '../vessel/vessel.row.js';
import { AT_ONCE } from './backup.params.js';

/** What a backup holds of each kind. */
export interface Entries {
  readonly people: BackupPerson;
  readonly ownIngredients: BackupOwnIngredient;
  readonly labels: BackupLabel;
  readonly words: BackupWord;
  readonly stock: BackupStock;
  readonly briefs: BackupBrief;
  readonly vessels: BackupVessel;
  readonly formulas: BackupFormula;
  readonly dishes: BackupDish;
  readonly evenings: BackupEvening;
  readonly household: BackupHousehold;
}

const when = (date: Date): string => date.toISOString();
const putAway = (date: Date | null | undefined): string | null => (date ? when(date) : null);

/** Leaves out what was not said: in a backup, as in a request, null is not leaving out. */
const said = <T extends object>(columns: T): { [K in keyof T]: NonNullable<T[K]> } =>
  Object.fromEntries(
    Object.entries(columns).filter(([, value]) => value !== null && value !== undefined),
  ) as { [K in keyof T]: NonNullable<T[K]> };

const eveningOf = (row: EveningRow): BackupEvening =>
  ({ ...viewOfEvening(row), putAwayAt: putAway(row.deletedAt) }) as unknown as BackupEvening;

const personOf = (row: EaterRow): BackupPerson =>
  ({ ...viewOfEater(row), putAwayAt: putAway(row.deletedAt) }) as unknown as BackupPerson;

const ownOf = (row: OwnIngredientRow): BackupOwnIngredient =>
  ({
    ...said(viewOfOwn(row)),
    createdAt: when(row.createdAt),
    putAwayAt: putAway(row.deletedAt),
  }) as BackupOwnIngredient;

const labelOf = ({ ingredient, text, contains, askFor, readOn }: PackLabelRow): BackupLabel => ({
  ingredient,
  text,
  contains: [...contains],
  askFor: [...askFor],
  readOn: when(readOn),
});

const wordOf = ({ word, means, taughtAt }: TaughtWordRow): BackupWord => ({
  word,
  means,
  taughtAt: when(taughtAt),
});

const householdOf = ({
  law,
  kitchen,
  evening,
  pots,
  dishes,
  versions,
  saidAt,
}: HouseholdRow): BackupHousehold => ({
  id: HERE,
  law: law ?? 'eu',
  lawChosen: law !== null,
  ...(kitchen ? { kitchen } : {}),
  ...(evening ? { evening: { ...evening } } : {}),
  tonight: { pots: [...pots], ...(dishes && dishes.length > 0 ? { dishes: [...dishes] } : {}) },
  ...(versions ? { divided: versions } : {}),
  saidAt: when(saidAt),
});

const stockOf = ({ ingredient, grams, saidAt }: StockRow): BackupStock => ({
  ingredient,
  grams,
  saidAt: when(saidAt),
});

const briefOf = ({ id, name, brief, keptAt }: SavedBriefRow): BackupBrief => ({
  id,
  name,
  wishes: wishesOfBrief(brief),
  keptAt: when(keptAt),
});

const vesselOf = (row: VesselRow): BackupVessel => ({
  ...viewOfVessel(row),
  putAwayAt: putAway(row.deletedAt),
});

const dishOf = ({ id, version, name, content, createdAt, updatedAt, deletedAt }: DishRow): BackupDish =>
  ({
    id,
    version,
    createdAt: when(createdAt),
    updatedAt: when(updatedAt),
    putAwayAt: putAway(deletedAt),
    name,
    ...content,
  }) as unknown as BackupDish;

/** Dishes some at a time. */
async function* dishes(em: EntityManager): AsyncGenerator<readonly BackupDish[]> {
  for (let offset = 0; ; offset += AT_ONCE) {
    await breathe();
    const rows = await em.find(DishRow, {}, { orderBy: { id: 'asc' }, limit: AT_ONCE, offset });
    if (rows.length > 0) yield rows.map(dishOf);
    if (rows.length < AT_ONCE) return;
    em.clear();
  }
}

interface FormulaRead extends WholeRow {
  readonly created_at: number;
  readonly deleted_at: number | null;
}

interface VersionRead {
  readonly id: string;
  readonly formula_id: string;
  readonly name: string;
  readonly why: string;
  readonly content: string;
  readonly kept_at: number;
  readonly deleted_at: number | null;
}

const moment = (ms: number): string => when(new Date(ms));

const versionOf = ({ id, name, why, kept_at, deleted_at, content }: VersionRead): BackupVersion =>
  ({
    id,
    name,
    why,
    keptAt: moment(kept_at),
    putAwayAt: deleted_at === null ? null : moment(deleted_at),
    content: readStored(contentShape, content),
  }) as BackupVersion;

const formulaEntryOf = (row: FormulaRead, versions: readonly VersionRead[]): BackupFormula =>
  ({
    id: row.id,
    version: row.version,
    createdAt: moment(row.created_at),
    updatedAt: moment(row.updated_at),
    putAwayAt: row.deleted_at === null ? null : moment(row.deleted_at),
    ...formulaBodyOf(formulaOf(row)),
    ...(row.favourite === 1 ? { favourite: true } : {}),
    versions: versions.map(versionOf),
  }) as unknown as BackupFormula;

/** Formulas in the order in which restoring puts them into the list: those put away, then the list from its end. */
async function* formulas(em: EntityManager): AsyncGenerator<readonly BackupFormula[]> {
  const run = <Row>(sql: string, parameters: readonly unknown[]) =>
    em.execute(sql, [...parameters]) as unknown as Promise<readonly Row[]>;
  for (const { which, by } of [
    { which: 'f.turn is null and f.id > ?', by: 'id' },
    { which: 'f.turn > ?', by: 'turn' },
  ] as const)
    for (let after: string | number = by === 'id' ? '' : 0; ;) {
      await breathe();
      const rows = await run<FormulaRead>(
        `select ${WHOLE}, f.created_at, f.deleted_at from formula f where ${which} order by f.${by} limit ?`,
        [after, AT_ONCE],
      );
      const versions = await run<VersionRead>(
        `select * from formula_version where formula_id in (${rows.map(() => '?').join(', ')}) order by kept_at, id`,
        rows.map(({ id }) => id),
      );
      if (rows.length > 0)
        yield rows.map((row) =>
          formulaEntryOf(
            row,
            versions.filter(({ formula_id }) => formula_id === row.id),
          ),
        );
      const last = rows.at(-1);
      if (!last || rows.length < AT_ONCE) break;
      after = last[by];
    }
}

/** All entries of a kind, some at a time. The database must not change meanwhile. */
export async function* entriesOf<Kind extends BackupKind>(
  em: EntityManager,
  kind: Kind,
): AsyncGenerator<readonly Entries[Kind][]> {
  em.clear();
  const all = {
    people: async function* () {
      yield (
        await em.find(EaterRow, {}, { populate: ['needs'], orderBy: { position: 'asc', id: 'asc' } })
      ).map(personOf);
    },
    ownIngredients: async function* () {
      yield (await em.find(OwnIngredientRow, {}, { orderBy: { id: 'asc' } })).map(ownOf);
    },
    labels: async function* () {
      yield (await em.find(PackLabelRow, {}, { orderBy: { ingredient: 'asc' } })).map(labelOf);
    },
    words: async function* () {
      yield (await em.find(TaughtWordRow, {}, { orderBy: { key: 'asc' } })).map(wordOf);
    },
    household: async function* () {
      yield (await em.find(HouseholdRow, {})).map(householdOf);
    },
    stock: async function* () {
      yield (await em.find(StockRow, {}, { orderBy: { ingredient: 'asc' } })).map(stockOf);
    },
    briefs: async function* () {
      yield (await em.find(SavedBriefRow, {}, { orderBy: { name: 'asc' } })).map(briefOf);
    },
    vessels: async function* () {
      yield (await em.find(VesselRow, {}, { orderBy: { id: 'asc' } })).map(vesselOf);
    },
    evenings: async function* () {
      yield (await em.find(EveningRow, {}, { orderBy: { id: 'asc' } })).map(eveningOf);
    },
    formulas: () => formulas(em),
    dishes: () => dishes(em),
  };
  yield* all[kind]() as AsyncGenerator<readonly Entries[Kind][]>;
}
