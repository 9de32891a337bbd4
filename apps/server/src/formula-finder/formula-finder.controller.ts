import { type FormulaSummary, type FormulaView, suitings } from '@alterum/contract';
import { families } from '@alterum/core';
import { Controller, Get, Query, Res } from '@nestjs/common';
import { ApiQuery, ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { listOrders } from '../formula/formula-list.js';
import { MOST_ON_A_PAGE } from '../formula/formula-list.params.js';
import { FormulaFinder } from './formula-finder.service.js';
import { listQueryOf, nextAddress } from './list-query.js';

@ApiTags('formulas')
@Controller('formulas')
export class FormulaFinderController {
  constructor(private readonly finder: FormulaFinder) {}

  /** A page of the list; `X-Total-Count` and `Link` (RFC 8288) say how many there are and where the next page is. */
  @Get()
  @ApiQuery({ name: 'search', required: false, description: 'Words of name, kind, ingredients or note.' })
  @ApiQuery({ name: 'kind', required: false, schema: { type: 'string', enum: [...families] } })
  @ApiQuery({ name: 'favourite', required: false, schema: { type: 'string', enum: ['yes'] } })
  @ApiQuery({
    name: 'suits',
    required: false,
    description:
      'How it has to suit people: nothing found against any, no certain conflict, or somebody cannot.',
    schema: { type: 'string', enum: [...suitings] },
  })
  @ApiQuery({
    name: 'person',
    required: false,
    description: 'Id of the person it has to suit, or “tonight”; everybody where it is left out.',
  })
  @ApiQuery({
    name: 'house',
    required: false,
    description: 'Only what everything is in the house for.',
    schema: { type: 'string', enum: ['yes'] },
  })
  @ApiQuery({ name: 'order', required: false, schema: { type: 'string', enum: [...listOrders] } })
  @ApiQuery({
    name: 'limit',
    required: false,
    schema: { type: 'integer', minimum: 1, maximum: MOST_ON_A_PAGE },
  })
  @ApiQuery({ name: 'before', required: false, schema: { type: 'integer', minimum: 1 } })
  @ApiQuery({ name: 'skip', required: false, schema: { type: 'integer', minimum: 1 } })
  @ApiQuery({ name: 'with', required: false, schema: { type: 'string', enum: ['lines'] } })
  async page(
    @Query() query: Readonly<Record<string, unknown>>,
    @Res({ passthrough: true }) response: Response,
  ): Promise<readonly (FormulaSummary | FormulaView)[]> {
    const listed = await this.finder.find(listQueryOf(query));
    response.setHeader('X-Total-Count', String(listed.total));
    if (listed.next !== undefined)
      response.setHeader('Link', `<${nextAddress(query, listed.next)}>; rel="next"`);
    return listed.formulas;
  }
}
