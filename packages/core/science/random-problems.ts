import { briefOfFamily, wishesOf, withWish } from '../src/brief/brief.js';
import { coordinateOn, railOf, valueOnRail } from '../src/property/rail.js';
import type { Brief } from '../src/brief/wish.js';
import { families } from '../src/brief/family.js';
import type { Hold } from '../src/formula/formula.js';
import type { Eater } from '../src/household/eater.js';
import { seededChance } from '../src/numeric/chance.js';
import { randomRecipes } from './random-pots.js';
import type { BalanceRequest } from '../src/propose/balance/balance-request.js';

/** Furthest that a random brief moves a stretch of its family, as a share of the rail. */
const MOVED = 0.08;
/** Least lines: with fewer there is nothing to balance. */
const LEAST_LINES = 4;

const cooked = { maxTemperatureC: 92, holdMin: 5, blenderPower: 0.6, blendSeconds: 60 } as const;

function shifted(brief: Brief, chance: () => number): Brief {
  return wishesOf(brief).reduce<Brief>((all, { rail, wish }) => {
    if (chance() < 0.15) return withWish(all, rail, undefined);
    const { scale } = railOf(rail),
      by = MOVED * (2 * chance() - 1);
    const moved = (value: number) => valueOnRail(scale, coordinateOn(scale, value) + by);
    return withWish(all, rail, { ...wish, low: moved(wish.low), high: moved(wish.high) });
  }, brief);
}

/** Random pots, briefs, holds and limits, the same for the same seed: what the solver is measured on. */
export function randomProblems(count: number, seed: number): readonly BalanceRequest[] {
  const chance = seededChance(seed);
  const pots = randomRecipes(count * 3, seed)
    .filter(({ lines }) => lines.length >= LEAST_LINES)
    .slice(0, count);
  return pots.map((recipe, i) => {
    const family = families[Math.floor(chance() * families.length)] ?? 'dip';
    const limited: Eater = {
      id: String(i),
      name: 'Limited',
      eatsTonight: true,
      needs: [{ kind: 'salt-limit', gramsPerPortion: 0.6 + chance() }],
    };
    return {
      recipe: { ...recipe, process: { ...recipe.process, ...cooked } },
      family,
      portions: 2 + Math.floor(chance() * 5),
      brief: shifted(briefOfFamily(family), chance),
      holds: recipe.lines.map(({ mass }): Hold | undefined =>
        chance() < 0.1
          ? { kind: 'pinned' }
          : chance() < 0.1
            ? { kind: 'bounded', leastG: 0.7 * mass, mostG: 1.5 * mass }
            : undefined,
      ),
      eaters: chance() < 0.3 ? [limited] : [],
    };
  });
}
