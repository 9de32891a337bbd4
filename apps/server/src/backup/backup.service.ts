import { createReadStream, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import type { BackupDocument, RestoreMode, RestoreView } from '@alterum/contract';
import { EntityManager } from '@mikro-orm/libsql';
import { Injectable } from '@nestjs/common';
import { FormulaList } from '../formula/formula-list.js';
import { LarderService } from '../larder/larder.service.js';
import { OwnIngredientService } from '../larder/own-ingredient.service.js';
import { Clock } from '../platform/clock.js';
import { copyBefore } from '../storage/copies.js';
import { databaseFile } from '../storage/orm.config.js';
import { HeavyWork } from '../work/heavy-work.js';
import { documentText } from './document.js';
import { openCopy } from './kitchen-file.js';
import { type Plan, planOf } from './restore-plan.js';
import {
  FormulaWriter,
  writeDishes,
  writeGoing,
  writeLarder,
  writeOwnIngredients,
  writePeople,
} from './restore-writes.js';

/** Gives out everything that was kept, and takes it back in. */
@Injectable()
export class BackupService {
  constructor(
    private readonly em: EntityManager,
    private readonly heavy: HeavyWork,
    private readonly clock: Clock,
    private readonly own: OwnIngredientService,
    private readonly larder: LarderService,
    private readonly formulas: FormulaList,
  ) {}

  /** Everything as one document, of one moment, piece by piece. */
  async *document(): AsyncGenerator<string> {
    const copy = await openCopy((target) =>
      this.heavy.run('copy-database', { file: databaseFile(), target }),
    );
    try {
      yield* documentText(copy.em, this.clock.now());
    } finally {
      await copy.close();
    }
  }

  /** The database itself, whole and in one file; it goes when it was read. */
  async database(): Promise<Readable> {
    const folder = mkdtempSync(join(tmpdir(), 'alterum-download-'));
    const target = join(folder, 'kitchen.sqlite');
    const clear = () => rmSync(folder, { recursive: true, force: true });
    try {
      await this.heavy.run('copy-database', { file: databaseFile(), target });
    } catch (error) {
      clear();
      throw error;
    }
    return createReadStream(target).once('close', clear);
  }

  /** What restoring would do; changes nothing. */
  async preview(backup: BackupDocument, mode: RestoreMode): Promise<RestoreView> {
    const { kinds } = await planOf(this.em.fork(), backup, mode);
    return { mode, madeAt: backup.madeAt, kinds };
  }

  /** Takes a backup in, whole or not at all; what was here before is kept beside the database first. */
  async restore(backup: BackupDocument, mode: RestoreMode): Promise<RestoreView> {
    const kept = copyBefore(databaseFile(), 'restore', this.clock.now());
    try {
      const { kinds } = await this.em.transactional(async (em) => {
        // Nobody else writes from here on, so the copy is what was here.
        await this.heavy.run('copy-database', { file: databaseFile(), target: kept });
        const plan = await planOf(em, backup, mode);
        await this.write(em, plan, mode);
        return plan;
      });
      return { mode, madeAt: backup.madeAt, kinds, kept };
    } finally {
      this.em.clear();
      await this.own.renew();
    }
  }

  private async write(em: EntityManager, plan: Plan, mode: RestoreMode): Promise<void> {
    for (const id of plan.go.formulas) await this.formulas.leave(id);
    await writeGoing(em, plan);
    await writePeople(em, plan.steps.people);
    await writeOwnIngredients(em, plan.steps.ownIngredients);
    // The words of a formula are written with the names that own ingredients have by now.
    await this.own.renew();
    await writeLarder(em, plan.steps);
    em.clear();
    await new FormulaWriter(em, this.larder, this.formulas).write(plan.steps.formulas, mode);
    await writeDishes(em, plan.steps);
    for (const { entry, isNew } of plan.steps.ownIngredients)
      if (!isNew) await this.formulas.renewHolding(entry.id);
  }
}
