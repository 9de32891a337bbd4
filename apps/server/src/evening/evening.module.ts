import { Module } from '@nestjs/common';
import { HouseholdModule } from '../household/household.module.js';
import { EveningController } from './evening.controller.js';
import { EveningService } from './evening.service.js';

/** Evenings that are kept to be cooked again. */
@Module({
  imports: [HouseholdModule],
  controllers: [EveningController],
  providers: [EveningService],
})
export class EveningModule {}
