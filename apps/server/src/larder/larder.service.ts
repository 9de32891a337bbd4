import { completed, type FieldProblem, PotLineInput, ProcessInput, ServeInput } from '@alterum/contract';
import {
  blankFormula,
  celsius,
  grams,
  gramsOf,
  type Ingredient,
  ingredientById,
  larderTable,
  LARGEST_LINE_G,
  type Recipe,
  type RecipeLine,
  searchIngredients,
  uncooked,
  unitOf,
} from '@alterum/core';
import { Injectable } from '@nestjs/common';
import { Failure, invalidInput } from '../platform/failure.js';
import { OwnLarder } from './own-larder.js';

/** A line of a pot with the place it was sent at. */
export type PlacedLine = Pick<PotLineInput, 'ingredient' | 'amount' | 'unit' | 'preparation' | 'stage'> & {
  readonly field: string;
};

/** Lines as they came in a list of that name. */
export const placed = (lines: readonly Omit<PlacedLine, 'field'>[], list: string): readonly PlacedLine[] =>
  lines.map((line, at) => ({ ...line, field: `${list}[${at}]` }));

export type WeighingOutcome =
  | { readonly kind: 'weighed'; readonly ingredient: Ingredient; readonly grams: number }
  | { readonly kind: 'refused'; readonly field: 'ingredient' | 'unit' | 'amount'; readonly message: string };

const byName = new Map(larderTable.map((ingredient) => [ingredient.name.toLowerCase(), ingredient]));

/** What the house knows of its ingredients. */
@Injectable()
export class LarderService {
  constructor(private readonly own: OwnLarder) {}

  /** By id or by exact name. */
  find(idOrName: string): Ingredient | undefined {
    return ingredientById(idOrName) ?? this.own.find(idOrName) ?? byName.get(idOrName.trim().toLowerCase());
  }

  /** What it is called, also while it is put away; the id itself when nobody ever named it. */
  nameOf(id: string): string {
    return this.find(id)?.name ?? this.own.nameOfPutAway(id) ?? id;
  }

  read(id: string): Ingredient {
    const found = this.find(id);
    if (!found)
      throw new Failure('not-found', `The larder has no “${id}”. Search it with /api/ingredients?search=.`);
    return found;
  }

  search(text: string): readonly Ingredient[] {
    return searchIngredients([...this.own.all(), ...larderTable], text);
  }

  /** Grams of a line, or which of its fields is at fault. */
  weigh(line: Pick<PotLineInput, 'ingredient' | 'amount' | 'unit'>): WeighingOutcome {
    const ingredient = this.find(line.ingredient);
    if (!ingredient)
      return {
        kind: 'refused',
        field: 'ingredient',
        message: `“${line.ingredient}” is not in the larder. Search it with /api/ingredients?search=.`,
      };
    if (line.amount === null)
      return {
        kind: 'refused',
        field: 'amount',
        message: `Say how much ${ingredient.name.toLowerCase()} goes in.`,
      };
    const grams = gramsOf({ value: line.amount, unit: line.unit }, ingredient.measures);
    const unit = unitOf(line.unit).written[0];
    if (grams === undefined)
      return {
        kind: 'refused',
        field: 'unit',
        message: `The weight of one ${unit} of ${ingredient.name.toLowerCase()} is not known. Give grams instead.`,
      };
    if (grams > LARGEST_LINE_G)
      return {
        kind: 'refused',
        field: 'amount',
        message: `That is ${(grams / 1000).toFixed(0)} kg of ${ingredient.name.toLowerCase()}. One line holds at most ${LARGEST_LINE_G / 1000} kg.`,
      };
    return { kind: 'weighed', ingredient, grams };
  }

  /** What the model is given: lines as they were sent, and what is said of process and serving; a sauce served warm where nothing is. */
  recipeOf(lines: readonly PlacedLine[], process?: ProcessInput, serve?: ServeInput): Recipe {
    const { temperatureC, storage, days } = completed(blankFormula.serve, serve);
    return {
      lines: this.weighAll(lines),
      process: completed(uncooked, process),
      serving: { temperatureC: celsius(temperatureC), storage, days },
    };
  }

  /** Lines as the model takes them. @throws Failure naming the field of every line that cannot be weighed */
  weighAll(lines: readonly PlacedLine[]): readonly RecipeLine[] {
    const errors: FieldProblem[] = [],
      weighed: RecipeLine[] = [];
    for (const { field, ...line } of lines) {
      const one = this.weigh(line);
      if (one.kind === 'refused') errors.push({ field: `${field}.${one.field}`, message: one.message });
      else
        weighed.push({
          ingredient: one.ingredient,
          mass: grams(one.grams),
          preparation: line.preparation ?? 'as-is',
          stage: line.stage ?? 'start',
        });
    }
    if (errors.length > 0) throw invalidInput(errors);
    return weighed;
  }
}
