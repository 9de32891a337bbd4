import { OwnIngredientBody, OwnIngredientUpdate, type OwnIngredientView } from '@alterum/contract';
import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { OwnIngredientService } from './own-ingredient.service.js';

@ApiTags('larder')
@Controller('own-ingredients')
export class OwnIngredientController {
  constructor(private readonly own: OwnIngredientService) {}

  @Get()
  list(): Promise<readonly OwnIngredientView[]> {
    return this.own.list();
  }

  @Post()
  create(@Body() body: OwnIngredientBody): Promise<OwnIngredientView> {
    return this.own.create(body);
  }

  @Put(':id')
  update(@Param('id') id: string, @Body() body: OwnIngredientUpdate): Promise<OwnIngredientView> {
    return this.own.update(id, body);
  }

  @Get(':id/uses')
  uses(@Param('id') id: string): Promise<readonly string[]> {
    return this.own.usedBy(id);
  }

  @Delete(':id')
  @HttpCode(204)
  remove(@Param('id') id: string): Promise<void> {
    return this.own.remove(id);
  }

  @Post(':id/restore')
  @HttpCode(200)
  restore(@Param('id') id: string): Promise<OwnIngredientView> {
    return this.own.restore(id);
  }
}
