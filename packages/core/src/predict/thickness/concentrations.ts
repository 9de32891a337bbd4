import type { Mixture } from '../mixture/mixture.js';
import { type GumRow, soluteRows } from '../thickener/gum.params.js';
import type { Water } from './water-sharing.js';

/** Mass (g) below which a thickener is left out. */
const TRACE_G = 1e-9;

/** g per 100 g of the liquid that each starch thickens; 0 where there is none. */
export function starchConcentrations(mix: Mixture, water: Water): readonly number[] {
  const c: number[] = [];
  for (let i = 0; i < mix.dispersedStarch.length; i++) {
    const mass = mix.dispersedStarch[i]!;
    c.push(mass > TRACE_G ? (100 * mass) / water.free : 0);
  }
  return c;
}

/** Water (g) in which a thickener is dissolved. */
function solventOf({ solvent }: GumRow, water: Water): number {
  return solvent === 'half-bound' ? (water.all + water.free) / 2 : water.free;
}

/** g per 100 g of the water that each dissolved thickener shares in; 0 where there is none. */
export function soluteConcentrations(mix: Mixture, water: Water): readonly number[] {
  const c: number[] = [];
  for (let i = 0; i < soluteRows.length; i++) {
    const solvent = solventOf(soluteRows[i]!, water);
    const mass = mix.solutes[i]!;
    c.push(mass > TRACE_G ? (100 * mass) / solvent : 0);
  }
  return c;
}
