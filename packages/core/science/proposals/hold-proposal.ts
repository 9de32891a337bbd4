import { withTheRestAsItIs } from '../../src/brief/as-it-is.js';
import { onePressWish, onePressWishes } from '../../src/brief/one-press.js';
import type { Brief } from '../../src/brief/wish.js';
import type { Eater } from '../../src/household/eater.js';
import { whoCanEat } from '../../src/household/who-can-eat.js';
import { portionOfRecipe } from '../../src/household/portion/portion-of-recipe.js';
import { larderTable } from '../../src/larder/catalog/larder-table.js';
import { culinaryKindOf } from '../../src/larder/facts/culinary-kind.js';
import { potOf, type PotOfLine } from '../../src/larder/pot-of.js';
import { assess, type Assessed } from '../../src/property/assess.js';
import { coordinateOn, NOTICEABLE, railOf } from '../../src/property/rail.js';
import { wishesOf } from '../../src/brief/brief.js';
import { preparations } from '../../src/recipe/preparation.js';
import type { Process } from '../../src/recipe/recipe.js';
import { balance } from '../../src/propose/balance/balance.js';
import type { BalanceRequest } from '../../src/propose/balance/balance-request.js';
import { finish } from '../../src/numeric/finish.js';
import { arrivingOf } from '../../src/predict/assemble/weighed.js';
import { openToAll } from '../../src/propose/swap/school.js';
import { swap } from '../../src/propose/swap/swap.js';
import type { SwapAsk } from '../../src/propose/swap/swap-request.js';
import type { Cooking, EverydayRow } from './everyday.table.js';

const processes: Readonly<Record<Cooking, Partial<Process>>> = {
  simmered: {
    maxTemperatureC: 92,
    holdMin: 5,
    blenderPower: 0.7,
    blendSeconds: 70,
    blendedAfterCooking: false,
  },
  whisked: { maxTemperatureC: 95, holdMin: 5, blenderPower: 0, blendSeconds: 0 },
  cold: { maxTemperatureC: 20, holdMin: 0, blenderPower: 0.7, blendSeconds: 70 },
  baked: {
    maxTemperatureC: 92,
    holdMin: 15,
    blenderPower: 0.8,
    blendSeconds: 80,
    blendedAfterCooking: false,
  },
  melted: { maxTemperatureC: 45, holdMin: 2, blenderPower: 0.35, blendSeconds: 60 },
  set: { maxTemperatureC: 94, holdMin: 8, blenderPower: 0.6, blendSeconds: 60 },
};

/** What a cook would hold against a proposal; empty is none. */
export interface Held {
  readonly row: EverydayRow;
  /** What was offered, in a line. */
  readonly offered: string;
  readonly faults: readonly string[];
}

/** What a formula of the table is, ready to be asked of. */
export function requestOfRow({ lines, name, family, cooking, atC, asked }: EverydayRow): BalanceRequest {
  const recipe = potOf(
    lines.map(([id, g, how]): PotOfLine => {
      if (how === undefined) return [id, g];
      const preparation = preparations.find((one) => one === how);
      return [id, g, preparation ? { preparation } : { stage: how as 'slurry' }];
    }),
    processes[cooking],
    { atC },
  );
  const assessed = assess(recipe, 4);
  const wish = 'press' in asked ? onePressWish(asked.press, assessed) : undefined;
  const rail = 'press' in asked ? wishRail(asked.press, assessed) : undefined;
  const brief: Brief = withTheRestAsItIs(wish && rail ? { [rail]: wish } : {}, assessed);
  const eaters: readonly Eater[] =
    'person' in asked ? [{ id: 'guest', name: 'The guest', eatsTonight: true, needs: asked.person }] : [];
  return {
    recipe,
    family,
    name,
    portions: 4,
    brief,
    eaters,
    ...('house' in asked ? { inHouse: new Set(asked.house) } : {}),
  };
}

function wishRail(press: Extract<EverydayRow['asked'], { press: unknown }>['press'], assessed: Assessed) {
  return onePressWishes(assessed).find(({ id }) => id === press)?.rail;
}

/** Most that a kind of seasoning makes up of a batch before a cook laughs, g per g; a look of its own, apart from the solver’s limits. */
const laughable: readonly (readonly [kinds: readonly string[], most: number])[] = [
  [['salt'], 0.022],
  [['yeast'], 0.06],
  [['hot spice', 'warm spice', 'yellow or red colour', 'smoke'], 0.013],
  [['dried herb'], 0.013],
  [['garlic'], 0.06],
  [['vinegar', 'citrus juice'], 0.27],
  [['gum'], 0.012],
  [['swelling seed'], 0.06],
  [['gelling agent'], 0.03],
  [['cereal flour', 'cereal starch', 'root starch', 'pulse flour', 'glutinous rice flour'], 0.28],
  [['miso', 'soy sauce'], 0.09],
];

/** How much identity, and how much mass, may move; lines that may change; just noticeable differences a kept property may stray. */
const KEPT = 0.25,
  MASS = 0.04,
  MOST_CHANGED = 5,
  STRAY = 1.6;

interface Pot {
  readonly id: string;
  readonly from: number;
  readonly to: number;
  /** g that a g weighed comes to in the pot: what was drunk in a soak counts. */
  readonly arriving: number;
}

/** What holds for every proposal, whatever was asked. */
function heldOfPot(
  { identity, family }: EverydayRow,
  pot: readonly Pot[],
  gone: ReadonlySet<string>,
): string[] {
  const faults: string[] = [];
  const before = pot.reduce((all, { from, arriving }) => all + from * arriving, 0),
    after = pot.reduce((all, { to, arriving }) => all + to * arriving, 0);
  // What is left out makes the batch lighter by itself.
  const leftOut = gone.size > 0 && pot.every(({ from }) => from > 0);
  if (Math.abs(after / before - 1) > MASS && !leftOut)
    faults.push(`the batch weighs ${Math.round(after)} g, not ${Math.round(before)}`);
  for (const id of identity) {
    const line = pot.find((one) => one.id === id);
    if (!line || gone.has(id)) continue;
    const by = line.to / after / (line.from / before) - 1;
    // Where something wet stands in for something dry, or the other way round, the liquid makes up for it.
    if (larderTable.find((one) => one.id === id)?.role === 'liquid' && gone.size > 0) continue;
    if (Math.abs(by) > KEPT) faults.push(`${id} ${line.from} → ${line.to} g is another dish`);
  }
  for (const { id, from, to } of pot) {
    const ingredient = larderTable.find((one) => one.id === id);
    const kind = ingredient && culinaryKindOf(ingredient)?.kind;
    const most = laughable.find(([kinds]) => kind !== undefined && kinds.includes(kind))?.[1];
    if (most !== undefined && to > from * 1.01 && to / after > most) faults.push(`${to} g of ${id}`);
    if (ingredient?.role === 'liquid' && from > 0 && !gone.has(id) && to < from / 3 && family !== 'dip')
      faults.push(`only ${to} g of ${id} is left`);
  }
  return faults;
}

/** Noticeable differences by which the worst of a brief is missed. */
function worstMiss(brief: Brief, assessed: Assessed, which: 'asked' | 'kept'): { rail: string; by: number } {
  let worst = { rail: '', by: 0 };
  for (const { rail, wish } of wishesOf(brief)) {
    if ((wish.kept ? 'kept' : 'asked') !== which) continue;
    const { scale, value } = railOf(rail);
    const at = coordinateOn(scale, value(assessed).mid);
    const out =
      Math.max(coordinateOn(scale, wish.low) - at, at - coordinateOn(scale, wish.high)) / NOTICEABLE;
    if (out > worst.by) worst = { rail, by: out };
  }
  return worst;
}

const shown = (pot: readonly Pot[]): string =>
  pot
    .filter(({ from, to }) => Math.abs(to - from) > 0.01 * Math.max(from, 0.1))
    .map(({ id, from, to }) => `${id} ${from}→${Number(to.toFixed(1))}`)
    .join(', ') || 'nothing changes';

function holdBalance(row: EverydayRow, request: BalanceRequest): Held {
  const outcome = finish(balance(request, { units: row.lines.map(() => 'g'), rounding: 'grams' }));
  const { after, helper, changes } = outcome.proposal;
  const pot = after.recipe.lines.map((line, i): Pot => ({
    id: line.ingredient.id,
    from: request.recipe.lines[i]?.mass ?? 0,
    to: line.mass,
    arriving: arrivingOf(line),
  }));
  const faults = heldOfPot(row, pot, new Set());
  if ('nothing' in row.asked && changes.length > 0) faults.push('a good formula was not left alone');
  if (!('nothing' in row.asked) && outcome.kind !== 'balanced') faults.push(`the answer is ${outcome.kind}`);
  if (changes.length > MOST_CHANGED) faults.push(`${changes.length} lines change`);
  if (helper && row.never?.includes(helper.ingredient.id)) faults.push(`${helper.ingredient.id} is added`);
  for (const { id, from, to } of pot)
    if (row.neverLess?.includes(id) && to < from)
      faults.push(`${id} ${from} → ${to} g is the wrong way round`);
  const asked = worstMiss(request.brief, after, 'asked');
  if (asked.by > 0.1) faults.push(`${asked.rail} is missed by ${asked.by.toFixed(1)}`);
  for (const { name, needs } of request.eaters ?? [])
    if (
      whoCanEat(
        { id: '', name, eatsTonight: true, needs },
        portionOfRecipe({ recipe: after.recipe, prediction: after.prediction }, 4),
      ).verdict === 'does-not'
    )
      faults.push(`${name} cannot eat it`);
  return {
    row,
    offered: `${outcome.kind}: ${shown(pot)}${helper ? ` (helped by ${helper.ingredient.id})` : ''}`,
    faults,
  };
}

const askOf = ({ asked, lines }: EverydayRow): SwapAsk =>
  'without' in asked
    ? { kind: 'without', what: asked.without }
    : 'house' in asked
      ? { kind: 'in-house' }
      : 'line' in asked
        ? { kind: 'line', line: lines.findIndex(([id]) => id === asked.line) }
        : { kind: 'everybody' };

function holdSwap(row: EverydayRow, request: BalanceRequest): Held {
  const outcome = finish(
    swap({
      ...request,
      ask: askOf(row),
      larder: larderTable,
      schools: openToAll,
      measuring: { units: row.lines.map(() => 'g'), rounding: 'grams' },
    }),
  );
  if (outcome.kind !== 'options' || outcome.options.length === 0)
    return { row, offered: outcome.kind, faults: [`nothing is offered (${outcome.kind})`] };
  const faults: string[] = [];
  const kinds = new Set<string>(),
    arrived = new Set<string>();
  const words = outcome.options.map((option, i) => {
    const { lines, amounts, after, out, regard, alike } = option;
    const pot = [
      ...request.recipe.lines.map((was, origin): Pot => {
        const at = lines.findIndex((line) => line.origin === origin);
        const to = at < 0 ? 0 : (amounts[at]?.grams ?? 0);
        return { id: was.ingredient.id, from: was.mass, to, arriving: arrivingOf(was) };
      }),
      ...lines.flatMap((line, at): Pot[] =>
        line.origin === undefined
          ? [{ id: line.ingredient.id, from: 0, to: amounts[at]?.grams ?? 0, arriving: arrivingOf(line) }]
          : [],
      ),
    ];
    const gone = new Set(pot.filter(({ from, to }) => from > 0 && to === 0).map(({ id }) => id));
    const said = (fault: string) => faults.push(`option ${i + 1}: ${fault}`);
    heldOfPot(row, pot, gone).forEach(said);
    if (out.length === 0) said('what leaves is not named');
    const changed = pot.filter(({ from, to }) => Math.abs(to - from) > 0.01 * Math.max(from, 0.1));
    if (changed.length - 2 * gone.size > MOST_CHANGED) said(`${changed.length} lines change`);
    for (const one of [option, ...alike])
      for (const { origin, ingredient } of one.lines)
        if (origin === undefined) {
          arrived.add(ingredient.id);
          kinds.add(culinaryKindOf(ingredient)?.kind ?? ingredient.role);
          if (row.never?.includes(ingredient.id)) said(`${ingredient.id} is offered`);
        }
    if (i === 0 && option.in.length > 0) {
      const kept = worstMiss(request.brief, after, 'kept');
      if (kept.by > STRAY) said(`${kept.rail} strays by ${kept.by.toFixed(1)}`);
    }
    const clear = outcome.options.some((other) => other.regard === 'clear');
    if (i === 0 && clear && regard !== 'clear') said('it is asked about although another is not');
    return `[${option.rank.toFixed(1)} ${regard}] ${shown(pot)}${alike.length > 0 ? ` (or ${alike.flatMap((one) => one.in).join(', ')})` : ''}`;
  });
  if (row.offers && !row.offers.some((kind) => kinds.has(kind)))
    faults.push(`none of ${row.offers.join(', ')} is offered`);
  for (const id of row.needs ?? []) if (!arrived.has(id)) faults.push(`${id} is not offered`);
  return { row, offered: words.join('\n      '), faults };
}

/** What is offered for one everyday formula, and what a cook would hold against it. */
export function holdProposal(row: EverydayRow): Held {
  const request = requestOfRow(row);
  const solved = 'nothing' in row.asked || 'press' in row.asked || onlyLimits(row);
  return solved ? holdBalance(row, request) : holdSwap(row, request);
}

/** A person who is only limited in how much is balanced for; what somebody cannot have is swapped. */
const onlyLimits = ({ asked }: EverydayRow): boolean =>
  'person' in asked && asked.person.every(({ kind }) => kind === 'salt-limit');
