import type { LabelKnowledge, NutritionLabel, ReadLabel } from '@alterum/core';

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
