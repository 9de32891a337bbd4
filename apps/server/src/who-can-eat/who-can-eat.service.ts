import {
  type FieldProblem,
  needFromInput,
  type PotLineInput,
  WhoCanEatRequest,
  type WhoCanEatResponse,
  type WhoCanEatView,
} from '@alterum/contract';
import {
  assemble,
  celsius,
  cliniciansQuestions,
  type Eater,
  type EaterVerdict,
  grams,
  momentOf,
  type PackLabel,
  packLabel,
  predictMixture,
  type Process,
  type RecipeLine,
  type ServedLine,
  servedOfRecipe,
  uncooked,
  whoCanEat,
} from '@alterum/core';
import { Injectable } from '@nestjs/common';
import { EaterService } from '../eater/eater.service.js';
import { FormulaService } from '../formula/formula.service.js';
import { LabelService } from '../label/label.service.js';
import { LarderService } from '../larder/larder.service.js';
import { Clock } from '../platform/clock.js';
import { invalidInput } from '../platform/failure.js';

const CAUTION =
  'Checked against the ingredients’ tables and the labels that were typed in, never against the packs themselves. It is no medical advice: read every label, ask the maker about traces, and a clinician about severe allergies.';

/** "formula:<id>" as an ingredient is a sauce inside a dish. */
const FORMULA_PREFIX = 'formula:';

function partedBy<T>(list: readonly T[], test: (entry: T) => boolean): readonly [readonly T[], readonly T[]] {
  return [list.filter(test), list.filter((entry) => !test(entry))];
}

type JudgedLine = Pick<PotLineInput, 'ingredient' | 'amount' | 'unit' | 'preparation' | 'stage'>;

interface PotToJudge {
  readonly lines: readonly JudgedLine[];
  readonly process: Process;
  readonly portions: number;
}

/** Asks the core who can eat; keeps nothing. */
@Injectable()
export class WhoCanEatService {
  constructor(
    private readonly larder: LarderService,
    private readonly formulas: FormulaService,
    private readonly eaters: EaterService,
    private readonly labels: LabelService,
    private readonly clock: Clock,
  ) {}

  async run(request: WhoCanEatRequest): Promise<WhoCanEatResponse> {
    this.checkChoice(request);
    const pot = await this.potOf(request);
    const labels = await this.packLabels();
    const [inside, plain] = partedBy(pot.lines, ({ ingredient }) => ingredient.startsWith(FORMULA_PREFIX));
    const own = servedOfRecipe(this.recipeOf({ ...pot, lines: plain }), pot.portions, labels);
    const served = {
      ...own,
      lines: [...own.lines, ...(await Promise.all(inside.map((line) => this.formulaInside(line, labels))))],
    };
    const people = (await this.peopleOf(request)).map((eater) => viewOf(eater, whoCanEat(eater, served)));
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

  private async potOf({ lines, formulaId, portions }: WhoCanEatRequest): Promise<PotToJudge> {
    if (lines) return { lines, process: uncooked, portions: portions ?? 1 };
    const formula = await this.formulas.read(formulaId ?? '');
    return { ...formula, portions: portions ?? formula.portions };
  }

  /** A formula that stands in the pot as an ingredient: its own lines are judged through it. */
  private async formulaInside(
    { ingredient }: JudgedLine,
    labels: ReadonlyMap<string, PackLabel>,
  ): Promise<ServedLine> {
    const formula = await this.formulas.read(ingredient.slice(FORMULA_PREFIX.length));
    const { lines } = servedOfRecipe(this.recipeOf(formula), formula.portions, labels);
    return { id: ingredient, ingredient: undefined, named: formula.name, inside: lines };
  }

  private recipeOf({ lines, process }: PotToJudge) {
    const errors: FieldProblem[] = [],
      weighedLines: RecipeLine[] = [];
    lines.forEach((line, i) => {
      const weighed = this.larder.weigh(line);
      if (weighed.kind === 'refused')
        errors.push({ field: `lines[${i}].${weighed.field}`, message: weighed.message });
      else
        weighedLines.push({ ingredient: weighed.ingredient, mass: grams(weighed.grams), preparation: line.preparation ?? 'as-is', stage: line.stage ?? 'start' }); // prettier-ignore
    });
    if (errors.length > 0) throw invalidInput(errors);
    const recipe = {
      lines: weighedLines,
      process,
      serving: { temperatureC: celsius(60), storage: 'cool' as const, days: 0 },
    };
    return { recipe, prediction: predictMixture(assemble(recipe), momentOf(recipe)) };
  }

  private async packLabels(): Promise<ReadonlyMap<string, PackLabel>> {
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

function viewOf(eater: Eater, { verdict, findings, checked }: EaterVerdict): WhoCanEatView {
  return {
    eater: eater.id,
    name: eater.name,
    verdict,
    checked,
    reasons: findings.map((finding) => ({
      verdict: finding.verdict,
      because: finding.reason,
      line: finding.line ?? null,
      ingredient: finding.ingredient ?? null,
      allergen: finding.need.kind === 'allergen' ? finding.need.allergen : null,
      chain: finding.chain,
      wouldChange: finding.wouldChange,
    })),
    askTheClinician: cliniciansQuestions(eater),
  };
}
