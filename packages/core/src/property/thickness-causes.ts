import { soluteIds, starchIds } from '../ingredient/substance.js';
import { parameter } from '../numeric/parameter.js';
import type { Mixture } from '../predict/mixture/mixture.js';
import {
  fibreVolumeParameters,
  proteinVolumeParameters,
  suspensionParameters,
} from '../predict/particle/suspension.params.js';
import { starches } from '../predict/starch/starch.params.js';
import { solutes } from '../predict/thickener/gum.params.js';
import { shown, type ShownParameter } from './shown-parameter.js';

/** Thickeners that are in this pot, strongest claim first. */
export function thickenersIn(mix: Mixture): readonly ShownParameter[] {
  const starch = starchIds.flatMap((id, i) => {
    const { etaRef, cRef, cv, provenance, basis } = starches[id];
    if (!((mix.dispersedStarch[i] ?? 0) > 0.01)) return [];
    return [
      shown(
        `${id} starch, ${cRef} g in 100 g water at 60 °C`,
        parameter(etaRef, 'mPa·s', cv, provenance, basis),
      ),
    ];
  });
  const dissolved = soluteIds.flatMap((id, i) => {
    const { etaRef, cRef, cv, provenance, basis } = solutes[id];
    if (!((mix.solutes[i] ?? 0) > 0.01)) return [];
    return [
      shown(`${id}, ${cRef} g in 100 g water at 60 °C`, parameter(etaRef, 'mPa·s', cv, provenance, basis)),
    ];
  });
  return [...starch, ...dissolved];
}

/** Swelling particles that are in this pot. */
export function particlesIn(mix: Mixture): readonly ShownParameter[] {
  const rows: ShownParameter[] = [];
  if (mix.nutVolume > 0) rows.push(shown('swelling of nut and seed protein', proteinVolumeParameters.nut));
  if (mix.particleVolume > mix.nutVolume)
    rows.push(shown('swelling of pulse fibre', fibreVolumeParameters.legume));
  if (mix.curdVolume > 0) rows.push(shown('swelling of curd', proteinVolumeParameters.curd));
  if (mix.cellWallVolume > 0)
    rows.push(shown('swelling of vegetable cell walls', fibreVolumeParameters.vegetable));
  if (rows.length > 0) rows.push(shown('packing of particles', suspensionParameters.particlePacking));
  return rows;
}
