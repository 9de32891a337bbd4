import { randomUUID } from 'node:crypto';
import {
  BranchBody,
  formulaBodyOf,
  formulaOfContent,
  type FormulaView,
  kitchenLimits,
  VersionBody,
  type VersionView,
} from '@alterum/contract';
import { EntityManager } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';
import { Clock } from '../platform/clock.js';
import { refuseBeyond } from '../platform/ceiling.js';
import { Failure, invalidInput } from '../platform/failure.js';
import { viewOfVersion } from './formula-row.mapping.js';
import { FormulaVersionRow } from './formula.row.js';
import { FormulaService } from './formula.service.js';

/** Versions of a formula that the cook keeps under a name, to go back to or to branch from. */
@Injectable()
export class VersionService {
  constructor(
    private readonly em: EntityManager,
    private readonly formulas: FormulaService,
    private readonly clock: Clock,
  ) {}

  /** Oldest first. */
  async list(formulaId: string): Promise<readonly VersionView[]> {
    await this.formulas.read(formulaId);
    const rows = await this.em.find(
      FormulaVersionRow,
      { formula: formulaId, deletedAt: null },
      { orderBy: { keptAt: 'asc' } },
    );
    return rows.map(viewOfVersion);
  }

  /** Keeps the formula as it stands on the server, or the content that is sent beside it. */
  async keep(formulaId: string, { name, why, content: sent }: VersionBody): Promise<VersionView> {
    const {
      id: _id,
      version: _version,
      updatedAt: _updatedAt,
      favourite: _favourite,
      ...standing
    } = await this.formulas.read(formulaId);
    const content = sent
      ? await this.formulas.checked(sent, formulaOfContent(standing), formulaId)
      : standing;
    const given = name.trim();
    if (given === '') throw invalidInput([{ field: 'name', message: 'Give the version a name.' }]);
    await this.refuseTwice(formulaId, given);
    refuseBeyond(
      kitchenLimits.versions,
      await this.em.count(FormulaVersionRow, { formula: formulaId, deletedAt: null }),
      'versions of this formula',
    );
    const row = this.em.create(FormulaVersionRow, {
      id: randomUUID(),
      formula: formulaId,
      name: given,
      why: why?.trim() ?? '',
      content,
      keptAt: this.clock.now(),
      deletedAt: null,
    });
    await this.em.persistAndFlush(row);
    return viewOfVersion(row);
  }

  async forget(formulaId: string, versionId: string): Promise<void> {
    const row = await this.rowOf(formulaId, versionId);
    row.deletedAt = this.clock.now();
    await this.em.flush();
  }

  /** Brings a forgotten version back; refused when another one took its name in the meantime. */
  async restore(formulaId: string, versionId: string): Promise<VersionView> {
    await this.formulas.read(formulaId);
    const row = await this.em.findOne(FormulaVersionRow, { id: versionId, formula: formulaId });
    if (!row)
      throw new Failure('not-found', 'This formula never had such a version, so it cannot be brought back.');
    if (row.deletedAt) {
      await this.refuseTwice(formulaId, row.name);
      row.deletedAt = null;
      await this.em.flush();
    }
    return viewOfVersion(row);
  }

  /** A new formula that begins as the version stood. */
  async branch(formulaId: string, versionId: string, { name }: BranchBody): Promise<FormulaView> {
    const { content } = await this.rowOf(formulaId, versionId);
    const { lines, method, ...formula } = formulaBodyOf(formulaOfContent(content));
    return this.formulas.create({
      ...formula,
      name,
      lines: [...lines],
      method: method ? [...method] : null,
      brief: formula.brief ? [...formula.brief] : null,
    });
  }

  private async refuseTwice(formulaId: string, name: string): Promise<void> {
    if ((await this.em.count(FormulaVersionRow, { formula: formulaId, name, deletedAt: null })) > 0)
      throw invalidInput([
        {
          field: 'name',
          message: `There is a version called “${name}” already; give this one another name.`,
        },
      ]);
  }

  private async rowOf(formulaId: string, versionId: string): Promise<FormulaVersionRow> {
    const row = await this.em.findOne(FormulaVersionRow, {
      id: versionId,
      formula: formulaId,
      deletedAt: null,
    });
    if (!row)
      throw new Failure(
        'not-found',
        'This formula has no such version; it may have been forgotten. Look in its list of versions.',
      );
    return row;
  }
}
