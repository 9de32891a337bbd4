import { Module } from '@nestjs/common';
import { ScheduleController } from './schedule.controller.js';

/** Evenings as they are planned. */
@Module({ controllers: [ScheduleController] })
export class PlanModule {}
