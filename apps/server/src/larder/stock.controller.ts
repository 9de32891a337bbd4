import { StockInput, type StockView } from '@alterum/contract';
import { Body, Controller, Delete, Get, HttpCode, Param, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { StockService } from './stock.service.js';

@ApiTags('larder')
@Controller('stock')
export class StockController {
  constructor(private readonly stock: StockService) {}

  @Get()
  list(): Promise<readonly StockView[]> {
    return this.stock.list();
  }

  @Put(':ingredient')
  say(@Param('ingredient') ingredient: string, @Body() body: StockInput): Promise<StockView> {
    return this.stock.say(ingredient, body);
  }

  @Delete(':ingredient')
  @HttpCode(204)
  forget(@Param('ingredient') ingredient: string): Promise<void> {
    return this.stock.forget(ingredient);
  }
}
