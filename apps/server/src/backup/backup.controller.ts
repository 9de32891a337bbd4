import type { IncomingMessage } from 'node:http';
import { Readable } from 'node:stream';
import { BackupDocument, type RestoreMode, restoreModes, type RestoreView } from '@alterum/contract';
import { Controller, Get, Header, HttpCode, Post, Query, Req, StreamableFile } from '@nestjs/common';
import { ApiBody, ApiQuery, ApiTags } from '@nestjs/swagger';
import type { Request } from 'express';
import { Clock } from '../platform/clock.js';
import { Failure, invalidInput } from '../platform/failure.js';
import { backupSchema } from '../platform/openapi.js';
import { BackupService } from './backup.service.js';
import { readBackup } from './reader.js';

/** A backup is read as it comes in, so nobody reads it beforehand. */
export const isBackup = ({ url = '' }: IncomingMessage): boolean => /^\/api\/restore([/?]|$)/.test(url);

const IsBackup = () => ApiBody({ schema: { $ref: '#/components/schemas/BackupDocument' } });
const HasMode = () =>
  ApiQuery({ name: 'mode', required: false, schema: { type: 'string', enum: [...restoreModes] } });

function modeOf(text: unknown): RestoreMode {
  const mode = text ?? 'merge';
  const found = restoreModes.find((known) => known === mode);
  if (!found)
    throw invalidInput([{ field: 'mode', message: `The mode must be one of: ${restoreModes.join(', ')}.` }]);
  return found;
}

/** Everything that was kept, out and in again. */
@ApiTags('backup')
@Controller()
export class BackupController {
  constructor(
    private readonly backups: BackupService,
    private readonly clock: Clock,
  ) {}

  /** All of the kitchen as one JSON document; its schema is at `/api/backup/schema`. */
  @Get('backup')
  @Header('Cache-Control', 'no-store')
  async document(): Promise<StreamableFile> {
    const pieces = this.backups.document();
    // What fails before the first word is told as a problem, not as a document that breaks off.
    const first = await pieces.next();
    const text = async function* () {
      if (!first.done) yield first.value;
      yield* pieces;
    };
    return new StreamableFile(Readable.from(text(), { objectMode: false }), {
      type: 'application/json; charset=utf-8',
      disposition: `attachment; filename="${this.name()}.json"`,
    });
  }

  /** The database file, whole. */
  @Get('backup/database')
  @Header('Cache-Control', 'no-store')
  async database(): Promise<StreamableFile> {
    return new StreamableFile(await this.backups.database(), {
      type: 'application/vnd.sqlite3',
      disposition: `attachment; filename="${this.name()}.sqlite"`,
    });
  }

  @Get('backup/schema')
  schema(): object {
    return backupSchema();
  }

  /** What restoring would do; nothing is changed. */
  @Post('restore/preview')
  @HttpCode(200)
  @IsBackup()
  @HasMode()
  async preview(@Req() request: Request, @Query('mode') mode?: unknown): Promise<RestoreView> {
    const how = modeOf(mode);
    return this.backups.preview(await this.read(request), how);
  }

  /** Takes a backup in, whole or not at all. */
  @Post('restore')
  @HttpCode(200)
  @IsBackup()
  @HasMode()
  async restore(@Req() request: Request, @Query('mode') mode?: unknown): Promise<RestoreView> {
    const how = modeOf(mode);
    return this.backups.restore(await this.read(request), how);
  }

  private read(request: Request): Promise<BackupDocument> {
    const encoding = request.headers['content-encoding'];
    if (encoding !== undefined && encoding !== 'identity')
      throw new Failure('wrong-content', 'Nothing was changed. Send the backup as it is, not packed.');
    return readBackup(request);
  }

  private name(): string {
    return `alterum-${this.clock.now().toISOString().slice(0, 16).replace(/[T:]/g, '-')}`;
  }
}
