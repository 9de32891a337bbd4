import { LabelText, type LabelView, type PackLabelView } from '@alterum/contract';
import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { LabelService } from './label.service.js';

@ApiTags('labels')
@Controller('labels')
export class LabelController {
  constructor(private readonly labels: LabelService) {}

  /** Reads a label and keeps nothing. */
  @Post('read')
  @HttpCode(200)
  read(@Body() body: LabelText): Promise<LabelView> {
    return this.labels.read(body);
  }

  @Get()
  list(): Promise<readonly PackLabelView[]> {
    return this.labels.list();
  }

  @Put(':ingredient')
  keep(@Param('ingredient') ingredient: string, @Body() body: LabelText): Promise<PackLabelView> {
    return this.labels.keep(ingredient, body);
  }

  @Delete(':ingredient')
  @HttpCode(204)
  forget(@Param('ingredient') ingredient: string): Promise<void> {
    return this.labels.forget(ingredient);
  }
}
