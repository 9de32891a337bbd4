import { randomUUID } from 'node:crypto';
import {
  type BackupFormula,
  type BackupPerson,
  type BackupVersion,
  briefOfWishes,
  dishFromBody,
  type FormulaBody,
  formulaBodyOf,
  formulaFromBody,
  needFromInput,
} from '@alterum/contract';
import { type Formula, taughtKey } from '@alterum/core';
import type { EntityManager } from '@mikro-orm/libsql';
import { SavedBriefRow } from '../brief/saved-brief.row.js';
import { columnsOfDish } from '../dish/dish-row.mapping.js';
import { DishRow } from '../dish/dish.row.js';
import { needToColumns } from '../eater/eater-row.mapping.js';
import { EaterNeedRow, EaterRow } from '../eater/eater.row.js';
import { columnsOfEvening } from '../evening/evening-row.mapping.js';
import { EveningRow } from '../evening/evening.row.js';
import type { FormulaList } from '../formula/formula-list.js';
import { headOfFormula, lineToColumns } from '../formula/formula-row.mapping.js';
import { FormulaLineRow, FormulaRow, FormulaVersionRow } from '../formula/formula.row.js';
import { HouseholdRow } from '../household/household.row.js';
import { PackLabelRow } from '../label/pack-label.row.js';
import { TaughtWordRow } from '../label/taught-word.row.js';
import type { LarderService } from '../larder/larder.service.js';
import { columnsOfOwn } from '../larder/own-ingredient-row.mapping.js';
import { OwnIngredientRow } from '../larder/own-ingredient.row.js';
import { breathe } from '../platform/breathe.js';
import { StockRow } from '../larder/stock.row.js';
import { asPlain } from '../storage/as-plain.js';
import { columnsOfVessel } from '../vessel/vessel-row.mapping.js';
import { VesselRow } from '../vessel/vessel.row.js';
import type { Plan, Step } from './restore-plan.js';

const dateOf = (text: string | null | undefined): Date | null => (text ? new Date(text) : null);

/** Takes away what the backup does not have; what belongs to it goes with it. */
export async function writeGoing(em: EntityManager, { go }: Plan): Promise<void> {
  for (const id of go.formulas) await em.nativeDelete(FormulaRow, { id });
  for (const id of go.people) await em.nativeDelete(EaterRow, { id });
  for (const id of go.ownIngredients) await em.nativeDelete(OwnIngredientRow, { id });
  for (const ingredient of go.labels) await em.nativeDelete(PackLabelRow, { ingredient });
  for (const ingredient of go.stock) await em.nativeDelete(StockRow, { ingredient });
  for (const key of go.words) await em.nativeDelete(TaughtWordRow, { key });
  for (const id of go.vessels) await em.nativeDelete(VesselRow, { id });
  for (const id of go.dishes) await em.nativeDelete(DishRow, { id });
  for (const id of go.evenings) await em.nativeDelete(EveningRow, { id });
  for (const id of go.household) await em.nativeDelete(HouseholdRow, { id });
  for (const name of go.briefs) await em.nativeDelete(SavedBriefRow, { name });
}

export async function writePeople(em: EntityManager, steps: Plan['steps']['people']): Promise<void> {
  const [last] = await em.find(EaterRow, {}, { orderBy: { position: 'desc' }, limit: 1 });
  let position = (last?.position ?? -1) + 1;
  for (const { entry, isNew, version } of steps) {
    const columns = {
      name: entry.name.trim(),
      version,
      eatsTonight: entry.eatsTonight ?? true,
      guest: entry.guest ?? false,
      deletedAt: dateOf(entry.putAwayAt),
    };
    if (isNew) await em.insert(EaterRow, { id: entry.id, position: position++, ...columns });
    else {
      await em.nativeUpdate(EaterRow, { id: entry.id }, columns);
      await em.nativeDelete(EaterNeedRow, { eater: entry.id });
    }
    await writeNeeds(em, entry);
  }
}

async function writeNeeds(em: EntityManager, { id, needs = [] }: BackupPerson): Promise<void> {
  if (needs.length === 0) return;
  await em.insertMany(
    EaterNeedRow,
    needs.map((need, at) => ({ eater: id, ...needToColumns(needFromInput(need), at) })),
  );
}

export async function writeOwnIngredients(
  em: EntityManager,
  steps: Plan['steps']['ownIngredients'],
): Promise<void> {
  for (const { entry, version } of steps)
    await em.upsert(OwnIngredientRow, {
      id: entry.id,
      version,
      ...columnsOfOwn(entry),
      createdAt: new Date(entry.createdAt),
      deletedAt: dateOf(entry.putAwayAt),
    });
}

export async function writeLarder(
  em: EntityManager,
  { labels, words, stock, briefs, household }: Plan['steps'],
): Promise<void> {
  for (const {
    entry: { readOn, ...label },
  } of labels)
    await em.upsert(PackLabelRow, { ...label, readOn: new Date(readOn) });
  for (const {
    entry: { word, means, taughtAt },
  } of words)
    await em.upsert(TaughtWordRow, { key: taughtKey(word), word, means, taughtAt: new Date(taughtAt) });
  for (const { entry } of household) {
    const { id, law, lawChosen, kitchen, evening, tonight, divided, saidAt } = entry;
    await em.upsert(HouseholdRow, {
      id,
      law: lawChosen ? law : null,
      ...(kitchen ? { kitchen } : {}),
      ...(evening ? { evening: asPlain(evening) } : {}),
      pots: asPlain(tonight.pots),
      dishes: tonight.dishes ? asPlain(tonight.dishes) : null,
      versions: divided ?? null,
      saidAt: new Date(saidAt),
    });
  }
  for (const {
    entry: { saidAt, ...said },
  } of stock)
    await em.upsert(StockRow, { ...said, saidAt: new Date(saidAt) });
  for (const {
    entry: { id, name, wishes, keptAt },
  } of briefs) {
    // Told apart by name: one of another id is the same brief to the cook.
    await em.nativeDelete(SavedBriefRow, { name: name.trim() });
    await em.insert(SavedBriefRow, {
      id,
      name: name.trim(),
      brief: briefOfWishes(wishes),
      keptAt: new Date(keptAt),
    });
  }
}

export async function writeDishes(
  em: EntityManager,
  { vessels, dishes, evenings }: Pick<Plan['steps'], 'vessels' | 'dishes' | 'evenings'>,
): Promise<void> {
  for (const { entry, version } of evenings)
    await em.upsert(EveningRow, {
      id: entry.id,
      version,
      ...columnsOfEvening(entry),
      updatedAt: new Date(entry.updatedAt),
      deletedAt: dateOf(entry.putAwayAt),
    });
  for (const { entry, version } of vessels)
    await em.upsert(VesselRow, {
      id: entry.id,
      version,
      ...columnsOfVessel(entry),
      deletedAt: dateOf(entry.putAwayAt),
    });
  for (const { entry, version } of dishes) {
    await breathe();
    await em.upsert(DishRow, {
      id: entry.id,
      version,
      ...columnsOfDish(dishFromBody(entry)),
      createdAt: new Date(entry.createdAt),
      updatedAt: new Date(entry.updatedAt),
      deletedAt: dateOf(entry.putAwayAt),
    });
  }
}

/** Formulas with their lines, kept versions and places in the list, in the order of the backup. */
export class FormulaWriter {
  private taken = new Set<string>();

  constructor(
    private readonly em: EntityManager,
    private readonly larder: LarderService,
    private readonly list: FormulaList,
  ) {}

  async write(steps: Plan['steps']['formulas'], mode: 'replace' | 'merge'): Promise<void> {
    this.taken = new Set((await this.em.find(FormulaVersionRow, {}, { fields: ['id'] })).map(({ id }) => id));
    this.em.clear();
    for (const step of steps) {
      await breathe();
      if (step.writes) await this.writeFormula(step, mode);
      await this.writeVersions(step, mode);
    }
  }

  private coreOf = (body: FormulaBody): Formula =>
    formulaFromBody(body, (line) => ({
      id: line.id ?? randomUUID(),
      ingredient: this.larder.find(line.ingredient),
    }));

  private async writeFormula(
    { entry, isNew, version }: Step<BackupFormula>,
    mode: 'replace' | 'merge',
  ): Promise<void> {
    const { id } = entry,
      formula = this.coreOf(entry);
    const columns = {
      ...headOfFormula(formula),
      version,
      createdAt: new Date(entry.createdAt),
      updatedAt: new Date(entry.updatedAt),
      deletedAt: dateOf(entry.putAwayAt),
      // Merged, a mark that is here is not taken away by a backup without it.
      ...(mode === 'replace' || isNew || entry.favourite ? { favourite: entry.favourite ?? false } : {}),
    };
    if (isNew) await this.em.insert(FormulaRow, { id, ...columns, turn: null });
    else {
      await this.em.nativeUpdate(FormulaRow, { id }, columns);
      await this.em.nativeDelete(FormulaLineRow, { formula: id });
    }
    const lines = formula.lines.map((line, at) => ({ formula: id, ...lineToColumns(line, at) }));
    if (lines.length > 0) await this.em.insertMany(FormulaLineRow, lines);
    if (entry.putAwayAt) await this.list.leave(id);
    else await this.list.enter(id, formula);
  }

  private async writeVersions(
    { entry, isNew, versions }: Step<BackupFormula>,
    mode: 'replace' | 'merge',
  ): Promise<void> {
    const formula = entry.id;
    let names = new Set<string>();
    if (!isNew) {
      const here = await this.em.find(
        FormulaVersionRow,
        { formula },
        { fields: ['id', 'name', 'deletedAt'] },
      );
      this.em.clear();
      if (mode === 'replace') {
        await this.em.nativeDelete(FormulaVersionRow, { formula });
        for (const { id } of here) this.taken.delete(id);
      } else names = new Set(here.filter(({ deletedAt }) => !deletedAt).map(({ name }) => name));
    }
    for (const version of versions) await this.writeVersion(formula, version, names);
  }

  private async writeVersion(
    formula: string,
    { id, name, why, keptAt, putAwayAt, content }: BackupVersion,
    names: Set<string>,
  ): Promise<void> {
    const given = putAwayAt ? name.trim() : freeName(name.trim(), names);
    names.add(given);
    await this.em.insert(FormulaVersionRow, {
      id: this.taken.has(id) ? randomUUID() : id,
      formula,
      name: given,
      why,
      content: formulaBodyOf(this.coreOf(content)),
      keptAt: new Date(keptAt),
      deletedAt: dateOf(putAwayAt),
    });
    this.taken.add(id);
  }
}

/** A name that no other version of the formula has. */
function freeName(name: string, names: ReadonlySet<string>): string {
  for (let i = 1; ; i++) {
    const ending = i === 1 ? '' : ` (${i})`;
    const candidate = name.slice(0, LONGEST_NAME - ending.length) + ending;
    if (!names.has(candidate)) return candidate;
  }
}
const LONGEST_NAME = 80;
