import { DishRequest, type DishResponse } from '@alterum/contract';
import { Body, Controller, HttpCode, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { DishService } from './dish.service.js';

/** Dishes of several parts. */
@ApiTags('plan')
@Controller('dish')
export class DishController {
  constructor(private readonly dish: DishService) {}

  /**
   * Layers, room, what is too little or too much, where the water goes and what it will be like to cut, what can be done about it, nutrition
   * of a portion and who can eat it. Keeps nothing.
   */
  @Post()
  @HttpCode(200)
  run(@Body() request: DishRequest): Promise<DishResponse> {
    return this.dish.run(request);
  }
}
