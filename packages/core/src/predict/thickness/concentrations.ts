import type { Mixture } from '../mixture/mixture.js';
import { type GumRow, soluteRows } from '../thickener/gum.params.js';
import { solvent } from '../thickener/solvent.params.js';
import type { Water } from './water-sharing.js';

/** Mass (g) below which a thickener is left out. */
const TRACE_G = 1e-9;

/** mL that sugars and dextrin take up in the liquid: what thickens shares the room with them. */
const dissolvedRoom = (mix: Mixture): number =>
  solvent.dissolvedVolume * (mix.sugars + mix.dextrin + mix.oligo);

/** g per 100 mL of the liquid that each starch thickens; 0 where there is none. */
export function starchConcentrations(mix: Mixture, water: Water): readonly number[] {
  const c: number[] = [],
    liquid = water.free + dissolvedRoom(mix);
  for (let i = 0; i < mix.dispersedStarch.length; i++) {
    const mass = mix.dispersedStarch[i]!;
    c.push(mass > TRACE_G ? (100 * mass) / liquid : 0);
  }
  return c;
}

/** Water (g) in which a thickener is dissolved. */
function solventOf({ solvent }: GumRow, water: Water): number {
  return solvent === 'half-bound' ? (water.all + water.free) / 2 : water.free;
}

/** g per 100 mL of the liquid that each dissolved thickener shares in; 0 where there is none. */
export function soluteConcentrations(mix: Mixture, water: Water): readonly number[] {
  const c: number[] = [],
    room = dissolvedRoom(mix);
  for (let i = 0; i < soluteRows.length; i++) {
    const own = solventOf(soluteRows[i]!, water) + room;
    const mass = mix.solutes[i]!;
    c.push(mass > TRACE_G ? (100 * mass) / own : 0);
  }
  return c;
}
