import {
  amountOfInput,
  completed,
  type FieldProblem,
  methodOfInput,
  type OperationInput,
  PotLineInput,
  ProcessInput,
  ServeInput,
} from '@alterum/contract';
import {
  amountSd,
  blankFormula,
  celsius,
  formulaInLine,
  grams,
  gramsOf,
  type Ingredient,
  ingredientById,
  kindOf,
  type LarderLookup,
  larderTable,
  LARGEST_LINE_G,
  operationsFor,
  processOfMethod,
  readyYield,
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
export type PlacedLine = Pick<
  PotLineInput,
  'id' | 'ingredient' | 'amount' | 'unit' | 'amountRange' | 'preparation' | 'stage' | 'ready' | 'weighed'
> & {
  readonly field: string;
};

/** Lines as they came in a list of that name. */
export const placed = (lines: readonly Omit<PlacedLine, 'field'>[], list: string): readonly PlacedLine[] =>
  lines.map((line, at) => ({ ...line, field: `${list}[${at}]` }));

export type WeighingOutcome =
  | { readonly kind: 'weighed'; readonly ingredient: Ingredient; readonly grams: number }
  | { readonly kind: 'refused'; readonly field: 'ingredient' | 'unit' | 'amount'; readonly message: string };

const byName = new Map(larderTable.map((ingredient) => [ingredient.name.toLowerCase(), ingredient]));

/** A weighed line as the model takes it: by its mass before it was made ready. */
function potLineOf(
  line: Omit<PlacedLine, 'field'>,
  { ingredient, grams: g }: { readonly ingredient: Ingredient; readonly grams: number },
  place: string,
): RecipeLine {
  const preparation = line.preparation ?? 'as-is',
    ready = line.ready ? methodOfInput(line.ready) : undefined;
  const done = ready ?? operationsFor(preparation, ingredient);
  const yields = line.weighed === 'ready' ? readyYield(ingredient, done, g) : 1;
  const amount = amountOfInput(line.amount, line.unit, line.amountRange);
  const sd = amount ? amountSd(amount, ingredient.measures) : 0;
  return {
    id: line.id ?? place,
    ingredient,
    mass: grams(g / yields),
    ...(sd > 0 ? { massSd: grams(sd / yields) } : {}),
    preparation,
    stage: line.stage ?? 'start',
    ...(ready ? { ready } : {}),
  };
}

/** @throws Failure naming the operation that puts in a line which is not there */
function refuseStrangers(method: readonly OperationInput[], ids: ReadonlySet<string | undefined>): void {
  const errors = method.flatMap(({ kind, lines = [] }, i) =>
    lines.flatMap((id, k) =>
      ids.has(id)
        ? []
        : [
            {
              field: `method[${i}].lines[${k}]`,
              message: `“${kindOf(kind).name}” (operation ${i + 1}) puts in the line “${id}”, but no line has that id.`,
            },
          ],
    ),
  );
  if (errors.length > 0) throw invalidInput(errors);
}

/** What the house knows of its ingredients. */
@Injectable()
export class LarderService {
  constructor(private readonly own: OwnLarder) {}

  /** As a function: what the larder and the house’s own ingredients have, without its sauces. */
  readonly plain: LarderLookup = (id) => this.find(id);

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

  /** The household's own first, then the table; one list as long as nothing changes, so that its index is made once. */
  whole(): readonly Ingredient[] {
    return this.own.withTable();
  }

  search(text: string): readonly Ingredient[] {
    return searchIngredients(this.whole(), text);
  }

  /** Grams of a line, or which of its fields is at fault. */
  weigh(
    line: Pick<PotLineInput, 'ingredient' | 'amount' | 'unit'>,
    find: LarderLookup = this.plain,
  ): WeighingOutcome {
    const ingredient = find(line.ingredient);
    if (!ingredient)
      return {
        kind: 'refused',
        field: 'ingredient',
        message:
          formulaInLine(line.ingredient) === undefined
            ? `“${line.ingredient}” is not in the larder. Search it with /api/ingredients?search=.`
            : `“${line.ingredient}” stands for a formula that is not here, is put away or holds nothing yet. Look for it with /api/formulas?search=.`,
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
  recipeOf(
    lines: readonly PlacedLine[],
    process?: ProcessInput,
    serve?: ServeInput,
    method?: readonly OperationInput[] | null,
    find: LarderLookup = this.plain,
  ): Recipe {
    const { temperatureC, storage, days } = completed(blankFormula.serve, serve);
    const weighed = this.weighAll(lines, find);
    if (method) refuseStrangers(method, new Set(weighed.map(({ id }) => id)));
    const said = method && methodOfInput(method);
    return {
      lines: weighed,
      process: said ? processOfMethod(said) : completed(uncooked, process),
      ...(said ? { method: said } : {}),
      serving: { temperatureC: celsius(temperatureC), storage, days },
    };
  }

  /** Lines as the model takes them. @throws Failure naming the field of every line that cannot be weighed */
  weighAll(lines: readonly PlacedLine[], find: LarderLookup = this.plain): readonly RecipeLine[] {
    const errors: FieldProblem[] = [],
      weighed: RecipeLine[] = [];
    for (const [place, { field, ...line }] of lines.entries()) {
      const one = this.weigh(line, find);
      if (one.kind === 'refused') errors.push({ field: `${field}.${one.field}`, message: one.message });
      else weighed.push(potLineOf(line, one, String(place)));
    }
    if (errors.length > 0) throw invalidInput(errors);
    return weighed;
  }
}
