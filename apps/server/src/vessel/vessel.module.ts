import { Module } from '@nestjs/common';
import { VesselController } from './vessel.controller.js';
import { VesselService } from './vessel.service.js';

/** Dishes and tins of the household’s own. */
@Module({ controllers: [VesselController], providers: [VesselService], exports: [VesselService] })
export class VesselModule {}
