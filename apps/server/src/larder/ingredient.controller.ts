import type { IngredientView } from '@alterum/contract';
import { Controller, Get, Param, Query } from '@nestjs/common';
import { ApiQuery, ApiTags } from '@nestjs/swagger';
import { viewOfIngredient } from './ingredient-view.mapping.js';
import { LarderService } from './larder.service.js';

@ApiTags('larder')
@Controller('ingredients')
export class IngredientController {
  constructor(private readonly larder: LarderService) {}

  @Get()
  @ApiQuery({ name: 'search', required: false })
  search(@Query('search') search?: string | string[]): readonly IngredientView[] {
    return this.larder.search([search ?? ''].flat().join(' ').slice(0, 200)).map(viewOfIngredient);
  }

  @Get(':id')
  read(@Param('id') id: string): IngredientView {
    return viewOfIngredient(this.larder.read(id));
  }
}
