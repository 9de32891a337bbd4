import {
  type FieldProblem,
  formulaOfContent,
  needFromInput,
  type PotLineInput,
  requestLimits,
  WhoCanEatRequest,
  type WhoCanEatResponse,
} from '@alterum/contract';
import {
  assemble,
  celsius,
  type Eater,
  grams,
  momentOf,
  type PackLabel,
  packLabel,
  predictMixture,
  type RecipeLine,
  recipeOfFormula,
  type Served,
  type ServedLine,
  servedOfFormula,
  servedOfRecipe,
  uncooked,
} from '@alterum/core';
import { Injectable } from '@nestjs/common';
import { EaterService } from '../eater/eater.service.js';
import { FormulaService } from '../formula/formula.service.js';
import { LabelService } from '../label/label.service.js';
import { LarderService } from '../larder/larder.service.js';
import { Clock } from '../platform/clock.js';
import { invalidInput } from '../platform/failure.js';
import { HeavyWork } from '../work/heavy-work.js';
import { FEW_JUDGEMENTS } from '../work/work.params.js';
import { judgeAll } from './judge-all.js';

const CAUTION =
  'Checked against the ingredients’ tables and the labels that were typed in, never against the packs themselves. It is no medical advice: read every label, ask the maker about traces, and a clinician about severe allergies.';

/** "formula:<id>" as an ingredient is a sauce inside a dish. */
const FORMULA_PREFIX = 'formula:';

function partedBy<T>(list: readonly T[], test: (entry: T) => boolean): readonly [readonly T[], readonly T[]] {
  return [list.filter(test), list.filter((entry) => !test(entry))];
}

type JudgedLine = Pick<PotLineInput, 'ingredient' | 'amount' | 'unit' | 'preparation' | 'stage'>;
/** A line with its place in what was sent. */
type PlacedLine = JudgedLine & { readonly at: number };
type Labels = ReadonlyMap<string, PackLabel>;

/** Asks the core who can eat; keeps nothing. */
@Injectable()
export class WhoCanEatService {
  constructor(
    private readonly larder: LarderService,
    private readonly formulas: FormulaService,
    private readonly eaters: EaterService,
    private readonly labels: LabelService,
    private readonly clock: Clock,
    private readonly heavy: HeavyWork,
  ) {}

  async run(request: WhoCanEatRequest): Promise<WhoCanEatResponse> {
    this.checkChoice(request);
    const labels = await this.packLabels();
    const served = request.lines
      ? await this.servedOfLines(request.lines, request.portions ?? 1, labels)
      : await this.servedOfKept(request.formulaId ?? '', labels, request.portions);
    const eaters = await this.peopleOf(request);
    const needs = eaters.reduce((sum, eater) => sum + eater.needs.length, 0);
    if (needs > requestLimits.needs)
      throw invalidInput([
        {
          field: 'eaters',
          message: `At most ${requestLimits.needs} needs can be judged at once; these are ${needs}. Ask for fewer people.`,
        },
      ]);
    const people =
      needs * served.lines.length <= FEW_JUDGEMENTS
        ? judgeAll({ eaters, served })
        : await this.heavy.run('judge', { eaters, served });
    return { people, caution: CAUTION };
  }

  private checkChoice({ lines, formulaId, eaters, eaterIds }: WhoCanEatRequest): void {
    const errors: FieldProblem[] = [];
    if ((lines === undefined) === (formulaId === undefined))
      errors.push({ field: 'lines', message: 'Send either the lines of a pot or the id of a formula.' });
    if (eaters === undefined && eaterIds === undefined)
      errors.push({ field: 'eaters', message: 'Send the eaters, or the ids of people at the table.' });
    if (errors.length > 0) throw invalidInput(errors);
  }

  /** A pot that is sent, in which kept formulas may stand as ingredients. */
  private async servedOfLines(
    lines: readonly JudgedLine[],
    portions: number,
    labels: Labels,
  ): Promise<Served> {
    const placed = lines.map((line, at): PlacedLine => ({ ...line, at }));
    const [inside, plain] = partedBy(placed, ({ ingredient }) => ingredient.startsWith(FORMULA_PREFIX));
    const own = servedOfRecipe(this.computed(plain), portions, labels);
    return {
      ...own,
      lines: [...own.lines, ...(await Promise.all(inside.map((line) => this.formulaInside(line, labels))))],
    };
  }

  /** A kept formula, judged as the Bench judges it: what is not known of it is asked about. */
  private async servedOfKept(id: string, labels: Labels, portions?: number): Promise<Served> {
    const view = await this.formulas.read(id);
    const formula = formulaOfContent(view);
    const resolved = recipeOfFormula(formula, (ingredient) => this.larder.find(ingredient));
    const { recipe } = resolved;
    return servedOfFormula(
      { ...formula, portions: portions ?? formula.portions },
      { ...resolved, prediction: predictMixture(assemble(recipe), momentOf(recipe)) },
      {
        find: (ingredient) => this.larder.find(ingredient),
        nameOf: (ingredient) => this.larder.nameOf(ingredient),
        labels,
      },
    );
  }

  /** A formula that stands in the pot as an ingredient: its own lines are judged through it. */
  private async formulaInside({ ingredient }: JudgedLine, labels: Labels): Promise<ServedLine> {
    const id = ingredient.slice(FORMULA_PREFIX.length);
    const { name } = await this.formulas.read(id);
    const { lines } = await this.servedOfKept(id, labels);
    return { id: ingredient, ingredient: undefined, named: name, inside: lines };
  }

  private computed(lines: readonly PlacedLine[]) {
    const errors: FieldProblem[] = [],
      weighedLines: RecipeLine[] = [];
    lines.forEach((line) => {
      const weighed = this.larder.weigh(line);
      if (weighed.kind === 'refused')
        errors.push({ field: `lines[${line.at}].${weighed.field}`, message: weighed.message });
      else
        weighedLines.push({
          ingredient: weighed.ingredient,
          mass: grams(weighed.grams),
          preparation: line.preparation ?? 'as-is',
          stage: line.stage ?? 'start',
        });
    });
    if (errors.length > 0) throw invalidInput(errors);
    const recipe = {
      lines: weighedLines,
      process: uncooked,
      serving: { temperatureC: celsius(60), storage: 'cool' as const, days: 0 },
    };
    return { recipe, prediction: predictMixture(assemble(recipe), momentOf(recipe)) };
  }

  private async packLabels(): Promise<Labels> {
    const now = this.clock.now().getTime();
    return new Map((await this.labels.list()).map((label) => [label.ingredient, packLabel(label, now)]));
  }

  private async peopleOf({ eaters, eaterIds }: WhoCanEatRequest): Promise<readonly Eater[]> {
    const sent = (eaters ?? []).map((eater, i): Eater => ({
      id: eater.id ?? `eater-${i + 1}`,
      name: eater.name ?? `Eater ${i + 1}`,
      eatsTonight: true,
      needs: eater.needs.map(needFromInput),
    }));
    const known = await Promise.all((eaterIds ?? []).map((id) => this.eaters.read(id)));
    return [...sent, ...known];
  }
}
