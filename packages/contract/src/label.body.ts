import { IsNotEmpty, IsString, MaxLength } from 'class-validator';

/** Longest label text that is taken, characters; the same as the reader’s. */
export const LABEL_LIMIT = 200_000;

/** The text of a pack’s label. */
export class LabelText {
  @IsString({ message: 'The label must be a text.' })
  @IsNotEmpty({ message: 'Paste or type the label’s text.' })
  @MaxLength(LABEL_LIMIT, {
    message: 'This is longer than any label. Paste the label of one pack at a time.',
  })
  text!: string;
}
