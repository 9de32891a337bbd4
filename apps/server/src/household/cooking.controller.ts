import { CookingSaid, type CookingView } from '@alterum/contract';
import { Body, Controller, Get, HttpCode, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { CookingService } from './cooking.service.js';

/** How far tonight’s cooking is. */
@ApiTags('plan')
@Controller('household/cooking')
export class CookingController {
  constructor(private readonly cooking: CookingService) {}

  @Get()
  read(): Promise<CookingView> {
    return this.cooking.read();
  }

  /** Only what is said changes; null takes one back. Said of another day, it begins anew. */
  @Post()
  @HttpCode(200)
  say(@Body() said: CookingSaid): Promise<CookingView> {
    return this.cooking.say(said);
  }
}
