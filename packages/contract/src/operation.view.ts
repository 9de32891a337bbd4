import {
  choiceFields,
  type ChoiceName,
  figureFields,
  type FigureName,
  kindOf,
  type OperationKindId,
  operationKindIds,
} from '@alterum/core';

/** A kind of operation with its fields, as the API lists it. */
export interface OperationView {
  readonly kind: OperationKindId;
  readonly name: string;
  /** Done to the whole pot, to one line before it meets the pot, or to either. */
  readonly place: 'pot' | 'line' | 'either';
  /** Share of its time that wants hands, 0..1. */
  readonly hands: number;
  readonly figures: readonly {
    readonly field: FigureName;
    readonly name: string;
    readonly unit: string;
    readonly low: number;
    readonly high: number;
    /** Taken where nothing is said; null leaves it open. */
    readonly usual: number | null;
  }[];
  readonly choices: readonly {
    readonly field: ChoiceName;
    readonly name: string;
    readonly choices: Readonly<Record<string, string>>;
    readonly usual: string | null;
  }[];
}

/** Every kind of operation with its fields. */
export const operationViews = (): readonly OperationView[] =>
  operationKindIds.map((kind) => {
    const { name, place, hands, figures, choices, usual } = kindOf(kind);
    return {
      kind,
      name,
      place,
      hands,
      figures: figures.map((field) => ({ field, ...figureFields[field], usual: usual[field] ?? null })),
      choices: choices.map((field) => ({ field, ...choiceFields[field], usual: usual[field] ?? null })),
    };
  });
