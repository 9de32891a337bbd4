import { BranchBody, type FormulaView, VersionBody, type VersionView } from '@alterum/contract';
import { Body, Controller, Delete, Get, HttpCode, Param, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { VersionService } from './version.service.js';

@ApiTags('formulas')
@Controller('formulas/:id/versions')
export class VersionController {
  constructor(private readonly versions: VersionService) {}

  @Get()
  list(@Param('id') id: string): Promise<readonly VersionView[]> {
    return this.versions.list(id);
  }

  @Post()
  keep(@Param('id') id: string, @Body() body: VersionBody): Promise<VersionView> {
    return this.versions.keep(id, body);
  }

  @Delete(':version')
  @HttpCode(204)
  forget(@Param('id') id: string, @Param('version') version: string): Promise<void> {
    return this.versions.forget(id, version);
  }

  @Post(':version/restore')
  @HttpCode(200)
  restore(@Param('id') id: string, @Param('version') version: string): Promise<VersionView> {
    return this.versions.restore(id, version);
  }

  @Post(':version/branch')
  branch(
    @Param('id') id: string,
    @Param('version') version: string,
    @Body() body: BranchBody,
  ): Promise<FormulaView> {
    return this.versions.branch(id, version, body);
  }
}
