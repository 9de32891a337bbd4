import { Module } from '@nestjs/common';
import { PutAwayController } from './put-away.controller.js';
import { PutAwayService } from './put-away.service.js';

/** What was taken out of sight and can be brought back. */
@Module({ controllers: [PutAwayController], providers: [PutAwayService] })
export class PutAwayModule {}
