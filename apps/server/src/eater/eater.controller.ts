import { EaterBody, EaterUpdate, type EaterView } from '@alterum/contract';
import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put, Query } from '@nestjs/common';
import { ApiQuery, ApiTags } from '@nestjs/swagger';
import { versionFromQuery } from '../platform/version.js';
import { EaterService } from './eater.service.js';

@ApiTags('table')
@Controller('eaters')
export class EaterController {
  constructor(private readonly eaters: EaterService) {}

  @Get()
  list(): Promise<readonly EaterView[]> {
    return this.eaters.list();
  }

  @Post()
  create(@Body() body: EaterBody): Promise<EaterView> {
    return this.eaters.create(body);
  }

  @Get(':id')
  read(@Param('id') id: string): Promise<EaterView> {
    return this.eaters.read(id);
  }

  @Put(':id')
  update(@Param('id') id: string, @Body() body: EaterUpdate): Promise<EaterView> {
    return this.eaters.update(id, body);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiQuery({ name: 'version', required: false })
  remove(@Param('id') id: string, @Query('version') version?: string): Promise<void> {
    return this.eaters.remove(id, versionFromQuery(version));
  }

  @Post(':id/restore')
  @HttpCode(200)
  restore(@Param('id') id: string): Promise<EaterView> {
    return this.eaters.restore(id);
  }
}
