import { KeptEveningBody, KeptEveningUpdate, type KeptEveningView } from '@alterum/contract';
import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put, Query } from '@nestjs/common';
import { ApiQuery, ApiTags } from '@nestjs/swagger';
import { versionFromQuery } from '../platform/version.js';
import { EveningService } from './evening.service.js';

@ApiTags('plan')
@Controller('evenings')
export class EveningController {
  constructor(private readonly evenings: EveningService) {}

  @Get()
  list(): Promise<readonly KeptEveningView[]> {
    return this.evenings.list();
  }

  @Post()
  create(@Body() body: KeptEveningBody): Promise<KeptEveningView> {
    return this.evenings.create(body);
  }

  @Get(':id')
  read(@Param('id') id: string): Promise<KeptEveningView> {
    return this.evenings.read(id);
  }

  @Put(':id')
  update(@Param('id') id: string, @Body() body: KeptEveningUpdate): Promise<KeptEveningView> {
    return this.evenings.update(id, body);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiQuery({ name: 'version', required: false })
  remove(@Param('id') id: string, @Query('version') version?: string): Promise<void> {
    return this.evenings.remove(id, versionFromQuery(version));
  }

  @Post(':id/restore')
  @HttpCode(200)
  restore(@Param('id') id: string): Promise<KeptEveningView> {
    return this.evenings.restore(id);
  }
}
