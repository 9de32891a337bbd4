import type { IngredientView } from '@alterum/contract';
import { type Ingredient, unnamedRemainder } from '@alterum/core';
import { Controller, Get, Param, Query } from '@nestjs/common';
import { ApiQuery, ApiTags } from '@nestjs/swagger';
import { LarderService } from './larder.service.js';

function viewOf(ingredient: Ingredient): IngredientView {
  const { id, name, otherNames, shelf, role, per100, measures, contains, askFor, source } = ingredient;
  return {
    id,
    name,
    otherNames,
    shelf,
    role,
    composition: per100,
    unnamed: unnamedRemainder(per100),
    measures,
    contains,
    askFor,
    source,
  };
}

@ApiTags('larder')
@Controller('ingredients')
export class IngredientController {
  constructor(private readonly larder: LarderService) {}

  @Get()
  @ApiQuery({ name: 'search', required: false })
  search(@Query('search') search?: string | string[]): readonly IngredientView[] {
    return this.larder.search([search ?? ''].flat().join(' ').slice(0, 200)).map(viewOf);
  }

  @Get(':id')
  read(@Param('id') id: string): IngredientView {
    return viewOf(this.larder.read(id));
  }
}
