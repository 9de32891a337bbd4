import {
  EveningBody,
  formulaInLine,
  HERE,
  type HouseholdView,
  KitchenBody,
  LawBody,
  TonightBody,
  type UsedIngredientView,
  VersionsBody,
} from '@alterum/contract';
import { EntityManager } from '@mikro-orm/libsql';
import { Injectable } from '@nestjs/common';
import { LarderService } from '../larder/larder.service.js';
import { Clock } from '../platform/clock.js';
import { invalidInput } from '../platform/failure.js';
import { HouseholdRow } from './household.row.js';
import { theHousehold } from './the-household.js';
import { TonightChecks } from './tonight-checks.js';

/** Ingredients that are told of what a household uses. */
const MOST_USED = 500;

/** What the household chose for its table: the law’s list, tonight’s pots, versions of a base. */
@Injectable()
export class HouseholdService {
  constructor(
    private readonly em: EntityManager,
    private readonly larder: LarderService,
    private readonly checks: TonightChecks,
    private readonly clock: Clock,
  ) {}

  async read(): Promise<HouseholdView> {
    const row = await this.em.findOne(HouseholdRow, { id: HERE });
    return {
      law: row?.law ?? 'eu',
      lawChosen: Boolean(row?.law),
      kitchen: row?.kitchen ?? null,
      evening: row?.evening ?? null,
      pots: row?.pots ?? [],
      dishes: row?.dishes ?? [],
      versions: row?.versions ?? null,
    };
  }

  chooseLaw({ law }: LawBody): Promise<HouseholdView> {
    return this.write({ law });
  }

  measureWith({ kitchen }: KitchenBody): Promise<HouseholdView> {
    return this.write({ kitchen });
  }

  async eatAt(evening: EveningBody): Promise<HouseholdView> {
    this.checks.evening(evening);
    return this.write({ evening });
  }

  /** What stands in the formulas of the household, that of the last changed one first. */
  used(): Promise<readonly UsedIngredientView[]> {
    return this.em.execute(
      `select l.ingredient as ingredient, count(distinct f.id) as formulas
       from formula_line l join formula f on f.id = l.formula_id
       where f.deleted_at is null
       group by l.ingredient order by max(f.turn) desc, min(l.position) limit ?`,
      [MOST_USED],
    ) as unknown as Promise<readonly UsedIngredientView[]>;
  }

  async cookTonight({ pots, dishes }: TonightBody): Promise<HouseholdView> {
    await this.checks.tonight({ pots, ...(dishes ? { dishes } : {}) });
    return this.write({ pots, ...(dishes ? { dishes } : {}) });
  }

  async divide(versions: VersionsBody): Promise<HouseholdView> {
    const added = [
      ...versions.inBase.map((one, i) => [`inBase[${i}].ingredient`, one.ingredient] as const),
      ...versions.versions.flatMap((version, v) =>
        version.added.map((one, i) => [`versions[${v}].added[${i}].ingredient`, one.ingredient] as const),
      ),
    ];
    const formulas = added.flatMap(([field, id]) => {
      const formula = formulaInLine(id);
      return formula === undefined ? [] : [[field, formula] as const];
    });
    const unknown = added.filter(
      ([, id]) => formulaInLine(id) === undefined && this.larder.nameOf(id) === id,
    );
    if (unknown.length > 0)
      throw invalidInput(
        unknown.map(([field, id]) => ({
          field,
          message: `“${id}” is not in the larder. Search it with /api/ingredients?search=.`,
        })),
      );
    await this.checks.formulas([
      ...(versions.base === null ? [] : [['base', versions.base] as const]),
      ...formulas,
    ]);
    return this.write({ versions });
  }

  private async write(
    part: Partial<Pick<HouseholdRow, 'law' | 'kitchen' | 'evening' | 'pots' | 'dishes' | 'versions'>>,
  ): Promise<HouseholdView> {
    await this.em.transactional(async (em) => {
      const saidAt = this.clock.now();
      Object.assign(await theHousehold(em, saidAt), part, { saidAt });
    });
    return this.read();
  }
}
