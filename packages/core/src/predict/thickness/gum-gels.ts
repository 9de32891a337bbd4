import { normalBelow } from '../../numeric/normal.js';
import { logistic, softplus } from '../../numeric/smooth-step.js';
import { soluteIds } from '../../ingredient/substance.js';
import type { Storage } from '../../recipe/recipe.js';
import type { Mixture } from '../mixture/mixture.js';
import { gelNeeds as n, type GelRow, gumPairs, soluteRows } from '../thickener/gum.params.js';
import { consistency as p } from './consistency.params.js';

/** A gel of this pot: its yield stress once fully set, Pa, and when it sets. */
export interface GumGel {
  readonly stress: number;
  readonly row: GelRow;
}

const pairs = gumPairs.map((pair) => ({
  ...pair,
  places: pair.of.map((id) => soluteIds.indexOf(id)) as [number, number],
}));

/** How much of two gums is there together: twice their product over their sum, so that neither alone is anything. */
const together = (a: number, b: number): number => (a > 0 && b > 0 ? (2 * a * b) / (a + b) : 0);

/** Concentrations as they act, with what pairs add to each other. @param c g per 100 g, in the order of `soluteIds` */
export function actingTogether(c: readonly number[]): readonly number[] {
  const acting = [...c];
  for (const { thickens, places } of pairs) {
    if (!thickens) continue;
    const [a, b] = [c[places[0]]!, c[places[1]]!];
    const share = a + b > 0 ? (2 * together(a, b)) / (a + b) : 0;
    for (const place of places) acting[place]! *= 1 + thickens * share;
  }
  return acting;
}

/** mg of calcium in 100 g of water that is dissolved: all of it where acid, a part where it lies about as a salt. */
function dissolvedCalcium(mix: Mixture): number {
  const acid = logistic((n.calciumAcid - mix.pH) / n.calciumAcidWidth);
  const share = n.calciumFree + (1 - n.calciumFree) * acid;
  return (100 * mix.calciumMg * share) / Math.max(mix.water, 1e-9);
}

/** How far what a gel needs is there, 0..1. */
function needMet(row: GelRow, c: number, mix: Mixture): number {
  if (row.needs === 'calcium')
    return 1 - Math.exp(-dissolvedCalcium(mix) / (n.calciumPerGum * Math.max(c, 1e-6)));
  if (row.needs !== 'sugar and acid') return 1;
  const sugars = mix.sugars / Math.max(mix.sugars + mix.water, 1e-9);
  return (
    logistic((100 * sugars - n.sugarFrom) / n.sugarWidth) * logistic((n.acidBelow - mix.pH) / n.acidWidth)
  );
}

function gelOf(row: GelRow, c: number, corner: number, mix: Mixture): GumGel {
  const heated = row.setsHot ? normalBelow((mix.maxTemperature - row.Tset) / (SPREAD * row.width)) : 1;
  const strength =
    row.k * softplus(c - row.c0, p.gumGelCorner * corner) ** row.power * (c / (c + p.gumGelTrace));
  return { stress: strength * needMet(row, c, mix) * heated, row };
}

/** Every gel that the dissolved gums of a pot can make, alone and in pairs. @param c g per 100 g, in the order of `soluteIds` */
export function gumGels(c: readonly number[], mix: Mixture): readonly GumGel[] {
  const gels: GumGel[] = [];
  soluteRows.forEach(({ gel, cRef }, i) => {
    if (gel && c[i]! > 0) gels.push(gelOf(gel, c[i]!, cRef, mix));
  });
  for (const { gel, places } of pairs) {
    const both = together(c[places[0]]!, c[places[1]]!);
    if (gel && both > 0) gels.push(gelOf(gel, both, 1, mix));
  }
  return gels;
}

/** The widths of the table are those of a logistic curve; a normal curve as steep has this many times the width. */
const SPREAD = 1.7;

/** Yield stress of the gum gels at one temperature, Pa: a gel ends where it melts, however much of it there is. */
export function gumGelStress(gels: readonly GumGel[], tC: number, storage: Storage): number {
  let all = 0;
  for (const { stress, row } of gels) {
    const turns = storage === 'cool' && !row.setsHot ? row.Tset : row.Tmelt;
    const from = (turns - tC) / (SPREAD * row.width);
    all += stress * normalBelow(row.setsHot ? -from : from);
  }
  return all;
}
