import { Module } from '@nestjs/common';
import { LarderModule } from '../larder/larder.module.js';
import { RecipeController } from './recipe.controller.js';

/** Reading what was written elsewhere. */
@Module({ imports: [LarderModule], controllers: [RecipeController] })
export class RecipeModule {}
