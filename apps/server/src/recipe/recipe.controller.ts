import { RecipeReadRequest, type RecipeReadResponse, viewOfRecipe } from '@alterum/contract';
import { readRecipe } from '@alterum/core';
import { Body, Controller, HttpCode, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { LarderService } from '../larder/larder.service.js';

/** Recipes as they are written elsewhere. */
@ApiTags('recipes')
@Controller('recipes')
export class RecipeController {
  constructor(private readonly larder: LarderService) {}

  /** What is understood of a recipe: lines with amounts, ingredients and how sure each is, steps as operations, and what was not read. Keeps nothing. */
  @Post('read')
  @HttpCode(200)
  read(@Body() { text, html, kitchen }: RecipeReadRequest): RecipeReadResponse {
    return viewOfRecipe(
      readRecipe(html === undefined ? { text: text ?? '' } : { html }, this.larder.whole(), { kitchen }),
    );
  }
}
