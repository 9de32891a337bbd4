import {
  type DishComponentInput,
  type DishRequest,
  type DishResponse,
  type FieldProblem,
  formulaOfContent,
  lineOfFormula,
  methodOfInput,
  ovenStageOfInput,
  type PotLineInput,
  versionsOfBase,
  vesselOfInput,
  viewOfDish,
  type WhoCanEatView,
} from '@alterum/contract';
import {
  type DishReport,
  layeredG,
  type LayeredDish,
  partOfRecipe,
  partOfThing,
  portionOfDish,
  type ReadPart,
  type Recipe,
  recipeOfFormula,
  reportOnDish,
  shareOfPart,
  type Sharing,
  sharingOf,
  versionNamed,
} from '@alterum/core';
import { Injectable } from '@nestjs/common';
import { FormulaLarder } from '../formula/formula-larder.js';
import { FormulaService } from '../formula/formula.service.js';
import { HouseholdService } from '../household/household.service.js';
import { LarderService, placed } from '../larder/larder.service.js';
import { invalidInput } from '../platform/failure.js';
import { calledByPlace, CAUTION, WhoCanEatService } from '../who-can-eat/who-can-eat.service.js';

/** A part of the dish as lines that people are judged by. */
interface Part extends ReadPart {
  /** So many g of it. */
  readonly linesFor: (g: number) => readonly PotLineInput[];
}

/** g that a recipe comes to, cooked. */
const massOf = (recipe: Recipe): number => partOfRecipe('', '', recipe)?.madeG ?? 0;

/** °C at which a dish goes into the oven where nothing is said. */
const COLD_C = 20;

/** Asks the core what a dish will be; keeps nothing. */
@Injectable()
export class DishService {
  constructor(
    private readonly larder: LarderService,
    private readonly known: FormulaLarder,
    private readonly formulas: FormulaService,
    private readonly people: WhoCanEatService,
    private readonly household: HouseholdService,
  ) {}

  async run(request: DishRequest): Promise<DishResponse> {
    this.check(request);
    const parts: Part[] = [];
    for (const [i, sent] of request.components.entries())
      parts.push(await this.partOf(sent, `components[${i}]`));
    const components = parts.map(({ component }) => component);
    const dish: LayeredDish = {
      vessel: vesselOfInput(request.vessel),
      components,
      layers: request.layers ?? components.map(({ id }) => ({ component: id })),
      oven: (request.oven ?? []).map(ovenStageOfInput),
      restMin: request.restMin ?? 0,
      fromC: request.fromC ?? COLD_C,
    };
    const report = reportOnDish(dish);
    const sharing = sharingOf({
      portions: request.portions ?? 1,
      eaters: [],
      parts: request.components.map(({ id, onlyFor = [] }) => ({ id, ready: [], onlyFor })),
    });
    const some = new Set([...sharing.only.values()].flatMap(({ eaters }) => eaters));
    return {
      ...viewOfDish(report, components),
      portion: portionOfDish(report, parts, sharing),
      portions: [...some].map((eater) => ({ eater, ...portionOfDish(report, parts, sharing, eater) })),
      ...(await this.judged(request, report, parts, sharing)),
    };
  }

  private check({ components, layers = [] }: DishRequest): void {
    const errors: FieldProblem[] = [];
    components.forEach(({ formula, lines, ingredient }, i) => {
      if ([formula, lines, ingredient].filter((one) => one !== undefined).length !== 1)
        errors.push({
          field: `components[${i}]`,
          message: 'A part is a formula, or lines, or an ingredient: send one of the three.',
        });
    });
    const ids = new Set(components.map(({ id }) => id));
    layers.forEach(({ component }, i) => {
      if (!ids.has(component))
        errors.push({
          field: `layers[${i}].component`,
          message: `No part of the dish is called “${component}”. Send it among the components.`,
        });
    });
    if (errors.length > 0) throw invalidInput(errors);
  }

  private async partOf(sent: DishComponentInput, field: string): Promise<Part> {
    if (sent.ingredient !== undefined) return this.thing(sent, sent.ingredient, field);
    const { recipe, name, batch } =
      sent.formula === undefined
        ? await this.pot(sent, field)
        : sent.version === undefined
          ? await this.kept(sent.formula)
          : await this.version(sent.formula, sent.version, field);
    const part = partOfRecipe(sent.id, sent.name ?? name, recipe, sent.grams);
    if (!part)
      throw invalidInput([{ field, message: `${sent.name ?? name} is empty: nothing in it has a weight.` }]);
    return { ...part, linesFor: (g) => batch(g, part.madeG) };
  }

  private thing(sent: DishComponentInput, asked: string, field: string): Part {
    const found = this.larder.find(asked);
    if (!found)
      throw invalidInput([
        {
          field: `${field}.ingredient`,
          message: `“${asked}” is not in the larder. Search it with /api/ingredients?search=.`,
        },
      ]);
    const weighed = sent.grams ?? 0,
      part = partOfThing(sent.id, found, weighed, sent.ready ? methodOfInput(sent.ready) : [], sent.name);
    return {
      ...part,
      linesFor: (g) => [
        {
          ingredient: found.id,
          amount: part.madeG > 0 ? (weighed * g) / part.madeG : 0,
          unit: 'g',
          ...(sent.ready ? { ready: sent.ready } : {}),
        },
      ],
    };
  }

  private async pot({ lines = [], process, method, id }: DishComponentInput, field: string) {
    const { find } = await this.known.knownIn(lines);
    const recipe = this.larder.recipeOf(placed(lines, `${field}.lines`), process, undefined, method, find);
    const batch = (g: number, mass: number): readonly PotLineInput[] =>
      lines.map((line) => ({ ...line, amount: line.amount === null ? null : (line.amount * g) / mass }));
    return { recipe, name: id, batch };
  }

  private async kept(id: string) {
    const view = await this.formulas.read(id),
      formula = formulaOfContent(view);
    const { find } = await this.known.knownIn(formula.lines);
    const { recipe } = recipeOfFormula(formula, find);
    const batch = (g: number): readonly PotLineInput[] => [
      { ingredient: lineOfFormula(id), amount: g, unit: 'g' },
    ];
    return { recipe, name: view.name, batch };
  }

  /** A formula with what one version of it gets at the Table. */
  private async version(id: string, name: string, field: string) {
    const base = formulaOfContent(await this.formulas.read(id)),
      { versions: said } = await this.household.read();
    const versions = said?.base === id ? versionsOfBase(said) : undefined;
    const added = versions?.versions.find((one) => one.name === name)?.added ?? [];
    const inside = [...(versions?.inBase ?? []), ...added];
    const { find } = await this.known.knownIn([...base.lines, ...inside]);
    const formula = versions && versionNamed(base, find, versions, name);
    if (!formula)
      throw invalidInput([
        {
          field: `${field}.version`,
          message: `“${base.name}” has no version “${name}” at the Table.`,
        },
      ]);
    const { recipe } = recipeOfFormula(formula, find),
      baseG = massOf(recipeOfFormula(base, find).recipe);
    const batch = (g: number, madeG: number): readonly PotLineInput[] => [
      { ingredient: lineOfFormula(id), amount: (baseG * g) / madeG, unit: 'g' },
      ...inside.map(({ ingredient, grams }) => ({
        ingredient,
        amount: (grams * base.portions * g) / madeG,
        unit: 'g' as const,
      })),
    ];
    return { recipe, name: formula.name, batch };
  }

  /** Everybody who is to eat of it, for the whole dish: what went into a layer counts, what is left does not. */
  private async judged(
    { eaters = [], eaterIds = [] }: DishRequest,
    report: DishReport,
    parts: readonly Part[],
    sharing: Sharing,
  ): Promise<Pick<DishResponse, 'people' | 'caution'>> {
    const sent = calledByPlace(eaters);
    const asked = [...sent.map(({ id }) => id), ...eaterIds];
    const { portions } = sharing;
    /** Who eats of the same parts is judged at once. */
    const alike = new Map<string, string[]>();
    for (const id of asked) {
      const theirs = parts.map(({ component }) => shareOfPart(sharing, component.id, id) > 0).join();
      alike.set(theirs, [...(alike.get(theirs) ?? []), id]);
    }
    const people: WhoCanEatView[] = [];
    for (const group of alike.values()) {
      const shareOf = ({ component }: Part) => shareOfPart(sharing, component.id, group[0]);
      const of = (part: Part, times: number) => [
        ...part.linesFor(layeredG(report, part.component.id) * times),
      ];
      const { people: judged } = await this.people.run(
        {
          lines: parts.flatMap((part) => (shareOf(part) > 0 ? of(part, shareOf(part) * portions) : [])),
          portions,
          eaters: sent.filter(({ id }) => group.includes(id)),
          eaterIds: eaterIds.filter((id) => group.includes(id)),
        },
        parts.flatMap((part) =>
          shareOf(part) > 0 ? [] : [{ from: part.component.name, lines: of(part, 1) }],
        ),
      );
      people.push(...judged);
    }
    const place = new Map(asked.map((id, i) => [id, i]));
    people.sort((a, b) => (place.get(a.eater) ?? 0) - (place.get(b.eater) ?? 0));
    return { people, caution: CAUTION };
  }
}
