import { TaughtWordBody, type TaughtWordView } from '@alterum/contract';
import { Body, Controller, Delete, Get, HttpCode, Param, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { TaughtWordService } from './taught-word.service.js';

@ApiTags('labels')
@Controller('words')
export class TaughtWordController {
  constructor(private readonly words: TaughtWordService) {}

  @Get()
  list(): Promise<readonly TaughtWordView[]> {
    return this.words.list();
  }

  @Put(':word')
  teach(@Param('word') word: string, @Body() body: TaughtWordBody): Promise<TaughtWordView> {
    return this.words.teach(word, body);
  }

  @Delete(':word')
  @HttpCode(204)
  forget(@Param('word') word: string): Promise<void> {
    return this.words.forget(word);
  }
}
