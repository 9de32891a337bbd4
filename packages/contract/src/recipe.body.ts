import { type Kitchen, kitchens, LONGEST_RECIPE } from '@alterum/core';
import { IsIn, IsString, MaxLength, ValidateIf } from 'class-validator';
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

  /** Whose spoons, cups and pints are meant; those of the US where it is left out, and a pint is either. */
  @MayBeAbsent()
  @IsIn([...kitchens], { message: `Spoons and cups are those of one of: ${kitchens.join(', ')}.` })
  kitchen?: Kitchen;
}
