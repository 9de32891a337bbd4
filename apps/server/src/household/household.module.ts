import { Module } from '@nestjs/common';
import { LarderModule } from '../larder/larder.module.js';
import { CookingController } from './cooking.controller.js';
import { HouseholdController } from './household.controller.js';
import { CookingService } from './cooking.service.js';
import { HouseholdService } from './household.service.js';
import { TonightChecks } from './tonight-checks.js';

/** What the household chose for its table. */
@Module({
  imports: [LarderModule],
  controllers: [HouseholdController, CookingController],
  providers: [HouseholdService, CookingService, TonightChecks],
  exports: [HouseholdService, TonightChecks],
})
export class HouseholdModule {}
