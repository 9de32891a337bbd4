import { afterTheHeat, changed, withOperation } from '../../formula/method/edit-method.js';
import { courseOf } from '../../predict/course/course.js';
import { readyOperations } from '../../predict/assemble/weighed.js';
import { type Assessed, assess, isEmpty } from '../../property/assess.js';
import { celsius } from '../../quantity/quantity.js';
import { cuts } from '../../recipe/method/blade.js';
import { heatsThePot, methodOfProcess, processOfMethod } from '../../recipe/method/flat-process.js';
import { amountOf, lastPlace, type Method } from '../../recipe/method/operation.js';
import type { Recipe } from '../../recipe/recipe.js';
import { aimsOf, askedMet, askedOf, missesOf } from '../balance/aim.js';
import type { BalanceRequest } from '../balance/balance-request.js';
import { offerSteps as s } from './method-offer.params.js';

/** What would be done otherwise. */
export type MethodEdit =
  | { readonly kind: 'boil-down'; readonly minutes: number }
  | { readonly kind: 'serve'; readonly fromC: number; readonly toC: number }
  /** A line goes in once the heat is over. */
  | { readonly kind: 'later'; readonly line: string; readonly ingredient: string }
  | { readonly kind: 'blend-longer'; readonly seconds: number }
  | {
      readonly kind: 'soak-hot';
      readonly line: string;
      readonly ingredient: string;
      readonly minutes: number;
    }
  | { readonly kind: 'heat-gently'; readonly rateCPerMin: number };

/** One change of the way it is made, with what becomes of the pot by it alone. */
export interface MethodOffer {
  readonly edit: MethodEdit;
  readonly after: Assessed;
  /** Share of what was missed that it makes up for; what it takes off the risk of curdling where nothing was missed. */
  readonly gain: number;
}

const idOf = (recipe: Recipe, i: number): string => recipe.lines[i]?.id ?? String(i);

/** The method with an edit; served otherwise or soaked otherwise it stays as it is. */
export function editedMethod(method: Method, edit: MethodEdit): Method {
  switch (edit.kind) {
    case 'later':
      return afterTheHeat(method, edit.line);
    case 'boil-down': {
      const there = lastPlace(method, ({ kind, toG }) => kind === 'boil-down' && toG === undefined);
      if (there >= 0)
        return changed(method, there, {
          minutes: amountOf(method[there]!, 'minutes') + edit.minutes,
          mostMinutes: undefined,
        });
      const more = { kind: 'boil-down', minutes: edit.minutes, panCm: s.panCm } as const;
      return withOperation(method, more, lastPlace(method, heatsThePot) + 1);
    }
    case 'blend-longer': {
      const at = method.findIndex(cuts);
      return at < 0
        ? method
        : changed(method, at, { seconds: amountOf(method[at]!, 'seconds') + edit.seconds });
    }
    case 'heat-gently':
      return method.map((operation) =>
        operation.kind === 'heat' ? { ...operation, rateCPerMin: edit.rateCPerMin } : operation,
      );
    default:
      return method;
  }
}

/** The recipe with an edit of how it is made. */
export function editedRecipe(recipe: Recipe, edit: MethodEdit): Recipe {
  if (edit.kind === 'serve')
    return { ...recipe, serving: { ...recipe.serving, temperatureC: celsius(edit.toC) } };
  if (edit.kind === 'soak-hot') {
    const lines = recipe.lines.map((line, i) =>
      idOf(recipe, i) === edit.line
        ? { ...line, ready: [{ kind: 'soak', minutes: edit.minutes, pour: 'boiling' } as const] }
        : line,
    );
    return { ...recipe, lines };
  }
  const method = editedMethod(recipe.method ?? methodOfProcess(recipe.process), edit);
  return { ...recipe, method, process: processOfMethod(method) };
}

/** Every edit that a cook could try on this pot. */
function editsFor(recipe: Recipe): readonly MethodEdit[] {
  const { method, heat, entries } = courseOf(recipe);
  const heated = heat.steps.some(({ temperatureC }) => temperatureC >= s.heatedC);
  const lastHeat = heat.steps.at(-1)?.at ?? -1;
  const { temperatureC, storage } = recipe.serving;
  const warm = storage === 'cool' && temperatureC >= s.coolest;
  return [
    ...(heated ? s.boilDown.map((minutes): MethodEdit => ({ kind: 'boil-down', minutes })) : []),
    ...(warm
      ? s.serve.flatMap((by): MethodEdit[] => {
          const toC = temperatureC + by;
          return toC >= s.coolest && toC <= s.warmest ? [{ kind: 'serve', fromC: temperatureC, toC }] : [];
        })
      : []),
    ...recipe.lines.flatMap(({ ingredient, mass }, i): MethodEdit[] =>
      heated && ingredient.role === 'sour' && mass > 0 && (entries[i]?.at ?? -1) < lastHeat
        ? [{ kind: 'later', line: idOf(recipe, i), ingredient: ingredient.id }]
        : [],
    ),
    ...(method.some(cuts) ? s.blend.map((seconds): MethodEdit => ({ kind: 'blend-longer', seconds })) : []),
    ...recipe.lines.flatMap((line, i): MethodEdit[] =>
      line.ingredient.shelf === 'nuts' || line.ingredient.shelf === 'seeds'
        ? line.ingredient.handling?.soaking && readyOperations(line).length === 0
          ? [
              {
                kind: 'soak-hot',
                line: idOf(recipe, i),
                ingredient: line.ingredient.id,
                minutes: s.soakMinutes,
              },
            ]
          : []
        : [],
    ),
    ...(heat.steps.some(({ rateCPerMin }) => rateCPerMin > 2 * s.gentleRate)
      ? [{ kind: 'heat-gently', rateCPerMin: s.gentleRate } as const]
      : []),
  ];
}

/**
 * Changes of the way a pot is made that bring it nearer to what is asked, the most helpful first, one of a kind; and, whatever is
 * asked, what makes it split less often. What is met already is left alone.
 */
export function methodOffers({ recipe, brief, portions }: BalanceRequest): readonly MethodOffer[] {
  const before = assess(recipe, portions);
  if (isEmpty(before.prediction)) return [];
  const aims = aimsOf(brief),
    asked = askedOf(aims);
  const missed = (of: Assessed, what = aims): number =>
    missesOf(what, of).reduce((sum, { middle }, i) => sum + (what[i]?.weight ?? 1) * middle ** 2, 0);
  const good = askedMet(aims, missesOf(aims, before));
  const [all, ofAsked] = [missed(before), missed(before, asked)];
  const offers = editsFor(recipe).flatMap((edit): MethodOffer[] => {
    const after = assess(editedRecipe(recipe, edit), portions);
    const calmer = before.prediction.curdling - after.prediction.curdling;
    if (!good && ofAsked > 0) {
      const gain = (all - missed(after)) / all;
      if (gain >= s.worth && missed(after, asked) < ofAsked) return [{ edit, after, gain }];
    }
    const safer = calmer >= s.curdling && missed(after, asked) <= ofAsked + s.curdling;
    return safer ? [{ edit, after, gain: calmer }] : [];
  });
  const best = new Map<string, MethodOffer>();
  for (const offer of offers) {
    const key = 'line' in offer.edit ? `${offer.edit.kind} ${offer.edit.line}` : offer.edit.kind;
    if (offer.gain > (best.get(key)?.gain ?? -Infinity)) best.set(key, offer);
  }
  return [...best.values()].sort((a, b) => b.gain - a.gain).slice(0, s.most);
}
