import { Module } from '@nestjs/common';
import { LarderModule } from '../larder/larder.module.js';
import { HouseholdController } from './household.controller.js';
import { HouseholdService } from './household.service.js';

/** What the household chose for its table. */
@Module({
  imports: [LarderModule],
  controllers: [HouseholdController],
  providers: [HouseholdService],
  exports: [HouseholdService],
})
export class HouseholdModule {}
