import { AIMED_AT, moistureEdges } from './moisture.params.js';
import { bakedWater, type Stack } from './moisture.js';
import { type MoistureWord, moistureWord } from './moisture-verdict.js';
import { type Remedy, remediesWhenDry, remediesWhenWet, type RemedyKind } from './remedies.js';

/** One thing that can be done about a dish that is too wet or too dry, and what becomes of it. */
export interface MoistureAdvice {
  readonly kind: RemedyKind;
  /** The component it is done to, where it is done to one. */
  readonly component: string | undefined;
  /** min, or g of sauce or water. */
  readonly amount: number;
  readonly unit: 'min' | 'g';
  readonly perLayer: number;
  readonly word: MoistureWord;
}

const perLayerOf = (stack: Stack): number => {
  const { feltG, wetLayers } = bakedWater(stack);
  return feltG / (stack.areaDm2 * wetLayers);
};

const HALVINGS = 14;

/** How much of a remedy brings the dish to what is aimed at; all of it where that does not reach; undefined where it does not help. */
function solved(remedy: Remedy, now: number): MoistureAdvice | undefined {
  const { kind, component, unit, most: all, at } = remedy;
  const far = perLayerOf(at(all));
  const towards = (value: number) => Math.abs(Math.log((value + 0.5) / (AIMED_AT + 0.5)));
  const crosses = (now - AIMED_AT) * (far - AIMED_AT) <= 0;
  let low = 0,
    high = all;
  if (crosses)
    for (let k = 0; k < HALVINGS; k++) {
      const mid = (low + high) / 2;
      if ((perLayerOf(at(mid)) - AIMED_AT) * (now - AIMED_AT) > 0) low = mid;
      else high = mid;
    }
  const amount = unit === 'min' ? Math.max(1, Math.round(high)) : Math.max(5, Math.round(high / 5) * 5);
  const perLayer = perLayerOf(at(Math.min(amount, all)));
  if (!(towards(perLayer) < towards(now) - LEAST_HELP)) return undefined;
  return { kind, component, amount, unit, perLayer, word: moistureWord(perLayer) };
}
/** Log by which a dish must come nearer for something to be worth doing. @source assumed */
const LEAST_HELP = 0.1;

/**
 * What can be done about a dish that is soupy or dry, each alone: first what makes it set, then what only helps. A dish that is set or
 * soft is left alone.
 */
export function moistureAdvice(stack: Stack): readonly MoistureAdvice[] {
  const now = perLayerOf(stack);
  const word = moistureWord(now);
  if (word === 'just set' || (word === 'soft' && now < (moistureEdges.soft + moistureEdges.soupy) / 2))
    return [];
  const remedies = word === 'dry' ? remediesWhenDry(stack) : remediesWhenWet(stack);
  return remedies
    .flatMap((remedy) => solved(remedy, now) ?? [])
    .sort((a, b) => Number(b.word === 'just set') - Number(a.word === 'just set'));
}

/** Things that are done to the dish itself, and how many of them a cook would do at once. */
const toTheDish: ReadonlySet<RemedyKind> = new Set([
  'fry',
  'uncover',
  'cover',
  'bake-longer',
  'rest',
  'less-sauce',
]);
const AT_ONCE = 3;

interface Step {
  readonly advice: MoistureAdvice;
  readonly after: Stack;
}

/** The one thing that helps most now: what makes it set first. */
function bestStep(stack: Stack, done: readonly MoistureAdvice[]): Step | undefined {
  const now = perLayerOf(stack),
    word = moistureWord(now);
  const isDone = ({ kind, component }: Remedy) =>
    done.some((one) => one.kind === kind && one.component === component);
  const steps = (word === 'dry' ? remediesWhenDry(stack) : remediesWhenWet(stack))
    .filter((remedy) => toTheDish.has(remedy.kind) && !isDone(remedy))
    .flatMap((remedy): readonly Step[] => {
      const advice = solved(remedy, now);
      return advice ? [{ advice, after: remedy.at(Math.min(advice.amount, remedy.most)) }] : [];
    });
  const off = ({ advice }: Step) => Math.abs(Math.log((advice.perLayer + 0.5) / (AIMED_AT + 0.5)));
  return steps.find(({ advice }) => advice.word === 'just set') ?? steps.sort((a, b) => off(a) - off(b))[0];
}

/**
 * What to do together, one after the other, where no single thing makes it set: each on the dish as the ones before leave it. Empty where
 * one is enough, where nothing is wanted, or where three are not enough either.
 */
export function togetherAdvice(stack: Stack): readonly MoistureAdvice[] {
  if (moistureAdvice(stack).length === 0) return [];
  const done: MoistureAdvice[] = [];
  let now = stack;
  while (done.length < AT_ONCE) {
    const step = bestStep(now, done);
    if (!step) return [];
    done.push(step.advice);
    now = step.after;
    if (step.advice.word === 'just set') return done.length > 1 ? done : [];
  }
  return [];
}
