import { Module } from '@nestjs/common';
import { LarderModule } from '../larder/larder.module.js';
import { LabelController } from './label.controller.js';
import { LabelService } from './label.service.js';
import { TaughtWordController } from './taught-word.controller.js';
import { TaughtWordService } from './taught-word.service.js';

/** Labels of packs and the words the cook explained. */
@Module({
  imports: [LarderModule],
  controllers: [LabelController, TaughtWordController],
  providers: [LabelService, TaughtWordService],
  exports: [LabelService],
})
export class LabelModule {}
