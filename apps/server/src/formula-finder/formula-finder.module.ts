import { Module } from '@nestjs/common';
import { EaterModule } from '../eater/eater.module.js';
import { FormulaModule } from '../formula/formula.module.js';
import { LarderModule } from '../larder/larder.module.js';
import { WhoCanEatModule } from '../who-can-eat/who-can-eat.module.js';
import { FormulaFinderController } from './formula-finder.controller.js';
import { FormulaFinder } from './formula-finder.service.js';
import { FormulaVerdicts } from './formula-verdicts.js';
import { InTheHouse } from './in-the-house.js';

/** The list of formulas, with all that it can be narrowed by. */
@Module({
  imports: [EaterModule, FormulaModule, LarderModule, WhoCanEatModule],
  controllers: [FormulaFinderController],
  providers: [FormulaFinder, FormulaVerdicts, InTheHouse],
})
export class FormulaFinderModule {}
