import { Module } from '@nestjs/common';
import { FormulaModule } from '../formula/formula.module.js';
import { LarderModule } from '../larder/larder.module.js';
import { OwnIngredientModule } from '../larder/own-ingredient.module.js';
import { BackupController } from './backup.controller.js';
import { BackupService } from './backup.service.js';

/** The whole kitchen as one file, out and in. */
@Module({
  imports: [FormulaModule, LarderModule, OwnIngredientModule],
  controllers: [BackupController],
  providers: [BackupService],
})
export class BackupModule {}
