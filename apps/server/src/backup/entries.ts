import {
  type BackupBrief,
  type BackupFormula,
  type BackupKind,
  type BackupLabel,
  type BackupOwnIngredient,
  type BackupPerson,
  type BackupStock,
  type BackupVersion,
  formulaBodyOf,
  wishesOfBrief,
} from '@alterum/contract';
import { EntityManager } from '@mikro-orm/libsql';
import type { FilterQuery } from '@mikro-orm/core';
import { SavedBriefRow } from '../brief/saved-brief.row.js';
import { viewOfEater } from '../eater/eater-row.mapping.js';
import { EaterRow } from '../eater/eater.row.js';
import { formulaFromRow } from '../formula/formula-row.mapping.js';
import { FormulaRow, FormulaVersionRow } from '../formula/formula.row.js';
import { PackLabelRow } from '../label/pack-label.row.js';
import { viewOfOwn } from '../larder/own-ingredient-row.mapping.js';
import { OwnIngredientRow } from '../larder/own-ingredient.row.js';
import { StockRow } from '../larder/stock.row.js';
import { AT_ONCE } from './backup.params.js';

/** What a backup holds of each kind. */
export interface Entries {
  readonly people: BackupPerson;
  readonly ownIngredients: BackupOwnIngredient;
  readonly labels: BackupLabel;
  readonly stock: BackupStock;
  readonly briefs: BackupBrief;
  readonly formulas: BackupFormula;
}

const when = (date: Date): string => date.toISOString();
const putAway = (date: Date | null | undefined): string | null => (date ? when(date) : null);

/** Leaves out what was not said: in a backup, as in a request, null is not leaving out. */
const said = <T extends object>(columns: T): { [K in keyof T]: NonNullable<T[K]> } =>
  Object.fromEntries(Object.entries(columns).filter(([, value]) => value !== null && value !== undefined)) as { [K in keyof T]: NonNullable<T[K]> }; // prettier-ignore

const personOf = (row: EaterRow): BackupPerson =>
  ({ ...viewOfEater(row), putAwayAt: putAway(row.deletedAt) }) as unknown as BackupPerson;

const ownOf = (row: OwnIngredientRow): BackupOwnIngredient =>
  ({ ...said(viewOfOwn(row)), createdAt: when(row.createdAt), putAwayAt: putAway(row.deletedAt) }) as BackupOwnIngredient; // prettier-ignore

const labelOf = ({ ingredient, text, contains, askFor, readOn }: PackLabelRow): BackupLabel =>
  ({ ingredient, text, contains: [...contains], askFor: [...askFor], readOn: when(readOn) }); // prettier-ignore

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

const versionOf = ({ id, name, why, keptAt, deletedAt, content }: FormulaVersionRow): BackupVersion =>
  ({ id, name, why, keptAt: when(keptAt), putAwayAt: putAway(deletedAt), content }) as unknown as BackupVersion; // prettier-ignore

const formulaOf = (row: FormulaRow, versions: readonly FormulaVersionRow[]): BackupFormula =>
  ({
    id: row.id,
    version: row.version,
    createdAt: when(row.createdAt),
    updatedAt: when(row.updatedAt),
    putAwayAt: putAway(row.deletedAt),
    ...formulaBodyOf(formulaFromRow(row)),
    versions: versions.map(versionOf),
  }) as unknown as BackupFormula;

/** Formulas in the order in which restoring puts them into the list: those put away, then the list from its end. */
async function* formulas(em: EntityManager): AsyncGenerator<readonly BackupFormula[]> {
  const pages = async function* (part: FilterQuery<FormulaRow>, by: 'turn' | 'id') {
    for (let offset = 0; ; offset += AT_ONCE) {
      em.clear();
      const rows = await em.find(FormulaRow, part, { populate: ['lines'], orderBy: { [by]: 'asc' }, limit: AT_ONCE, offset });
      const versions = await em.find(FormulaVersionRow, { formula: { $in: rows.map(({ id }) => id) } }, { orderBy: { keptAt: 'asc', id: 'asc' } });
      if (rows.length > 0) yield rows.map((row) => formulaOf(row, versions.filter(({ formula }) => formula.id === row.id)));
      if (rows.length < AT_ONCE) return;
    }
  };
  yield* pages({ turn: null }, 'id');
  yield* pages({ turn: { $ne: null } }, 'turn');
} // prettier-ignore

/** All entries of a kind, some at a time. The database must not change meanwhile. */
export async function* entriesOf<Kind extends BackupKind>(
  em: EntityManager,
  kind: Kind,
): AsyncGenerator<readonly Entries[Kind][]> {
  em.clear();
  const all = {
    people: async function* () {
      yield (await em.find(EaterRow, {}, { populate: ['needs'], orderBy: { position: 'asc', id: 'asc' } })).map(personOf);
    },
    ownIngredients: async function* () {
      yield (await em.find(OwnIngredientRow, {}, { orderBy: { id: 'asc' } })).map(ownOf);
    },
    labels: async function* () {
      yield (await em.find(PackLabelRow, {}, { orderBy: { ingredient: 'asc' } })).map(labelOf);
    },
    stock: async function* () {
      yield (await em.find(StockRow, {}, { orderBy: { ingredient: 'asc' } })).map(stockOf);
    },
    briefs: async function* () {
      yield (await em.find(SavedBriefRow, {}, { orderBy: { name: 'asc' } })).map(briefOf);
    },
    formulas: () => formulas(em),
  };
  yield* all[kind]() as AsyncGenerator<readonly Entries[Kind][]>;
} // prettier-ignore
