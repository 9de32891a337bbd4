import { creamingParameters } from '../predict/stability/creaming.params.js';
import { curdlingParameters } from '../predict/stability/curdling.params.js';
import { weepingParameters } from '../predict/stability/weeping.js';
import { comminutionParameters } from '../predict/particle/comminution.params.js';
import {
  fibreVolumeParameters,
  proteinVolumeParameters,
  suspensionParameters,
} from '../predict/particle/suspension.params.js';
import { pullParameters } from '../predict/stretch/pull-length.params.js';
import { soluteIds, starchIds } from '../ingredient/substance.js';
import { starches } from '../predict/starch/starch.params.js';
import { tasteParameters, umamiParameters } from '../predict/taste/taste.params.js';
import { solutes } from '../predict/thickener/gum.params.js';
import type { ContributionProperty } from './contributions.js';
import type { Mixture } from '../predict/mixture/mixture.js';
import { parameter } from '../numeric/parameter.js';
import { energyFactors } from '../predict/nutrition/energy.js';
import { PRICE_CV } from '../predict/cost/cost.js';
import { compositionCv } from '../predict/uncertainty/kitchen-offsets.params.js';
import { shown, type ShownParameter } from './shown-parameter.js';

interface Law {
  readonly law: string;
  readonly parameters: (mix: Mixture) => readonly ShownParameter[];
  readonly sources: readonly string[];
}

/** Thickeners that are in this pot, strongest claim first. */
function thickenersIn(mix: Mixture): readonly ShownParameter[] {
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
    if (!((mix.solutes[i] ?? 0) > 0.01) || id === 'sugars') return [];
    return [
      shown(`${id}, ${cRef} g in 100 g water at 60 °C`, parameter(etaRef, 'mPa·s', cv, provenance, basis)),
    ];
  });
  return [...starch, ...dissolved];
}

function particlesIn(mix: Mixture): readonly ShownParameter[] {
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

const always =
  (...rows: readonly ShownParameter[]) =>
  () =>
    rows;
const composition = (name: string, cv: number) =>
  always(shown(name, parameter(cv, 'of the figure', 0, 'E', 'spread between packs of one kind')));
const S05 = ['S-05a', 'S-05b', 'S-05c', 'S-05d', 'S-05e', 'S-05f', 'S-05g'] as const;

const laws: Readonly<Record<ContributionProperty, Law>> = {
  fat: {
    law: 'Each line’s fat in 100 g of the finished batch; the parts add up.',
    parameters: composition('how far a pack may be off', compositionCv.fat),
    sources: S05,
  },
  salt: {
    law: 'Each line’s salt in 100 g of the finished batch; the parts add up.',
    parameters: composition('how far a pack may be off', compositionCv.salt),
    sources: S05,
  },
  thickness: {
    law: 'How much thicker or thinner it is at serving temperature with a tenth more of each line. Thickeners strengthen each other (Loewe additivity) and swollen particles crowd each other, so the parts do not add up.',
    parameters: (mix) => [...thickenersIn(mix), ...particlesIn(mix)],
    sources: ['S-02', 'S-03', 'E-4', 'E-5'],
  },
  stretch: {
    law: 'How the pull changes with a tenth more of each line. Root starch makes strands once there is enough of it in the water that swollen particles leave it; water, fat and particles shorten them.',
    parameters: always(
      shown('starch in the water before strands form', pullParameters.threshold),
      shown('longest pull', pullParameters.longest),
      shown('fat shortens', pullParameters.fatShortens),
      shown('water in particles that strands cannot enter', suspensionParameters.strandExcluded),
    ),
    sources: ['S-02', 'E-7'],
  },
  savoriness: {
    law: 'What a tenth more of each line adds. Glutamate and the nucleotides of mushrooms, tomato and yeast strengthen each other.',
    parameters: always(
      shown('synergy of glutamate and nucleotides', umamiParameters.synergy),
      shown('GMP against IMP', umamiParameters.gmp),
    ),
    sources: ['S-06', 'E-10'],
  },
  sourness: {
    law: 'What a tenth more of each line changes, with the pH solved again from the charges of all acids and buffers.',
    parameters: composition('how far a pack may be off', compositionCv.sour),
    sources: ['S-06', 'E-9'],
  },
  sweetness: {
    law: 'What a tenth more of each line changes.',
    parameters: always(shown('sweetness of mixed sugars', tasteParameters.sugarSweetness)),
    sources: ['E-10'],
  },
  smoothness: {
    law: 'What a tenth more of each line changes. The blade makes pieces smaller with power and time; a soak or boiling softens them first; hard grains are felt smaller than soft ones.',
    parameters: always(
      shown('soft grains are felt from', comminutionParameters.grainBase),
      shown('finest a home blender reaches', comminutionParameters.finest),
      shown('blending that halves the size', comminutionParameters.energyScale),
    ),
    sources: ['E-8'],
  },
  splitting: {
    law: 'What a tenth more of each line changes. Protein coagulates near its own pH, when hot, when heated fast, and with calcium; starch protects it.',
    parameters: always(
      shown('acid near the protein’s own pH', curdlingParameters.acid),
      shown('fast heating', curdlingParameters.fastHeat),
      shown('starch protects', curdlingParameters.starch),
    ),
    sources: ['E-9'],
  },
  weeping: {
    law: 'What a tenth more of each line changes. A loose purée lets serum go; a stored starch gel presses water out; xanthan holds it.',
    parameters: always(
      shown('serum of a loose purée', weepingParameters.serum),
      shown('water pressed out by stored starch', weepingParameters.syneresis),
    ),
    sources: ['E-8'],
  },
  creaming: {
    law: 'What a tenth more of each line changes. Fat rises faster the larger its droplets and the thinner the liquid; a yield stress carries it.',
    parameters: always(
      shown('droplets of whisked oil', creamingParameters.whiskedDroplet),
      shown('yield stress that carries them', creamingParameters.yieldHolds),
    ),
    sources: ['S-06', 'E-8'],
  },
  'oiling-off': {
    law: 'What a tenth more of each line changes. Fat comes loose where there is too little emulsifying protein for it and nothing thick to hold it.',
    parameters: always(shown('protein that just covers the fat', creamingParameters.emulsifierNeeded)),
    sources: ['E-8'],
  },
  pH: {
    law: 'What a tenth more of each line changes: the pH at which the charges of acids, buffers and minerals cancel.',
    parameters: composition('how far the figure may be off', compositionCv.pH),
    sources: ['S-06', 'E-9'],
  },
  energy: {
    law: 'Each line’s energy in the whole batch: fat, protein, carbohydrate, fibre, organic acids and what is left of the alcohol by the factors of food law; the parts add up.',
    parameters: always(
      ...(['fat', 'protein', 'carbohydrate', 'fibre', 'organicAcid', 'alcohol'] as const).map((key) =>
        shown(key, parameter(energyFactors[key], 'kcal/g', 0, 'P', 'food law')),
      ),
    ),
    sources: ['S-10', ...S05],
  },
  protein: {
    law: 'Each line’s protein in the whole batch; the parts add up.',
    parameters: composition('how far a pack may be off', compositionCv.fat),
    sources: S05,
  },
  'saturated-fat': {
    law: 'Each line’s saturated fat in the whole batch, as composition tables state it; a line without a figure is marked.',
    parameters: composition('how far a pack may be off', compositionCv.fat),
    sources: S05,
  },
  cost: {
    law: 'Each line’s mass times its price; a line without a price is marked.',
    parameters: always(shown('how far shops differ', parameter(PRICE_CV, 'of the price', 0, 'E', 'assumed'))),
    sources: ['S-13'],
  },
  climate: {
    law: 'Each line’s mass times the greenhouse gas of making it and bringing it to the shop; cooking is not counted.',
    parameters: () => [],
    sources: ['S-14'],
  },
};

export const lawOf = (property: ContributionProperty): Law => laws[property];
