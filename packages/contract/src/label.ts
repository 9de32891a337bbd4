import type { LabelKnowledge, NutritionLabel, ReadLabel } from '@alterum/core';
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

/** What was read, with what it means for a larder item. */
export interface LabelView extends Omit<ReadLabel, 'nutrition'>, LabelKnowledge {
  readonly nutrition: NutritionLabel | null;
}

/** A label kept for an ingredient: it adds to what the generic table says, and clears what of it is only often so. */
export interface PackLabelView extends LabelKnowledge {
  readonly ingredient: string;
  readonly text: string;
  readonly readOn: string;
}
