import { Module } from '@nestjs/common';
import { LarderModule } from '../larder/larder.module.js';
import { EaterController } from './eater.controller.js';
import { EaterService } from './eater.service.js';

/** The people of the household. */
@Module({
  imports: [LarderModule],
  controllers: [EaterController],
  providers: [EaterService],
  exports: [EaterService],
})
export class EaterModule {}
