import { FavouriteBody, FormulaBody, FormulaUpdate, type FormulaView } from '@alterum/contract';
import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put, Query } from '@nestjs/common';
import { ApiQuery, ApiTags } from '@nestjs/swagger';
import { versionFromQuery } from '../platform/version.js';
import { FormulaService } from './formula.service.js';

@ApiTags('formulas')
@Controller('formulas')
export class FormulaController {
  constructor(private readonly formulas: FormulaService) {}

  @Post()
  create(@Body() body: FormulaBody): Promise<FormulaView> {
    return this.formulas.create(body);
  }

  @Get(':id')
  read(@Param('id') id: string): Promise<FormulaView> {
    return this.formulas.read(id);
  }

  @Put(':id')
  update(@Param('id') id: string, @Body() body: FormulaUpdate): Promise<FormulaView> {
    return this.formulas.update(id, body);
  }

  /** The household's mark: it changes neither what is in the formula nor its place in the list. */
  @Put(':id/favourite')
  mark(@Param('id') id: string, @Body() body: FavouriteBody): Promise<FormulaView> {
    return this.formulas.mark(id, body);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiQuery({ name: 'version', required: false })
  remove(@Param('id') id: string, @Query('version') version?: string): Promise<void> {
    return this.formulas.remove(id, versionFromQuery(version));
  }

  @Post(':id/restore')
  @HttpCode(200)
  restore(@Param('id') id: string): Promise<FormulaView> {
    return this.formulas.restore(id);
  }

  @Post(':id/duplicate')
  duplicate(@Param('id') id: string): Promise<FormulaView> {
    return this.formulas.duplicate(id);
  }
}
