import { PredictRequest, type PredictResponse } from '@alterum/contract';
import { Body, Controller, HttpCode, Post } from '@nestjs/common';
import { ApiBody, ApiTags } from '@nestjs/swagger';
import { predictExamples } from './predict.examples.js';
import { PredictService } from './predict.service.js';

@ApiTags('predict')
@Controller('predict')
export class PredictController {
  constructor(private readonly predicting: PredictService) {}

  /** What a pot will be, by flat words or by its method; `GET /api/operations` lists what a method can be made of. */
  @Post()
  @HttpCode(200)
  @ApiBody({ type: PredictRequest, examples: predictExamples })
  predict(@Body() body: PredictRequest): Promise<PredictResponse> {
    return this.predicting.run(body);
  }
}
