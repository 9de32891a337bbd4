import { SavedBriefBody, type SavedBriefView } from '@alterum/contract';
import { Body, Controller, Delete, Get, HttpCode, Param, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { SavedBriefService } from './saved-brief.service.js';

@ApiTags('briefs')
@Controller('briefs')
export class SavedBriefController {
  constructor(private readonly briefs: SavedBriefService) {}

  @Get()
  list(): Promise<readonly SavedBriefView[]> {
    return this.briefs.list();
  }

  @Post()
  keep(@Body() body: SavedBriefBody): Promise<SavedBriefView> {
    return this.briefs.keep(body);
  }

  @Delete(':id')
  @HttpCode(204)
  forget(@Param('id') id: string): Promise<void> {
    return this.briefs.forget(id);
  }
}
