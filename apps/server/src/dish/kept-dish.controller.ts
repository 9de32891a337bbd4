import { type DishSummary, KeptDishBody, KeptDishUpdate, type KeptDishView } from '@alterum/contract';
import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put, Query } from '@nestjs/common';
import { ApiQuery, ApiTags } from '@nestjs/swagger';
import { versionFromQuery } from '../platform/version.js';
import { KeptDishService } from './kept-dish.service.js';

@ApiTags('dishes')
@Controller('dishes')
export class KeptDishController {
  constructor(private readonly dishes: KeptDishService) {}

  @Get()
  list(): Promise<readonly DishSummary[]> {
    return this.dishes.list();
  }

  @Post()
  create(@Body() body: KeptDishBody): Promise<KeptDishView> {
    return this.dishes.create(body);
  }

  @Get(':id')
  read(@Param('id') id: string): Promise<KeptDishView> {
    return this.dishes.read(id);
  }

  @Put(':id')
  update(@Param('id') id: string, @Body() body: KeptDishUpdate): Promise<KeptDishView> {
    return this.dishes.update(id, body);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiQuery({ name: 'version', required: false })
  remove(@Param('id') id: string, @Query('version') version?: string): Promise<void> {
    return this.dishes.remove(id, versionFromQuery(version));
  }

  @Post(':id/restore')
  @HttpCode(200)
  restore(@Param('id') id: string): Promise<KeptDishView> {
    return this.dishes.restore(id);
  }

  @Post(':id/duplicate')
  duplicate(@Param('id') id: string): Promise<KeptDishView> {
    return this.dishes.duplicate(id);
  }
}
