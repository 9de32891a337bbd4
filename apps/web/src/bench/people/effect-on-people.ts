import { type Ingredient, type VerdictOrNone, whoCanEat } from '@alterum/core';
import { packLabels } from '../../household/house-larder';
import { useHousehold } from '../../household/household-store';

const words: Readonly<Record<Exclude<VerdictOrNone, 'fits'>, string>> = {
  ask: 'asks',
  'does-not': 'cannot',
  none: '',
};

/** What a line of this would mean for tonight’s people, before it is added: "✕ Teo cannot, ? Ilva asks"; empty when nothing is found. */
export function effectOf(ingredient: Ingredient): string {
  const label = packLabels().get(ingredient.id);
  const line = { id: 'new', ingredient, named: ingredient.name, ...(label ? { label } : {}) };
  return useHousehold
    .getState()
    .tonight.flatMap((eater) => {
      const needs = eater.needs.filter(
        ({ kind }) => kind === 'allergen' || kind === 'ingredient' || kind === 'rule',
      );
      const { verdict, findings } = whoCanEat(
        { ...eater, needs },
        { lines: [line], pungency: { bite: 0, burn: 0 }, salt: { mid: 0, high: 0 } },
      );
      return verdict === 'fits' || findings.every(({ line: at }) => at === undefined)
        ? []
        : [`${verdict === 'does-not' ? '✕' : '?'} ${eater.name} ${words[verdict]}`];
    })
    .join(', ');
}
