import { FormulaBody, type FormulaSummary, FormulaUpdate, type FormulaView } from '@alterum/contract';
import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put, Query, Res } from '@nestjs/common';
import { ApiQuery, ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { versionFromQuery } from '../platform/version.js';
import { listQueryOf, nextAddress } from './list-query.js';
import { FormulaList } from './formula-list.js';
import { MOST_ON_A_PAGE } from './formula-list.params.js';
import { FormulaService } from './formula.service.js';

@ApiTags('formulas')
@Controller('formulas')
export class FormulaController {
  constructor(
    private readonly formulas: FormulaService,
    private readonly list: FormulaList,
  ) {}

  /** A page of the list, last changed first; `X-Total-Count` and `Link` (RFC 8288) say how many there are and where the next page is. */
  @Get()
  @ApiQuery({ name: 'search', required: false, description: 'Words of name, kind, ingredients or note.' })
  @ApiQuery({
    name: 'limit',
    required: false,
    schema: { type: 'integer', minimum: 1, maximum: MOST_ON_A_PAGE },
  })
  @ApiQuery({ name: 'before', required: false, schema: { type: 'integer', minimum: 1 } })
  @ApiQuery({ name: 'with', required: false, schema: { type: 'string', enum: ['lines'] } })
  async page(
    @Query() query: Readonly<Record<string, unknown>>,
    @Res({ passthrough: true }) response: Response,
  ): Promise<readonly FormulaSummary[] | readonly FormulaView[]> {
    const { withLines, ...asked } = listQueryOf(query);
    const listed = withLines ? await this.list.wholePage(asked) : await this.list.page(asked);
    response.setHeader('X-Total-Count', String(listed.total));
    if (listed.next !== undefined)
      response.setHeader('Link', `<${nextAddress(query, listed.next)}>; rel="next"`);
    return listed.formulas;
  }

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
