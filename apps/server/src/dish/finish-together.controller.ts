import { FinishTogetherRequest } from '@alterum/contract';
import { finishTogether, type FinishedTogether } from '@alterum/core';
import { Body, Controller, HttpCode, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';

/** Pieces of different things in one pot. */
@ApiTags('plan')
@Controller('finish-together')
export class FinishTogetherController {
  /** When each goes in, or how each is cut, for all to be tender at once. Keeps nothing. */
  @Post()
  @HttpCode(200)
  run(@Body() { pieces, temperatureC = 100, pH = 7 }: FinishTogetherRequest): FinishedTogether {
    return finishTogether(pieces, { temperatureC, pH });
  }
}
