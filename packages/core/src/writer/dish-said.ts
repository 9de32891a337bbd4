import type { Cover } from '../dish/oven.js';
import { type KnownToDish, readDish } from '../dish/read-dish.js';
import type { NamedVessel, WrittenDish } from '../dish/written-dish.js';
import type { DoneToDish } from '../evening/tasks-of-formula.js';
import { weightSaid } from './amount-said.js';
import { listSaid } from './list-said.js';
import { shortName } from './thing-said.js';
import type { TaskSaid, Telling } from './task-said.js';
import { timeSaid } from './time-said.js';

const coverWords: Readonly<Record<Cover, string>> = {
  open: 'uncovered',
  parchment: 'under paper',
  lid: 'under a lid',
  foil: 'under foil',
};

/** What a part is called in the flow of a sentence. */
export function partSaid(
  { name, formula, version, ingredient }: WrittenDish['parts'][number],
  { larder, formulaOf }: KnownToDish,
): string {
  if (name !== undefined) return name;
  if (formula === undefined) return shortName(larder(ingredient ?? ''));
  const sauce = formulaOf(formula)?.name ?? 'a sauce that is put away';
  return version === undefined ? sauce : `${sauce}, ${version}`;
}

const vesselSaid = (vessel: NamedVessel | undefined): string =>
  vessel?.name === undefined ? 'the dish' : `the ${vessel.name}`;

/** "Lay from the bottom up: 273 g Tomato lentils, 80 g rice sheets". */
function layersSaid(dish: WrittenDish, known: KnownToDish): string {
  const { report, laid } = readDish(dish, known);
  const layers = laid.map(({ component }, i) => {
    const part = dish.parts.find(({ id }) => id === component);
    const grams = report?.layers[i]?.grams;
    return `${grams === undefined ? '' : `${weightSaid(grams)} `}${part ? partSaid(part, known) : component}`;
  });
  return layers.length === 1
    ? `Put ${layers[0]} into ${vesselSaid(dish.vessel)}.`
    : `Lay from the bottom up in ${vesselSaid(dish.vessel)}: ${layers.join(', then ')}.`;
}

/** What is done to a whole dish. */
export function toDishSaid(
  done: DoneToDish,
  dish: WrittenDish | undefined,
  { known }: Pick<Telling, 'known'>,
): Omit<TaskSaid, 'id' | 'group'> {
  switch (done.kind) {
    case 'layer':
      return {
        sentence: dish ? layersSaid(dish, known) : 'Lay the layers.',
        lookFor: 'Every layer reaches the rim, and the top is covered whole.',
        cautions: [],
      };
    case 'boil':
      return {
        sentence: `Boil in one pot of water: ${listSaid(
          done.pieces.map(({ name, goesInAt }) => {
            const what = (name.split(',')[0] ?? name).toLowerCase();
            return goesInAt < 0.5 ? `${what} first` : `${what} after ${timeSaid(goesInAt)}`;
          }),
        )}, until all are soft; then drain.`,
        lookFor: 'A knife slides in and out of each without holding.',
        cautions: [],
      };
    case 'preheat':
      return { sentence: `Heat the oven to ${Math.round(done.ovenC)} °C.`, cautions: [] };
    case 'bake':
      return {
        sentence: `Bake it ${coverWords[done.stage.cover]} at ${Math.round(done.stage.temperatureC)} °C${done.stage.fan ? ' with the fan' : ''} for ${timeSaid(done.stage.minutes)}.`,
        lookFor:
          done.stage.cover === 'open'
            ? 'It bubbles at the rim, the top browns, and a knife in the middle comes out hot.'
            : 'It bubbles at the rim.',
        cautions: [],
      };
    case 'rest':
      return {
        sentence: `Let it rest for ${timeSaid(done.minutes)} before it is cut.`,
        lookFor: 'It no longer runs when the dish is tilted.',
        cautions: [],
      };
  }
}
