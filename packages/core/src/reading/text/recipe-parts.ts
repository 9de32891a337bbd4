/** A line of the text of which nothing was made, and why. */
export interface Unread {
  readonly text: string;
  readonly why: string;
}

/** Parts of a recipe, whatever it was written in. */
export interface RecipeParts {
  readonly name?: string | undefined;
  readonly portions?: string | undefined;
  readonly ingredients: readonly string[];
  readonly steps: readonly string[];
  readonly unread?: readonly Unread[];
}
