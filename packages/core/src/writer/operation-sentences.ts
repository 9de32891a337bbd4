import { choiceFields } from '../recipe/method/operation-field.js';
import { kindOf, type OperationKindId } from '../recipe/method/operation-kinds.js';
import { amountOf, choiceOf, figureOf, minutesOf, type Operation } from '../recipe/method/operation.js';
import { weightSaid } from './amount-said.js';
import { listSaid, sentenceBegins } from './list-said.js';
import { FRIDGE_C } from './look-for.js';
import type { MomentSaid } from './moment-said.js';
import { asItGoesIn, type ThingSaid, withAmount } from './thing-said.js';
import { secondsSaid, timeSaid, timesSaid } from './time-said.js';

const degrees = (operation: Operation, name: 'temperatureC' | 'ovenC'): string =>
  `${Math.round(amountOf(operation, name))} °C`;

/** "10 h"; "15 to 20 min". */
const time = (operation: Operation): string => {
  const minutes = minutesOf(operation);
  return minutes ? timesSaid(minutes.least, minutes.most) : 'as long as it needs';
};

/** The thing before the pot, with its amount; "it" where none is known. */
const one = ({ alone }: MomentSaid): string => (alone ? withAmount(alone) : 'it');

const toolWords: Readonly<Record<keyof (typeof choiceFields)['tool']['choices'], string>> = {
  'strong-jug': 'in a strong jug blender',
  jug: 'in the jug blender',
  'small-cup': 'in the small blender cup',
  stick: 'with the stick blender',
  processor: 'in the food processor',
  whisk: 'with a whisk',
};
/** 0..1 of a bare power from which it is what that tool does. @source `tool.params`: the middle between two tools */
const POWERS = [
  [0.82, 'strong-jug'],
  [0.47, 'jug'],
  [0.2, 'stick'],
  [0, 'whisk'],
] as const;

const toolOfBlade = (operation: Operation) =>
  operation.power === undefined
    ? (choiceOf(operation, 'tool') ?? 'jug')
    : (POWERS.find(([from]) => (operation.power ?? 0) >= from)?.[1] ?? 'whisk');

const JARS: ReadonlySet<string> = new Set(['strong-jug', 'jug', 'small-cup', 'processor']);
const isBlade = ({ kind }: Operation): boolean => kind === 'blend' || kind === 'pulse';
/** Blended in a jar of its own. */
export const inJar = (operation: Operation | undefined): boolean =>
  operation !== undefined && isBlade(operation) && JARS.has(toolOfBlade(operation));

/** What the first things are put into. */
function vessel({ next }: MomentSaid): string {
  if (inJar(next))
    return next && toolOfBlade(next) === 'processor' ? 'the food processor' : 'the jar of the blender';
  if (
    next &&
    (next.kind === 'cool' ||
      next.kind === 'chill' ||
      next.kind === 'stand' ||
      next.kind === 'settle' ||
      next.kind === 'strain')
  )
    return 'a bowl';
  if (next?.kind === 'bake') return 'the dish';
  return next ? 'a pot' : 'a bowl';
}

const SLURRY: ReadonlySet<ThingSaid['stage']> = new Set(['slurry']);
const isLate = ({ role, stage }: ThingSaid): boolean => role === 'sour' || stage === 'end';

/** What goes in, and how: what thickens hot goes in stirred with cold water, what is sour off the heat. */
function goesIn(moment: MomentSaid, things: readonly ThingSaid[]): string {
  const { inside, hot, next } = moment;
  if (things.length === 0) return 'Go on with what is in the pot.';
  const slurry = hot ? things.filter(({ stage }) => SLURRY.has(stage)) : [],
    rest = things.filter((thing) => !slurry.includes(thing));
  const named = listSaid(rest.map(asItGoesIn));
  const verb =
    inside.length === 0
      ? `Put ${named} into ${vessel(moment)}`
      : hot && rest.every(isLate) && !(next && kindOf(next.kind).heats)
        ? `Take it off the heat and stir in ${named}`
        : `${hot || (next && !isBlade(next)) ? 'Stir in' : 'Add'} ${named}`;
  return [
    rest.length > 0 ? `${verb}.` : '',
    slurry.length > 0
      ? `Stir ${listSaid(slurry.map(asItGoesIn))} smooth with a few spoons of cold water and pour it in, stirring.`
      : '',
  ]
    .filter(Boolean)
    .join(' ');
}

/** °C/min up to which a pot is heated slowly. @source usual rate of `heat` */
const SLOWLY = 6;

function heatSaid(moment: MomentSaid): string {
  const { operation, hot, warmMin, inJar: jar } = moment;
  const to = amountOf(operation, 'temperatureC'),
    loss = figureOf(operation, 'lossG') ?? 0,
    held = minutesOf(operation);
  const slowly = (figureOf(operation, 'rateCPerMin') ?? 0) <= SLOWLY;
  const warm = warmMin >= 1 ? `, about ${timeSaid(warmMin)}` : '';
  const stay = held && held.most > 0 ? `, and keep it there for ${time(operation)}` : '';
  const gone = loss > 0 ? `, uncovered, until about ${weightSaid(loss)} of water has gone` : '';
  const verb = `${hot ? 'bring it' : `heat it${slowly ? ' slowly' : ''}, stirring,`}`;
  return `${sentenceBegins(jar ? `pour it into a pot and ${verb}` : verb)} to ${Math.round(to)} °C${warm}${stay}${gone}.`;
}

const vigourWords = {
  bare: 'at a bare simmer',
  simmer: 'at a simmer',
  brisk: 'at a brisk simmer',
  rolling: 'at a rolling boil',
} as const;
const lidWords = {
  open: 'uncovered',
  guard: 'under a spatter guard',
  ajar: 'with the lid ajar',
  on: 'under its lid',
} as const;
const flameWords = { low: 'low', gentle: 'low to medium', medium: 'medium', high: 'high' } as const;
const rinseWords = {
  drained: 'then let it drain',
  rinsed: 'then rinse it',
  squeezed: 'then squeeze it out',
} as const;
const strainWords = {
  squeezed: 'through a cloth, and squeeze out what you can',
  dripped: 'through a cloth, and let it drip',
  sieve: 'through a fine sieve',
} as const;

function bladeSaid(moment: MomentSaid): string {
  const { operation, loads, inside } = moment;
  const what = inside.length === 0 ? 'it' : 'everything';
  const jar = inJar(operation) ? '' : ' in its pot';
  const verb = operation.kind === 'pulse' ? 'Pulse' : 'Blend';
  const load = loads > 1 ? `, in ${loads} loads of about the same size` : '';
  return `${verb} ${what}${jar} ${toolWords[toolOfBlade(operation)]} for ${secondsSaid(figureOf(operation, 'seconds') ?? 0)}${load}.`;
}

/** mm below which pieces are chopped, not cut. */
const CHOPPED_MM = 4;
const pieces = (operation: Operation): string => {
  const mm = amountOf(operation, 'sizeMm');
  if (!(mm > 0)) return '';
  return mm >= 10
    ? `pieces of about ${Number((mm / 10).toFixed(1))} cm`
    : `pieces of about ${Number(mm.toFixed(1))} mm`;
};

/** g of salt that are strewn on a thing; undefined where its weight is not known. */
const saltOn = ({ operation, alone }: MomentSaid): string =>
  alone?.grams === undefined
    ? 'salt'
    : `${weightSaid((alone.grams * amountOf(operation, 'saltPct')) / 100)} of salt`;

/** What is said of each kind of operation: a whole sentence with its things, amounts and times. */
export const operationSentences: Readonly<Record<OperationKindId, (moment: MomentSaid) => string>> = {
  'put-in': (moment) => goesIn(moment, moment.things),
  'stir-in': ({ things }) => `Stir in ${listSaid(things.map(asItGoesIn))}, and leave the pieces whole.`,
  soak: (moment) => {
    const { operation } = moment;
    const boiling = choiceOf(operation, 'pour') === 'boiling';
    const where = !boiling && amountOf(operation, 'temperatureC') <= FRIDGE_C ? ' in the fridge' : '';
    const then =
      choiceOf(operation, 'water') === 'kept'
        ? '; keep the water, it goes into the pot'
        : ', then drain and rinse';
    return `Soak ${one(moment)} in plenty of ${boiling ? 'boiling' : 'cold'} water${where} for ${time(operation)}${then}.`;
  },
  'boil-soft': (moment) => {
    const { operation } = moment;
    const kept = choiceOf(operation, 'water') === 'kept' ? moment.potWater : undefined;
    return kept
      ? `Boil ${one(moment)} until soft, ${time(operation)}, in part of the water that goes into the pot, and keep that water.`
      : `Boil ${one(moment)} in water until soft, ${time(operation)}, then drain.`;
  },
  roast: (moment) =>
    `Roast ${one(moment)} in ${pieces(moment.operation)} at ${degrees(moment.operation, 'ovenC')} for ${time(moment.operation)}.`,
  fry: (moment) => {
    const { operation } = moment;
    return `Fry ${one(moment)}, in ${pieces(operation)}, in a pan of ${amountOf(operation, 'panCm')} cm on ${flameWords[choiceOf(operation, 'flame') ?? 'gentle']} heat, ${lidWords[choiceOf(operation, 'lid') ?? 'open']}, for ${time(operation)}.`;
  },
  cut: (moment) =>
    `${amountOf(moment.operation, 'sizeMm') < CHOPPED_MM ? 'Chop or grate' : 'Cut'} ${one(moment)} into ${pieces(moment.operation)}.`,
  trim: (moment) => `Peel, seed and trim ${one(moment)}.`,
  pluck: (moment) => `Pluck the leaves of ${one(moment)}.`,
  juice: (moment) => `Press the juice of ${one(moment)}.`,
  drain: (moment) =>
    `Drain ${one(moment)}${choiceOf(moment.operation, 'rinse') === 'rinsed' ? ' and rinse it' : choiceOf(moment.operation, 'rinse') === 'squeezed' ? ' and squeeze it out' : ''}.`,
  press: (moment) =>
    `Press ${one(moment)} under a weight for ${time(moment.operation)}, and pour off the water that comes.`,
  salt: (moment) =>
    `Strew ${saltOn(moment)} on ${one(moment)} and let it weep for ${time(moment.operation)}, ${rinseWords[choiceOf(moment.operation, 'rinse') ?? 'drained']}.`,
  swell: (moment) => `Stir ${one(moment)} into water and let it swell for ${time(moment.operation)}.`,
  stand: ({ operation }) => `Let it stand for ${time(operation)}.`,
  settle: ({ operation }) =>
    `Let it settle undisturbed for ${time(operation)}, then ${choiceOf(operation, 'keep') === 'top' ? 'pour off and keep what stands over it' : 'pour off what stands over it and keep what has settled'}.`,
  strain: ({ operation }) => `Strain it ${strainWords[choiceOf(operation, 'through') ?? 'squeezed']}.`,
  blend: bladeSaid,
  pulse: bladeSaid,
  heat: heatSaid,
  'boil-down': ({ operation, inJar: jar }) => {
    const verb = jar ? 'Pour it into a pan and let it boil down' : 'Let it boil down';
    const how = `${vigourWords[choiceOf(operation, 'vigour') ?? 'simmer']}, ${lidWords[choiceOf(operation, 'lid') ?? 'open']}, in a pan of ${Math.round(amountOf(operation, 'panCm'))} cm`;
    return operation.toG === undefined
      ? `${verb} ${how}, for ${time(operation)}.`
      : `${verb} ${how}, until ${weightSaid(operation.toG)} are left.`;
  },
  cool: ({ operation }) =>
    `Let it cool to ${degrees(operation, 'temperatureC')}, about ${time(operation)}, stirring now and then.`,
  chill: ({ operation }) => `Cover it and chill it in the fridge for ${time(operation)}.`,
  bake: ({ operation }) =>
    `Spread it ${Math.round(amountOf(operation, 'layerMm'))} mm thick and bake it at ${degrees(operation, 'ovenC')} for ${time(operation)}, ${lidWords[choiceOf(operation, 'lid') ?? 'open']}.`,
  hold: ({ operation }) => {
    const noodles = figureOf(operation, 'noodlesG') ?? 0;
    return `Keep it warm ${lidWords[choiceOf(operation, 'lid') ?? 'open']} on the lowest heat for ${time(operation)}${noodles > 0 ? `, with ${weightSaid(noodles)} of noodles (weighed dry) in it` : ''}, and stir now and then.`;
  },
  rest: ({ operation }) => `Let it rest for ${time(operation)}.`,
};
