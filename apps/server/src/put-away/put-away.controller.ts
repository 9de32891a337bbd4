import type { PutAwayView } from '@alterum/contract';
import { Controller, Get } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { PutAwayService } from './put-away.service.js';

@ApiTags('put away')
@Controller('put-away')
export class PutAwayController {
  constructor(private readonly away: PutAwayService) {}

  @Get()
  list(): Promise<readonly PutAwayView[]> {
    return this.away.list();
  }
}
