import { briefOfFamily } from '../../brief/brief.js';
import type { Family } from '../../brief/family.js';
import type { Eater } from '../../household/eater.js';
import type { Need } from '../../household/need/need.js';
import { potOf } from '../../larder/pot-of.js';
import type { Process } from '../../recipe/recipe.js';
import type { BalanceOutcome } from './balance.js';
import { balancePot } from './balance-pot.js';
import type { BalanceOptions, BalanceRequest } from './balance-request.js';

/** Cooked and blended as a sauce is. */
export const asSauce: Partial<Process> = {
  maxTemperatureC: 92,
  holdMin: 5,
  blenderPower: 0.6,
  blendSeconds: 60,
  blendedAfterCooking: false,
};

/** What nobody blends hard. */
const softFirst: readonly string[] = ['sunflower-seed', 'cashew', 'pumpkin-seed'];
/** A kitchen that keeps nothing beside the pot, so that nothing helps out. */
export const nothingElse: Pick<BalanceRequest, 'inHouse'> = { inHouse: new Set() };

/** A request for a test: lines, family, and what differs. */
export function requestOf(
  lines: readonly (readonly [id: string, grams: number])[],
  family: Family,
  more: Partial<BalanceRequest> = {},
): BalanceRequest {
  return {
    recipe: potOf(
      lines.map(([id, g]) => [id, g, softFirst.includes(id) ? { preparation: 'soaked' } : {}] as const),
      asSauce,
      { atC: 62 },
    ),
    family,
    portions: 4,
    brief: briefOfFamily(family),
    ...more,
  };
}

export const eaterWith = (name: string, ...needs: readonly Need[]): Eater => ({
  id: name,
  name,
  eatsTonight: true,
  needs,
});

/** Balances to the end, measured in grams. */
export const balanced = (
  { recipe, family, ...request }: BalanceRequest,
  options: Partial<BalanceOptions> = {},
): BalanceOutcome => balancePot(recipe, family, { ...request, ...options });

/** The same with few lines: enough for what does not depend on how many there are; `npm run bench` takes the large ones. */
export const smallSauce = [
  ['sunflower-seed', 90],
  ['water', 380],
  ['rice-flour', 14],
  ['lemon-juice', 14],
  ['nutritional-yeast', 12],
  ['salt', 5],
] as const;

/** A seed and bean sauce with room in every direction. */
export const seedSauce = [
  ['sunflower-seed', 90],
  ['white-bean-boiled', 80],
  ['carrot', 60],
  ['water', 380],
  ['rice-flour', 12],
  ['rapeseed-oil', 15],
  ['lemon-juice', 14],
  ['nutritional-yeast', 12],
  ['salt', 5],
  ['garlic-powder', 1.5],
  ['turmeric', 0.4],
] as const;
