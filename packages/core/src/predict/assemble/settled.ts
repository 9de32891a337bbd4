import { starchTotal } from '../../ingredient/composition.js';
import { logistic } from '../../numeric/smooth-step.js';
import type { Course, Separation } from '../course/course.js';
import { heatSince } from '../course/heat-course.js';
import { settling as p } from '../course/settle.params.js';
import { compiledIngredient } from './compiled-ingredient.js';
import { type Constituent, withAmounts } from './other-amounts.js';
import type { Weighed } from './weighed.js';

type Settle = Extract<Separation, { readonly by: 'settle' }>;

/** Shares of a line that have settled, of what can: its starch, its fibre, and the protein and fat that go with them. */
interface Sinks {
  readonly starch: number;
  readonly fibre: number;
  readonly protein: number;
}

/** What of a line has sunk by then. @param still how far gums hold everything up, 0..1 */
function sinksOf({ c, place }: Weighed, settle: Settle, course: Course, still: number): Sinks | undefined {
  const { at, inPieces } = course.entries[place]!;
  if (inPieces || at > settle.at) return undefined;
  const { behaviour, handling } = c.ingredient;
  const by = (1 - Math.exp(-settle.minutes / p.minutes)) * (1 - still);
  const { maxTemperature } = heatSince(course.heat, at, settle.at);
  const raw = 1 - logistic((maxTemperature - p.cookedFrom) / p.cookedWidth);
  const coarse =
    behaviour.particleSizeUm > 0
      ? logistic(Math.log(behaviour.particleSizeUm / p.floatsBelow) / p.floatsWidth)
      : 0;
  const above = handling?.settling?.proteinAbove ?? behaviour.solubleProtein;
  return {
    starch: by * raw,
    fibre: by * coarse,
    protein: by * coarse * (1 - Math.max(above, behaviour.solubleProtein)),
  };
}

/** g of dry mass of a line that have settled. */
function settledG({ c: { ingredient }, g }: Weighed, sinks: Sinks | undefined): number {
  if (!sinks) return 0;
  const { per100 } = ingredient;
  return (
    (g / 100) *
    (starchTotal(per100) * sinks.starch +
      (per100.fibre ?? 0) * sinks.fibre +
      ((per100.protein ?? 0) + (per100.fat ?? 0)) * sinks.protein)
  );
}

/** What stays of what has settled and of what has not, and of the water, when one layer is poured off; shares. */
interface Kept {
  readonly settled: number;
  readonly afloat: number;
}

function keptBy({ keep, minutes }: Settle, water: number, dry: number): Kept {
  const by = 1 - Math.exp(-minutes / p.minutes);
  const held = Math.min(dry * (1 / p.solids - 1), water);
  const bottom = water > 0 ? (held + p.leftBehind * (water - held)) / water : 1;
  // What was poured off before anything has settled is nothing: the cook waits until it is clear.
  return keep === 'bottom'
    ? { settled: 1 - p.stirredUp * by, afloat: 1 - by * (1 - bottom) }
    : { settled: p.stirredUp * by + (1 - by), afloat: 1 - by * bottom };
}

/** What is left of a line of which one layer was poured off. */
function layerOf(line: Weighed, sinks: Sinks, kept: Kept): Weighed {
  const { ingredient } = line.c;
  const shares: Partial<Record<Constituent, number>> = {};
  for (const [name, sunk] of Object.entries({ ...sinks, fat: sinks.protein }))
    shares[name as Constituent] = sunk * kept.settled + (1 - sunk) * kept.afloat;
  const after = withAmounts(ingredient, (name, g) => g * (shares[name] ?? kept.afloat));
  const { behaviour } = ingredient;
  const protein = shares.protein ?? 1,
    soluble = protein > 0 ? Math.min((behaviour.solubleProtein * kept.afloat) / protein, 1) : 0;
  return {
    ...line,
    c: compiledIngredient({
      ...after.ingredient,
      behaviour: {
        ...behaviour,
        solubleProtein: soluble,
        bufferMmol: (behaviour.bufferMmol * protein) / after.left,
      },
    }),
    g: line.g * after.left,
    broughtWater: line.broughtWater * kept.afloat,
    lostSugars: line.lostSugars * kept.afloat,
  };
}

const withDoubt = (line: Weighed, sd: number): Weighed => ({
  ...line,
  made: { ...line.made, waterSd: Math.hypot(line.made.waterSd, sd / line.line.mass) },
});

/**
 * The lines after standing: starch and coarse solids have settled, water and what is dissolved in it stand over them, and one
 * of the two is poured off. Nothing settles out of what was cooked or is held up by gums.
 * @source kitchen physics 11
 */
export function afterSettling(lines: readonly Weighed[], settle: Settle, course: Course): readonly Weighed[] {
  const water = lines.reduce((all, { c, g, broughtWater }) => all + c.water * g + broughtWater, 0);
  const gums = lines.reduce((all, { c, g }) => all + c.gums * g, 0);
  const still = water > 0 ? 1 - Math.exp(-(100 * gums) / water / p.stillBelow) : 0;
  const sinks = lines.map((line) => sinksOf(line, settle, course, still));
  const dry = lines.reduce((all, line, i) => all + settledG(line, sinks[i]), 0);
  const kept = keptBy(settle, water, dry);
  // One layer is poured by one hand: its doubt is the same for all that is in it, and stands once.
  const cv = settle.keep === 'bottom' ? p.bottomCv : p.topCv,
    sd = water * kept.afloat * cv * (1 - Math.exp(-settle.minutes / p.minutes));
  const first = sinks.findIndex((sunk) => sunk !== undefined);
  return lines.map((line, i) => {
    const sunk = sinks[i];
    if (!sunk) return line;
    const layer = layerOf(line, sunk, kept);
    return i === first ? withDoubt(layer, sd) : layer;
  });
}
