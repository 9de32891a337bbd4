import { Module } from '@nestjs/common';
import { FormulaModule } from '../formula/formula.module.js';
import { HouseholdModule } from '../household/household.module.js';
import { LarderModule } from '../larder/larder.module.js';
import { WhoCanEatModule } from '../who-can-eat/who-can-eat.module.js';
import { DishController } from './dish.controller.js';
import { DishService } from './dish.service.js';
import { FinishTogetherController } from './finish-together.controller.js';
import { KeptDishController } from './kept-dish.controller.js';
import { KeptDishService } from './kept-dish.service.js';

/** Dishes of several parts: worked out before they are made, and kept. */
@Module({
  imports: [FormulaModule, HouseholdModule, LarderModule, WhoCanEatModule],
  controllers: [DishController, KeptDishController, FinishTogetherController],
  providers: [DishService, KeptDishService],
  exports: [KeptDishService],
})
export class DishModule {}
