import type { ParticleClass } from '../../ingredient/composition.js';
import { parameter, valuesOf } from '../../numeric/parameter.js';

/** Hydrated volume of insoluble protein by particle class, mL per g dry; @source fitted on the anchors named. */
export const proteinVolumeParameters = {
  nut: parameter(5.6, 'mL/g', 0.2, 'E', 'A30 nut creams, the water of their soak counted'),
  legume: parameter(2.7, 'mL/g', 0.25, 'E', 'A35 chickpea dip'),
  curd: parameter(5.7, 'mL/g', 0.2, 'E', 'A37 blended firm curd, packed; looser when diluted, see curdOpens; 9.5 for silken'),
  yeast: parameter(3.2, 'mL/g', 0.2, 'E', 'yeast-cell water content'),
  vegetable: parameter(3.1, 'mL/g', 0.3, 'E', 'as legume'),
  flour: parameter(2.2, 'mL/g', 0.3, 'E', 'gluten and bran particles'),
} as const;

/** Hydrated volume of insoluble fibre by particle class, mL per g dry. */
export const fibreVolumeParameters = {
  nut: parameter(5.6, 'mL/g', 0.25, 'E', 'A30, the water of their soak counted'),
  legume: parameter(7.35, 'mL/g', 0.25, 'E', 'A35'),
  curd: parameter(6.5, 'mL/g', 0.25, 'E', 'as legume'),
  yeast: parameter(3, 'mL/g', 0.3, 'E', 'yeast-cell walls'),
  vegetable: parameter(50, 'mL/g', 0.25, 'P/E', 'A32–A34 purées, before crowding presses water out'),
  flour: parameter(6, 'mL/g', 0.3, 'E', 'none'),
} as const;

export const proteinVolume: Readonly<Record<ParticleClass, number>> = valuesOf(proteinVolumeParameters);
export const fibreVolume: Readonly<Record<ParticleClass, number>> = valuesOf(fibreVolumeParameters);

/** @source engine notes E-5; provenance and anchors per row. */
export const suspensionParameters = {
  fatVolume: parameter(1.087, 'mL/g', 0.01, 'P', 'density of oil'),
  rawStarchVolume: parameter(1.05, 'mL/g', 0.1, 'P', 'granule with 0.4 g/g sorbed water'),
  cellStarchVolume: parameter(2, 'mL/g', 0.25, 'E', 'cooked starch trapped in cotyledon and root cells'),
  coarseVolumeShare: parameter(0.35, '-', 0.3, 'E', 'hydrated volume reached without grinding'),
  curdOpens: parameter(0.25, '-', 0.4, 'E', 'W07, W08: flocs of diluted curd are open and hold more liquid'),
  curdPacked: parameter(0.5, 'volume share', 0.2, 'E', 'W07, A37: above it the flocs are pressed together'),
  curdExponent: parameter(4, '-', 0.2, 'E', 'sharpness of the above; low enough that dilution never thickens'),
  cellWallYields: parameter(1.4, 'packing', 0.2, 'P/E', 'W09, V16: soft cell walls give water back when crowded'),
  cellWallExponent: parameter(3, '-', 0.3, 'E', 'as above'),
  heatedProtein: parameter(3.5, 'mL/g', 0.3, 'P/E', 'W11: globulins unfolded by heat hold much water'),
  heatedTime: parameter(1.5, 'min', 0.4, 'E', 'W11: they unfold within a minute or two'),
  heatedInsoluble: parameter(1.3, '-', 0.3, 'E', 'W11: cooked protein bodies swell'),
  fridgeSwelling: parameter(0.1, '-', 0.4, 'E', 'N12: nut particles go on drinking in the fridge'),
  fridgeSwellingDays: parameter(0.4, 'd', 0.4, 'E', 'as above'),
  pieceFrom: parameter(3000, 'µm', 0.3, 'E', 'pieces this large that never met a blade keep their own water'),
  boundWaterLimit: parameter(0.25, '-', 0.2, 'E', 'share of all water that particles can withhold from thickeners'),
  strandExcluded: parameter(0.8, '-', 0.2, 'P/E', 'W02: share of the water in swollen particles that the strands of root starch cannot enter'),
  strandExcludedMost: parameter(0.5, 'share of the water', 0.2, 'E', 'as above'),
  starchSorption: parameter(0.65, 'mL/g', 0.2, 'E', 'dry volume of starch in the water demand'),
  dropletPacking: parameter(0.74, '-', 0.05, 'P', 'A03 cream, A38 mayonnaise'),
  particlePacking: parameter(0.64, '-', 0.08, 'P', 'random close packing of soft irregular particles'),
  packingSoftness: parameter(0.2, '-', 0.2, 'E', 'A30 (1:1), A38'),
  hydrodynamicExponent: parameter(1.75, '-', 0.08, 'P', 'Krieger–Dougherty [η]·φm'),
  hydrodynamicCap: parameter(40, '-', 0.4, 'E', 'beyond jamming the network term takes over; A47–A51'),
  dropletYield: parameter(2300, 'Pa', 0.4, 'P/E', 'A38 mayonnaise'),
  particleYield: parameter(1900, 'Pa', 0.4, 'P/E', 'A32–A35'),
  jamming0: parameter(0.75, '-', 0.08, 'E', 'A32–A35'),
  jammingWidth: parameter(0.3, '-', 0.2, 'P/E', 'V03, W07: particles that stick to each other knit before they are packed'),
  nutJammingWidth: parameter(0.2, '-', 0.3, 'P/E', 'A30, N04, N05: ground nuts stick to each other less than pulp and curd do'),
  dropletJammingWidth: parameter(0.08, '-', 0.3, 'P/E', 'A03, A38: droplets that do not stick pack sharply'),
  jammingExponent: parameter(2.6, '-', 0.1, 'E', 'A35, A37'),
  jammingEa: parameter(3, 'kJ/mol', 0.4, 'E', 'packed pastes soften a little when warm'),
  networkK: parameter(3050, 'mPa·s^0.6', 0.4, 'E', 'A30, A32–A34: soft-glassy term √(Gη)'),
  networkEta: parameter(0.38, '-', 0.25, 'P/E', 'soft-glassy rheology gives 0.5; A47–A51'),
  suspensionEa: parameter(5, 'kJ/mol', 0.4, 'P', 'extra softening of concentrated pastes'),
  stirredYieldShare: parameter(0.6, '-', 0.3, 'E', 'share of static yield stress still carried at 50 1/s'),
  stirredGelShare: parameter(0.15, '-', 0.4, 'E', 'share of a set gel yield stress carried after stirring'),
  yieldSaturation: parameter(4000, 'Pa', 0.3, 'E', 'wall slip above this'),
  gelSaturation: parameter(20000, 'Pa', 0.3, 'E', 'brittle gels fracture above this'),
  heatGelK: parameter(25, 'Pa/(g/100 g)²', 0.5, 'E', 'heat-set legume protein'),
  heatGelC0: parameter(4, 'g/100 g', 0.2, 'P', 'least gelling concentration of globulins'),
  heatGelMidpoint: parameter(76, '°C', 0.03, 'P', 'denaturation of legume globulins'),
  heatGelWidth: parameter(3, '°C', 0.3, 'P', 'as above'),
  heatGelTime: parameter(4, 'min', 0.4, 'E', 'network formation'),
  coldHeatGel: parameter(2.5, '-', 0.4, 'P/E', 'W06: heat-set protein gels stiffen two to fourfold when cold'),
  coldHeatGelMidpoint: parameter(35, '°C', 0.15, 'P/E', 'as above'),
  coldHeatGelWidth: parameter(10, '°C', 0.3, 'E', 'as above'),
  gumConcentrates: parameter(0.35, 'per g/100 g', 0.5, 'P/E', 'W06: a gum that does not mix with the protein concentrates it'),
  gumConcentratesMost: parameter(1.5, 'g/100 g', 0.3, 'E', 'as above: more gum than this makes the continuous phase'),
  viscosityCap: parameter(2e6, 'mPa·s', 0, 'E', 'end of the scale'),
  yieldCap: parameter(5e5, 'Pa', 0, 'E', 'end of the scale'),
} as const;

export const suspension = valuesOf(suspensionParameters);
