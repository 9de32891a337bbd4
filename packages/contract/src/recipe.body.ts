import { LONGEST_RECIPE } from '@alterum/core';
import { IsString, MaxLength, ValidateIf } from 'class-validator';
import { MayBeAbsent } from './field.js';

const limit = {
  message: `A recipe of more than ${LONGEST_RECIPE} letters is not read. Send the part with its lines and its method.`,
};

/** A recipe as it was written: as text, or as the source of a page or a file of linked data. One of both. */
export class RecipeReadRequest {
  @ValidateIf(({ html }: RecipeReadRequest) => html === undefined)
  @IsString({ message: 'Send the recipe as “text”, or the source of its page as “html”.' })
  @MaxLength(LONGEST_RECIPE, limit)
  text?: string;

  @MayBeAbsent()
  @IsString({ message: 'The source of the page must be a text.' })
  @MaxLength(LONGEST_RECIPE, limit)
  html?: string;
}
