import { EntityManager } from '@mikro-orm/core';
import { Controller, Get } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';

@ApiTags('health')
@Controller('health')
export class HealthController {
  constructor(private readonly em: EntityManager) {}

  /** Answers only when the database answers. */
  @Get()
  async health(): Promise<{ readonly status: 'ok' }> {
    await this.em.getConnection().execute('select 1');
    return { status: 'ok' };
  }
}
