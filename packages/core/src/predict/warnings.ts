import { amountOf, choiceOf } from '../recipe/method/operation.js';
import { readyOperations } from './assemble/weighed.js';
import { courseOf } from './course/course.js';
import { jarLoads } from './course/jar-loads.js';
import { potAt } from './pot-at.js';
import { soakKeeps } from './ready/soak.js';
import { compiledIngredient } from './assemble/compiled-ingredient.js';
import { oldestIn } from '../recipe/made-before.js';
import type { Recipe, RecipeLine } from '../recipe/recipe.js';
import { absurdShares, growth, keptDays, largeLineG } from './warnings.params.js';

/** Something that can be computed but is hardly meant; the figures stand. */
export interface Warning {
  /** Path of the field to look at: "lines[2].amount", "process.blendSeconds". */
  readonly field: string;
  readonly message: string;
}

const said = (share: number): string => `${Math.round(100 * share)} %`;

function lineWarning(line: RecipeLine, share: number): string | undefined {
  const { name, shelf } = line.ingredient;
  const lower = name.toLowerCase(),
    c = compiledIngredient(line.ingredient);
  if (c.salt * share > absurdShares.salt)
    return `${said(share)} ${lower} makes it ${said(c.salt * share)} salt; a savory sauce holds about 1 %. Check the amount and the unit.`;
  if (shelf === 'herbs and spices' && share > absurdShares.seasoning)
    return `${said(share)} of the batch is ${lower}. Check the amount and the unit.`;
  if (shelf === 'gums' && share > absurdShares.gum)
    return `${said(share)} of the batch is ${lower}; a sauce takes less than 2 %. Check the amount and the unit.`;
  if (line.ingredient.behaviour.particles === 'yeast' && share > absurdShares.yeast)
    return `${said(share)} of the batch is ${lower}. Check the amount and the unit.`;
  const acid = ['citric', 'acetic', 'lactic', 'malic'].reduce(
    (all, key) =>
      all + ((line.ingredient.per100 as Readonly<Record<string, number | undefined>>)[key] ?? 0) / 100,
    0,
  );
  if (acid * share > absurdShares.strongAcid)
    return `${said(share)} ${lower} makes it sourer than vinegar. Check the amount and the unit.`;
  if (line.mass > largeLineG)
    return `${Math.round(line.mass / 1000)} kg of ${lower} is more than a household cooks at once.`;
  return undefined;
}

/** A soak that goes too far: slimy or souring in the cold, growth in the warm. */
function soakWarning(line: RecipeLine): string | undefined {
  const soaking = line.ingredient.handling?.soaking,
    name = line.ingredient.name.toLowerCase();
  if (!soaking) return undefined;
  for (const operation of readyOperations(line)) {
    if (operation.kind !== 'soak' || choiceOf(operation, 'pour') === 'boiling') continue;
    const hours = amountOf(operation, 'minutes') / 60,
      tC = amountOf(operation, 'temperatureC'),
      keeps = soakKeeps(soaking, tC);
    if (tC > growth.from && tC < growth.to && hours > growth.hours)
      return `${Math.round(hours)} hours in water of ${tC} °C let germs grow in the ${name}: soak it cold in the fridge, or under boiling water for less than two hours.`;
    if (hours > keeps)
      return `After about ${Math.round(keeps)} hours at ${tC} °C the ${name} turns slimy or begins to sour: look for bubbles and a yeasty smell. Soak it shorter, or colder.`;
  }
  return undefined;
}

/** Something made before that is old already when it goes in. */
function ageWarning(line: RecipeLine, { serving }: Recipe): string | undefined {
  const age = oldestIn([line]),
    more = serving.storage === 'cool' ? 0 : serving.days;
  if (age === 0 || age + more <= keptDays) return undefined;
  return `${line.ingredient.name} is ${age} days old when it goes in${more > 0 ? `, and stands ${more} more` : ''}: what is cooked is kept three to four days in the fridge at most, counted from its first day. Local rules come first.`;
}

function processWarnings(recipe: Recipe): readonly Warning[] {
  const { serving, lines } = recipe,
    { process } = courseOf(recipe);
  const warnings: Warning[] = [];
  const warn = (field: string, message: string) => warnings.push({ field: `process.${field}`, message });
  const water = lines.reduce((all, line) => all + compiledIngredient(line.ingredient).water * line.mass, 0);
  if (process.evaporatedG > water)
    warn(
      'evaporatedG',
      `${Math.round(process.evaporatedG)} g is to boil off, but there are only ${Math.round(water)} g of water. The pot would burn.`,
    );
  if (process.evaporatedG > 0 && process.maxTemperatureC < 60 && process.bakeMin === 0)
    warn(
      'evaporatedG',
      `Hardly any water leaves a pot at ${process.maxTemperatureC} °C. Check the temperature or the water boiled off.`,
    );
  if (process.blendSeconds > 0 && process.blenderPower === 0)
    warn('blenderPower', 'A blending time is given, but no blender: it counts as not blended.');
  if (process.blenderPower > 0 && process.blendSeconds === 0)
    warn('blendSeconds', 'A blender is given, but no time: it counts as not blended.');
  if (process.holdMin > 0 && process.maxTemperatureC <= 30)
    warn('holdMin', `Held for ${process.holdMin} minutes at ${process.maxTemperatureC} °C, nothing cooks.`);
  if (process.noodlesG > 0 && process.keepWarmMin === 0)
    warn('noodlesG', 'Noodles drink while they wait: say how many minutes it is kept warm.');
  if (serving.storage === 'cool' && serving.days > 0)
    warnings.push({
      field: 'serve.days',
      message: 'Days in the fridge are given for a sauce served fresh; they are left out.',
    });
  if (serving.storage === 'fridge' && serving.temperatureC > 25)
    warnings.push({
      field: 'serve.temperatureC',
      message: `From the fridge, yet ${serving.temperatureC} °C: say “reheated”, or a colder temperature.`,
    });
  if (
    serving.storage === 'cool' &&
    serving.temperatureC > Math.max(process.maxTemperatureC, 30) + 5 &&
    process.bakeMin === 0
  )
    warnings.push({
      field: 'serve.temperatureC',
      message: `Served at ${serving.temperatureC} °C, but never heated above ${process.maxTemperatureC} °C.`,
    });
  return warnings;
}

/** Jars that do not hold what is to be blended. */
function jarWarnings(recipe: Recipe): readonly Warning[] {
  const course = courseOf(recipe);
  if (course.blades.length === 0) return [];
  const said = jarLoads(course, potAt(recipe).mix).filter(({ loads }) => loads > 1);
  return said.map(({ at, volumeMl, loadMl, loads, hot }) => ({
    field: recipe.method ? `method[${at}]` : 'process.blendSeconds',
    message: `About ${volumesSaid(volumeMl, loadMl)[0]} are to be blended, and one load of this jar is at most ${volumesSaid(volumeMl, loadMl)[1]}${hot ? ', hot and with a vent' : ''}: blend it in ${loads} loads${hot ? ', or let it cool first' : ''}.`,
  }));
}
/** Two volumes in litres, or in mL where litres would make them look the same. */
function volumesSaid(a: number, b: number): readonly [string, string] {
  const litres = (ml: number): string => `${(ml / 1000).toFixed(1)} L`;
  if (litres(a) !== litres(b) && Math.min(a, b) >= 1000) return [litres(a), litres(b)];
  const ml = (v: number): string => `${Math.round(v / 10) * 10} mL`;
  return ml(a) === ml(b) ? [`a little over ${ml(b)}`, ml(b)] : [ml(a), ml(b)];
}

/** What is hardly meant about a recipe: absurd shares and process facts that contradict each other. */
export function warningsOf(recipe: Recipe): readonly Warning[] {
  const mass = recipe.lines.reduce((all, line) => all + line.mass, 0);
  const lines = recipe.lines.flatMap((line, i): readonly Warning[] => {
    const message = mass > 0 && recipe.lines.length > 1 ? lineWarning(line, line.mass / mass) : undefined;
    return message === undefined ? [] : [{ field: `lines[${i}].amount`, message }];
  });
  const soaks = recipe.lines.flatMap((line, i): readonly Warning[] => {
    const message = soakWarning(line);
    return message === undefined ? [] : [{ field: `lines[${i}].ready`, message }];
  });
  const ages = recipe.lines.flatMap((line, i): readonly Warning[] => {
    const message = ageWarning(line, recipe);
    return message === undefined ? [] : [{ field: `lines[${i}].ingredient`, message }];
  });
  return [...lines, ...soaks, ...ages, ...jarWarnings(recipe), ...processWarnings(recipe)];
}
