import { formulaInLine, formulaOfContent, lineOfFormula, type WhoCanEatRequest } from '@alterum/contract';
import {
  asOneLine,
  type Formula,
  gramsOf,
  mealOf,
  type PackLabel,
  type Portion,
  portionOfFormula,
  portionOfLines,
  portionOfRecipe,
  predictAt,
  recipeOfFormula,
  timesAsMuch,
} from '@alterum/core';
import { Injectable } from '@nestjs/common';
import { FormulaLarder } from '../formula/formula-larder.js';
import { FormulaService } from '../formula/formula.service.js';
import { LarderService, placed, type PlacedLine } from '../larder/larder.service.js';

type Labels = ReadonlyMap<string, PackLabel>;

const isFormula = ({ ingredient }: PlacedLine): boolean => formulaInLine(ingredient) !== undefined;

/** What one person eats of what was asked about: lines, formulas inside them, versions and what stands beside. */
@Injectable()
export class PortionService {
  constructor(
    private readonly larder: LarderService,
    private readonly formulas: FormulaService,
    private readonly known: FormulaLarder,
  ) {}

  async ofRequest(
    { lines, formulaId = '', portions, added, beside = [] }: WhoCanEatRequest,
    labels: Labels,
  ): Promise<Portion> {
    const kept = lines ? undefined : await this.kept(formulaId, labels, portions);
    const base = kept?.portion ?? (await this.ofLines(placed(lines ?? [], 'lines'), portions ?? 1, labels));
    const version = added
      ? mealOf(
          [base, await this.ofAdded(placed(added, 'added'), portions ?? kept?.portions ?? 1, labels)],
          'added',
        )
      : base;
    const others: Portion[] = [];
    for (const id of beside) {
      const { name, portion } = await this.kept(id, labels);
      others.push(asOneLine(lineOfFormula(id), name, portion));
    }
    return others.length > 0 ? mealOf([version, ...others], 'beside') : version;
  }

  /** A pot that is sent, in which kept formulas may stand as ingredients. */
  private async ofLines(lines: readonly PlacedLine[], portions: number, labels: Labels): Promise<Portion> {
    const recipe = this.larder.recipeOf(lines.filter((line) => !isFormula(line)));
    const prediction = predictAt(recipe);
    const own = portionOfRecipe({ recipe, prediction }, portions, labels);
    const inside = await this.ofFormulas(lines, portions, labels);
    return inside.length > 0 ? mealOf([own, ...inside], 'mixed') : own;
  }

  /** What is stirred into a base: whether it is ground first is not known. */
  private async ofAdded(lines: readonly PlacedLine[], portions: number, labels: Labels): Promise<Portion> {
    const plain = this.larder
      .weighAll(lines.filter((line) => !isFormula(line)))
      .map(({ ingredient, mass }, at) => {
        const label = labels.get(ingredient.id);
        return {
          id: `added-${at}`,
          ingredient,
          named: ingredient.name,
          gramsPerPortion: mass / portions,
          preparationUnknown: true,
          ...(label ? { label } : {}),
        };
      });
    return mealOf([portionOfLines(plain), ...(await this.ofFormulas(lines, portions, labels))], 'mixed');
  }

  private async ofFormulas(
    lines: readonly PlacedLine[],
    portions: number,
    labels: Labels,
  ): Promise<readonly Portion[]> {
    const inside: Portion[] = [];
    for (const { ingredient, amount, unit } of lines) {
      const formula = formulaInLine(ingredient);
      if (formula === undefined) continue;
      const { name, portion, batchG, density } = await this.kept(formula, labels, 1);
      const used =
        amount === null
          ? undefined
          : gramsOf({ value: amount, unit }, density === undefined ? {} : { density });
      const share = used === undefined || !(batchG > 0) ? undefined : used / batchG / portions;
      inside.push(timesAsMuch(asOneLine(ingredient, name, portion), share));
    }
    return inside;
  }

  private async kept(id: string, labels: Labels, portions?: number) {
    return this.ofFormula(formulaOfContent(await this.formulas.read(id)), labels, portions);
  }

  /** A kept formula, judged as the Bench judges it: what is not known of it is asked about. */
  async ofFormula(formula: Formula, labels: Labels, portions?: number) {
    const { find, away } = await this.known.knownIn(formula.lines);
    const resolved = recipeOfFormula(formula, find);
    const prediction = predictAt(resolved.recipe);
    const divided = portions ?? formula.portions;
    const portion = portionOfFormula(
      { ...formula, portions: divided },
      { ...resolved, prediction },
      {
        find,
        nameOf: (ingredient) => away.get(formulaInLine(ingredient) ?? '') ?? this.larder.nameOf(ingredient),
        labels,
      },
    );
    const { massG, volumeMl } = prediction;
    return {
      name: formula.name,
      portion,
      portions: divided,
      batchG: massG,
      density: volumeMl > 0 ? massG / volumeMl : undefined,
    };
  }
}
