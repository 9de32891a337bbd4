import { VesselBody, VesselUpdate, type VesselView } from '@alterum/contract';
import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put, Query } from '@nestjs/common';
import { ApiQuery, ApiTags } from '@nestjs/swagger';
import { versionFromQuery } from '../platform/version.js';
import { VesselService } from './vessel.service.js';

@ApiTags('dishes')
@Controller('vessels')
export class VesselController {
  constructor(private readonly vessels: VesselService) {}

  @Get()
  list(): Promise<readonly VesselView[]> {
    return this.vessels.list();
  }

  @Post()
  create(@Body() body: VesselBody): Promise<VesselView> {
    return this.vessels.create(body);
  }

  @Put(':id')
  update(@Param('id') id: string, @Body() body: VesselUpdate): Promise<VesselView> {
    return this.vessels.update(id, body);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiQuery({ name: 'version', required: false })
  remove(@Param('id') id: string, @Query('version') version?: string): Promise<void> {
    return this.vessels.remove(id, versionFromQuery(version));
  }

  @Post(':id/restore')
  @HttpCode(200)
  restore(@Param('id') id: string): Promise<VesselView> {
    return this.vessels.restore(id);
  }
}
