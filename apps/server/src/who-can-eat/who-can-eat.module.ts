import { Module } from '@nestjs/common';
import { EaterModule } from '../eater/eater.module.js';
import { FormulaModule } from '../formula/formula.module.js';
import { LabelModule } from '../label/label.module.js';
import { LarderModule } from '../larder/larder.module.js';
import { PortionService } from './portion.service.js';
import { WhoCanEatController } from './who-can-eat.controller.js';
import { WhoCanEatService } from './who-can-eat.service.js';

/** Who of the household can eat what. */
@Module({
  imports: [EaterModule, FormulaModule, LabelModule, LarderModule],
  controllers: [WhoCanEatController],
  providers: [PortionService, WhoCanEatService],
  exports: [PortionService, WhoCanEatService],
})
export class WhoCanEatModule {}
