import { Module } from '@nestjs/common';
import { LarderModule } from '../larder/larder.module.js';
import { FormulaLarder } from './formula-larder.js';
import { FormulaList } from './formula-list.js';
import { FormulaController } from './formula.controller.js';
import { FormulaService } from './formula.service.js';
import { VersionController } from './version.controller.js';
import { VersionService } from './version.service.js';

/** Formulas, their list and the versions kept of them. */
@Module({
  imports: [LarderModule],
  controllers: [FormulaController, VersionController],
  providers: [FormulaLarder, FormulaList, FormulaService, VersionService],
  exports: [FormulaLarder, FormulaList, FormulaService],
})
export class FormulaModule {}
