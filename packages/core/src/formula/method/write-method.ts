import type { Ingredient } from '../../ingredient/ingredient.js';
import { starchTotal } from '../../ingredient/composition.js';
import { soluteRows } from '../../predict/thickener/gum.params.js';
import { gumIds } from '../../ingredient/substance.js';
import type { Method, Operation } from '../../recipe/method/operation.js';
import type { Formula, Line } from '../formula.js';
import type { LarderLookup } from '../recipe-of-formula.js';
import { cookThrough, familyWays, writing as w } from './write-method.params.js';

/** A line with what it is. */
interface Known {
  readonly line: Line;
  readonly ingredient: Ingredient;
}

/** A method as the app proposes it, with what is done to single lines before the pot. */
export interface WrittenMethod {
  readonly method: Method;
  readonly ready: ReadonlyMap<string, Method>;
}

const isPiece = ({ ingredient: { behaviour } }: Known): boolean => behaviour.particleSizeUm >= w.piece;
const isHerb = (known: Known): boolean => known.ingredient.shelf === 'herbs and spices' && isPiece(known);
/** Pickles and leaves that are eaten as they are. */
const staysWhole = (known: Known): boolean =>
  isHerb(known) || ((known.ingredient.id === 'capers' || known.ingredient.id === 'olives') && isPiece(known));
const isSour = ({ line, ingredient }: Known): boolean =>
  line.role === 'sour' || line.stage === 'end' || ingredient.shelf === 'acids and brines';
const isWine = ({ ingredient }: Known): boolean => (ingredient.per100.alcohol ?? 0) >= w.alcohol;

/** Raw starch, flour or a gum that does nothing cold. */
function mustCook({ ingredient: { per100, behaviour } }: Known): boolean {
  const raw = starchTotal(per100) * (1 - behaviour.pregelatinized) - (per100.starch?.nut ?? 0);
  const sleeping = gumIds.some(
    (id, i) => (per100.gums?.[id] ?? 0) > w.sleepingGum && soluteRows[i]?.needsHeat !== undefined,
  );
  return sleeping || (raw >= w.starch && behaviour.particleSizeUm < w.piece);
}

/** What is done to a line alone; undefined where its preparation already says so. */
function readyFor({ line, ingredient }: Known): Method | undefined {
  if (line.ready !== undefined || line.preparation !== 'as-is') return undefined;
  const { shelf, behaviour, handling } = ingredient;
  if (behaviour.particleSizeUm < w.piece) return undefined;
  if ((shelf === 'nuts' || shelf === 'seeds') && handling?.soaking && behaviour.soakSoftening < 1)
    return [{ kind: 'soak' }];
  if ((shelf === 'pulses' || shelf === 'soya' || shelf === 'grains') && handling?.boiling)
    return handling.boiling.apart && handling.soaking
      ? [{ kind: 'soak' }, { kind: 'boil-soft', water: 'drained' }]
      : [{ kind: 'boil-soft', water: 'kept' }];
  if (shelf === 'vegetables' && behaviour.hardness >= w.firm) return [{ kind: 'boil-soft', water: 'kept' }];
  return undefined;
}

const ids = (lines: readonly Known[]): readonly string[] => lines.map(({ line }) => line.id);
const putIn = (lines: readonly Known[]): Method =>
  lines.length > 0 ? [{ kind: 'put-in', lines: ids(lines) }] : [];

/** Blending: what has pieces to become smooth, or oil to be taken up. */
function blending(lines: readonly Known[], seconds: number, way: Formula['family']): Method {
  const rough = lines.some((known) => isPiece(known) && !staysWhole(known));
  const oil =
    lines.some(({ line }) => line.role === 'fat') && !lines.some(({ line }) => line.stage === 'roux');
  if (!rough && !oil) return [];
  if (way === 'crumbly-curd') return [{ kind: 'pulse', seconds, tool: 'processor' }];
  return [
    {
      kind: 'blend',
      seconds: rough ? seconds : Math.min(seconds, w.emulsifySeconds),
      tool: rough ? 'jug' : 'stick',
    },
  ];
}

/** Flour cooked in fat, then the rest: from a paste to a simmer. */
function rouxMethod(lines: readonly Known[], heat: Operation, blend: Method): Method {
  const paste = lines.filter(({ line }) => line.stage === 'roux' || line.role === 'fat');
  const rest = lines.filter((known) => !paste.includes(known));
  return [
    ...putIn(paste),
    { kind: 'heat', temperatureC: w.pasteC, minutes: w.pasteMinutes, rateCPerMin: w.pasteRateCPerMin },
    ...putIn(rest),
    ...blend,
    heat,
  ];
}

/** The part of the method up to the last heat. */
function cooking(lines: readonly Known[], { family }: Pick<Formula, 'family'>): Method {
  const way = familyWays[family];
  const figures = way.heat ?? (lines.some(mustCook) ? cookThrough : undefined);
  const heat: Operation | undefined = figures && { kind: 'heat', ...figures };
  const blend = blending(lines, way.blendSeconds, family);
  if (family === 'butter-with-fat') {
    const melts = lines.filter(({ line }) => line.role === 'fat'),
      rest = lines.filter((known) => !melts.includes(known));
    return [
      ...putIn(melts),
      ...(heat ? [heat] : []),
      { kind: 'cool', temperatureC: w.emulsifyC, minutes: w.emulsifyMinutes },
      ...putIn(rest),
      { kind: 'blend', seconds: way.blendSeconds, tool: 'stick' },
    ];
  }
  if (heat && lines.some(({ line }) => line.stage === 'roux')) return rouxMethod(lines, heat, blend);
  return [...putIn(lines), ...blend, ...(heat ? [heat] : [])];
}

/**
 * The method that a cook would follow, from the family and the lines: what is hard is soaked or boiled soft, wine is simmered first,
 * starch goes in cold, sour things go in after the heat, leaves stay in pieces.
 */
export function writeMethod(
  formula: Pick<Formula, 'lines' | 'family' | 'serve'>,
  larder: LarderLookup,
): WrittenMethod {
  const known = formula.lines.flatMap((line): Known[] => {
    const ingredient = larder(line.ingredient);
    return ingredient ? [{ line, ingredient }] : [];
  });
  const way = familyWays[formula.family];
  const whole = known.filter(staysWhole),
    rest = known.filter((one) => !staysWhole(one));
  const heats = way.heat !== undefined || rest.some(mustCook);
  const late =
    heats && formula.family !== 'butter-with-fat' ? rest.filter((one) => isSour(one) && !isWine(one)) : [];
  const wine = heats ? rest.filter(isWine) : [];
  const base = rest.filter((one) => !late.includes(one) && !wine.includes(one));
  const method: Method = [
    ...(wine.length > 0
      ? [
          ...putIn(wine),
          { kind: 'boil-down', minutes: w.wineMinutes, panCm: w.panCm, vigour: 'simmer' } as const,
        ]
      : []),
    ...cooking(base, formula),
    ...putIn(late),
    ...(whole.length > 0 ? [{ kind: 'stir-in', lines: ids(whole) } as const] : []),
    ...(way.bake ? [{ kind: 'bake', ...way.bake } as const] : []),
    ...(way.chillMinutes !== undefined && formula.serve.storage !== 'cool'
      ? [{ kind: 'chill', minutes: way.chillMinutes } as const]
      : []),
  ];
  return {
    method,
    ready: new Map(
      known.flatMap((one): [string, Method][] => {
        const ready = readyFor(one);
        return ready ? [[one.line.id, ready]] : [];
      }),
    ),
  };
}
