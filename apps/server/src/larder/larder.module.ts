import { Module } from '@nestjs/common';
import { IngredientController } from './ingredient.controller.js';
import { LarderService } from './larder.service.js';
import { OwnLarder } from './own-larder.js';
import { StockController } from './stock.controller.js';
import { StockService } from './stock.service.js';

/** The table, the household’s own ingredients as the model knows them, and what is in the house. */
@Module({
  controllers: [IngredientController, StockController],
  providers: [OwnLarder, LarderService, StockService],
  exports: [OwnLarder, LarderService, StockService],
})
export class LarderModule {}
