import type { Ingredient } from '../../ingredient/ingredient.js';
import { logistic } from '../../numeric/smooth-step.js';
import type { Course, Separation } from '../course/course.js';
import { strain as p, strainByClass } from '../course/strain.params.js';
import { compiledIngredient } from './compiled-ingredient.js';
import { type Constituent, withAmounts } from './other-amounts.js';
import type { Weighed } from './weighed.js';

/** What a thing is once it went through: its composition per 100 g of what is left of it, g left per g, g of dry pulp per g. */
interface Through {
  readonly ingredient: Ingredient;
  readonly left: number;
  readonly pulp: number;
}

/** How much of its pulp is kept back: a powder goes through whole. */
const keptBack = (sizeUm: number, sieve: boolean): number =>
  sizeUm > 0 ? logistic(Math.log(sizeUm / p.wholeFrom) / p.wholeWidth) * (sieve ? p.sieveKeeps : 1) : 0;

function goneThrough(ingredient: Ingredient, sieve: boolean): Through {
  const { behaviour, handling } = ingredient;
  const row = handling?.straining ?? strainByClass[behaviour.particles];
  const kept = keptBack(behaviour.particleSizeUm, sieve);
  const passes = (share: number): number => 1 - kept * (1 - share);
  const shares: Partial<Record<Constituent, number>> = {
    protein: passes(row.protein),
    fat: passes(row.fat),
    fibre: passes(p.fibrePasses),
    starch: passes(row.starch),
  };
  const after = withAmounts(ingredient, (name, g) => g * (shares[name] ?? 1));
  return {
    pulp: 1 - after.left,
    left: after.left,
    ingredient: {
      ...after.ingredient,
      behaviour: {
        ...behaviour,
        particleSizeUm:
          behaviour.particleSizeUm +
          kept * (Math.min(behaviour.particleSizeUm, p.largest) - behaviour.particleSizeUm),
      },
    },
  };
}

const known = new WeakMap<Ingredient, Partial<Record<'cloth' | 'sieve', Through>>>();
function throughOf(ingredient: Ingredient, sieve: boolean): Through {
  const of = known.get(ingredient) ?? {};
  known.set(ingredient, of);
  return (of[sieve ? 'sieve' : 'cloth'] ??= goneThrough(ingredient, sieve));
}

/** Share of the water of a pot that a cloth never keeps. @source assumed: what runs through at once */
const MOST_HELD = 0.85;

/**
 * The lines behind a strainer: what was in loses its pulp, and the water that the pulp holds. Pulp and its water leave the pot.
 * @source kitchen physics 11
 */
export function behindStrainer(
  lines: readonly Weighed[],
  { at: when, through: by }: Extract<Separation, { readonly by: 'strain' }>,
  { entries }: Pick<Course, 'entries'>,
): readonly Weighed[] {
  const held = { squeezed: p.heldSqueezed, dripped: p.heldDripped, sieve: p.heldSieve }[by];
  const water = lines.reduce((all, { c, g, broughtWater }) => all + c.water * g + broughtWater, 0);
  const wanted = lines.map((line) => {
    const { at, inPieces } = entries[line.place]!;
    return inPieces || at > when ? undefined : throughOf(line.c.ingredient, by === 'sieve');
  });
  const pulp = lines.reduce((all, { g }, i) => all + (wanted[i]?.pulp ?? 0) * g, 0);
  const most = MOST_HELD * water,
    share = pulp > 0 ? (most * (1 - Math.exp((-held * pulp) / most))) / pulp : 0;
  return lines.map((line, i) => {
    const through = wanted[i];
    if (!through || through.pulp === 0) return line;
    return {
      ...line,
      c: compiledIngredient(through.ingredient),
      g: line.g * through.left,
      broughtWater: line.broughtWater - share * through.pulp * line.g,
    };
  });
}
