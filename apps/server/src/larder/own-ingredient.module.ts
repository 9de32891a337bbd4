import { Module } from '@nestjs/common';
import { FormulaModule } from '../formula/formula.module.js';
import { LarderModule } from './larder.module.js';
import { OwnIngredientController } from './own-ingredient.controller.js';
import { OwnIngredientService } from './own-ingredient.service.js';

/** What the household writes down from its labels; a new name is entered in the words of the list of formulas. */
@Module({
  imports: [FormulaModule, LarderModule],
  controllers: [OwnIngredientController],
  providers: [OwnIngredientService],
  exports: [OwnIngredientService],
})
export class OwnIngredientModule {}
