import type { Formula } from '../formula/formula.js';
import type { LarderLookup } from '../formula/recipe-of-formula.js';
import { type DishReport, reportOnDish } from './dish.js';
import { partOfFormula, partOfThing, type ReadPart } from './dish-part.js';
import { type DishPortion, portionOfDish } from './dish-portion.js';
import { type Sharing, sharingOf } from './sharing.js';
import type { DishLayer, DishPart, WrittenDish } from './written-dish.js';

/** Something that is missing before a dish can be worked out, or is left out of the figures. */
export interface DishProblem {
  readonly field: 'vessel' | 'parts' | 'layers' | 'portions';
  /** The part it is about. */
  readonly part?: string;
  /** Nothing can be worked out until it is said; else the figures are without it. */
  readonly stops: boolean;
  readonly message: string;
}

/** A dish as far as it can be worked out. */
export interface ReadDish {
  readonly parts: readonly ReadPart[];
  readonly problems: readonly DishProblem[];
  /** Its layers of which something is known: those of the report, in their order. */
  readonly laid: readonly DishLayer[];
  readonly report: DishReport | undefined;
  /** Who shares what of it. */
  readonly sharing: Sharing;
  /** A usual portion without what only some eat of. */
  readonly portion: DishPortion | undefined;
}

/** What a kitchen knows that a dish may name. */
export interface KnownToDish {
  readonly larder: LarderLookup;
  readonly formulaOf: (id: string) => Formula | undefined;
  /** What one version of a formula comes to; undefined where there is none of that name. */
  readonly versionOf?: (id: string, version: string) => Formula | undefined;
}

/** The formula that a part of a dish is made by, that of its version where one is named. */
export const formulaOfPart = (
  { formula: id, version }: Pick<DishPart, 'formula' | 'version'>,
  { formulaOf, versionOf }: Pick<KnownToDish, 'formulaOf' | 'versionOf'>,
): Formula | undefined =>
  id === undefined ? undefined : version === undefined ? formulaOf(id) : versionOf?.(id, version);

const missing = (part: Pick<DishPart, 'id'>, message: string): DishProblem => ({
  field: 'parts',
  part: part.id,
  stops: false,
  message,
});

interface PartFound {
  readonly found?: ReadPart;
  readonly problems: readonly DishProblem[];
}

function thing(part: DishPart, { larder }: KnownToDish): PartFound {
  const ingredient = larder(part.ingredient ?? '');
  if (!ingredient)
    return {
      problems: [missing(part, `“${part.ingredient}” is not in the larder; it is left out of the figures.`)],
    };
  if (part.grams === undefined)
    return {
      problems: [missing(part, `Say how much ${ingredient.name} goes in; it is left out of the figures.`)],
    };
  return { found: partOfThing(part.id, ingredient, part.grams, part.ready, part.name), problems: [] };
}

function sauce(part: DishPart, known: KnownToDish): PartFound {
  const { larder, formulaOf } = known,
    formula = formulaOfPart(part, known);
  if (!formula && part.version !== undefined && formulaOf(part.formula ?? ''))
    return {
      problems: [
        missing(
          part,
          `There is no version “${part.version}” of it at the Table any more; it is left out of the figures.`,
        ),
      ],
    };
  if (!formula)
    return {
      problems: [
        missing(
          part,
          'A formula stands here that is put away or was taken away; it is left out of the figures.',
        ),
      ],
    };
  const { part: found, problems } = partOfFormula(part.id, formula, larder, part.grams);
  if (!found)
    return { problems: [missing(part, `${formula.name} is empty: nothing in it has a weight yet.`)] };
  return { found, problems: problems.map(({ message }) => missing(part, `${formula.name}: ${message}`)) };
}

/** Everything that can be said of a written dish, and what is still missing; nothing that is missing hides the rest. */
export function readDish(dish: WrittenDish, known: KnownToDish): ReadDish {
  const read = dish.parts.map((part) =>
    part.formula === undefined ? thing(part, known) : sauce(part, known),
  );
  const parts = read.flatMap(({ found }) => found ?? []);
  const problems: DishProblem[] = read.flatMap((one) => one.problems);
  const there = new Set(parts.map(({ component }) => component.id));
  const laid = dish.layers.filter(({ component }) => there.has(component));
  const sharing = sharingOf(dish),
    { portions } = sharing;
  const stop = (field: DishProblem['field'], message: string) =>
    problems.push({ field, stops: true, message });
  if (!dish.vessel) stop('vessel', 'Choose what it is made in: without a vessel no layer has a height.');
  if (!(portions > 0)) stop('portions', 'Somebody has to eat it: give it portions, or name who eats.');
  if (laid.length === 0)
    stop(
      'layers',
      dish.parts.length === 0 ? 'Add a sauce or a thing to begin.' : 'Put at least one part into the dish.',
    );
  for (const [part, some] of sharing.only)
    if (some.portions === 0)
      problems.push(
        missing(
          { id: part },
          'It is only for people who do not eat of this dish: tick them below, or leave it to everybody.',
        ),
      );
  if (!dish.vessel || !(portions > 0) || laid.length === 0)
    return { parts, problems, laid, sharing, report: undefined, portion: undefined };
  const report = reportOnDish({
    vessel: dish.vessel,
    components: parts.map(({ component }) => component),
    layers: laid,
    oven: dish.oven,
    restMin: dish.restMin,
    fromC: dish.fromC,
  });
  return { parts, problems, laid, sharing, report, portion: portionOfDish(report, parts, sharing) };
}
