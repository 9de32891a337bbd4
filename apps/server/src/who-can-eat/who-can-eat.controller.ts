import { WhoCanEatRequest, type WhoCanEatResponse } from '@alterum/contract';
import { Body, Controller, HttpCode, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { WhoCanEatService } from './who-can-eat.service.js';

@ApiTags('table')
@Controller('who-can-eat')
export class WhoCanEatController {
  constructor(private readonly judging: WhoCanEatService) {}

  @Post()
  @HttpCode(200)
  judge(@Body() body: WhoCanEatRequest): Promise<WhoCanEatResponse> {
    return this.judging.run(body);
  }
}
