import { Module } from '@nestjs/common';
import { FormulaModule } from '../formula/formula.module.js';
import { LarderModule } from '../larder/larder.module.js';
import { OperationsController } from './operations.controller.js';
import { PredictController } from './predict.controller.js';
import { PredictService } from './predict.service.js';

/** What the model says of a pot that is sent. */
@Module({
  imports: [FormulaModule, LarderModule],
  controllers: [PredictController, OperationsController],
  providers: [PredictService],
})
export class PredictModule {}
