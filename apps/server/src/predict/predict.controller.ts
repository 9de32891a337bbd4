import { PredictRequest, type PredictResponse } from '@alterum/contract';
import { Body, Controller, HttpCode, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { PredictService } from './predict.service.js';

@ApiTags('predict')
@Controller('predict')
export class PredictController {
  constructor(private readonly predicting: PredictService) {}

  @Post()
  @HttpCode(200)
  predict(@Body() body: PredictRequest): Promise<PredictResponse> {
    return this.predicting.run(body);
  }
}
