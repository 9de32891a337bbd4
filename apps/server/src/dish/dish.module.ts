import { Module } from '@nestjs/common';
import { FormulaModule } from '../formula/formula.module.js';
import { LarderModule } from '../larder/larder.module.js';
import { WhoCanEatModule } from '../who-can-eat/who-can-eat.module.js';
import { DishController } from './dish.controller.js';
import { DishService } from './dish.service.js';

/** Dishes before they are made. */
@Module({
  imports: [FormulaModule, LarderModule, WhoCanEatModule],
  controllers: [DishController],
  providers: [DishService],
})
export class DishModule {}
