import { fatTypes, gumIds, soluteIds } from '../../ingredient/substance.js';
import { addBuffers, type BufferAmounts, noBuffers, organicAcidG } from '../acidity/charge-balance.js';
import { biteLeft } from '../course/aroma.js';
import type { Course } from '../course/course.js';
import { type LineCourse, lineCourse } from './line-course.js';
import { comminution } from '../particle/comminution.params.js';
import type { HeatHistory } from '../starch/gelatinize.js';
import { bitingStrength } from '../taste/pungency.js';
import { dissolvedShare, soluteRows } from '../thickener/gum.params.js';
import { addColour, type ColourState, noColour } from './colour-state.js';
import { addParticles, noParticles, type ParticleState, unfoldedBy } from './particle-state.js';
import { addStarch, amylaseLoss, noStarch, type StarchState } from './starch-state.js';
import type { Weighed } from './weighed.js';
import { assembly as a } from './assemble.params.js';

/** What the lines come to whose share depends on heat, blade and when they went in; g, mmol for ions and buffers. */
export interface CookedLines {
  readonly starch: StarchState;
  readonly particles: ParticleState;
  readonly colour: ColourState;
  /** In the order of `soluteIds` and `fatTypes`. */
  readonly solutes: Float64Array;
  readonly fatByType: Float64Array;
  readonly buffers: BufferAmounts;
  strongIons: number;
  amylaseSugar: number;
  heatSetProtein: number;
  /** Sum of g times strength. */
  pungent: number;
  dryHotStarch: number;
  /** g left after cooking. */
  alcohol: number;
  /** g of gums that never met the heat they need. */
  undissolvedGums: number;
  /** What stays in pieces: mL of room, and g of their water, fat, starch and organic acid. */
  readonly inPieces: { volume: number; water: number; fat: number; starch: number; organicAcid: number };
  /** Each line's own way, in the order of the lines. */
  readonly courses: readonly LineCourse[];
  /** Share of each starch that each line’s heat has gelatinized, in the order of the lines. */
  readonly gelatinized: readonly Float64Array[];
  /** The most that any of it was heated. */
  readonly hottest: HeatHistory;
}

/** g of water per g above which a gum came dissolved. @source assumed: a drink, not a powder */
const CAME_DISSOLVED = 0.5;

/** What a line dissolves, gums only as far as they have swollen and met the heat they need. */
function dissolve(sums: CookedLines, { c, made }: Weighed, g: number, heat: HeatHistory): void {
  const { solutes } = sums,
    powder = c.water < CAME_DISSOLVED;
  for (let i = 0; i < solutes.length; i++) {
    const there = (c.solutes[i] ?? 0) * g;
    if (there === 0) continue;
    if (i >= gumIds.length || !powder) {
      solutes[i]! += there;
      continue;
    }
    const share = dissolvedShare(soluteRows[i]!, heat.maxTemperature, heat.hold) * made.swollen;
    solutes[i]! += there * share;
    sums.undissolvedGums += there * (1 - share);
  }
}

/** What has swollen once stays swollen, however little water is left. */
const atLeast = (before: Float64Array | undefined, now: Float64Array): Float64Array =>
  before ? now.map((share, i) => Math.max(share, before[i]!)) : now;

/** How far pulse protein of a line sets, against the pot as a whole. */
const setAgainstPot = (line: HeatHistory, pot: HeatHistory): number =>
  line === pot ? 1 : Math.min(unfoldedBy(line) / Math.max(unfoldedBy(pot), 1e-9), 1);

/** The heat that unfolded most, of the pot and of what was made before. */
const hottestOf = (
  pot: HeatHistory,
  lines: readonly Weighed[],
  courses: readonly LineCourse[],
): HeatHistory =>
  courses.reduce(
    (most, { heat }, i) => (lines[i]!.earlier && unfoldedBy(heat) > unfoldedBy(most) ? heat : most),
    pot,
  );

function addPieces({ inPieces }: CookedLines, { c, broughtWater }: Weighed, g: number, share: number): void {
  const water = c.water * g + broughtWater * share,
    fat = c.fat * g,
    starch = c.starchTotal * g;
  inPieces.water += Math.max(water, 0);
  inPieces.fat += fat;
  inPieces.starch += starch;
  inPieces.organicAcid += organicAcidG(c.buffers) * g;
  inPieces.volume += Math.max(water, 0) + fat + (1 - c.water - c.fat) * g * a.proteinVolume;
}

/** Nothing of the lines yet, but where each of them goes. */
const noneYet = (
  courses: readonly LineCourse[],
  gelatinized: readonly Float64Array[],
  hottest: HeatHistory,
): CookedLines => ({
  starch: noStarch(),
  particles: noParticles(),
  colour: noColour(),
  solutes: new Float64Array(soluteIds.length),
  fatByType: new Float64Array(fatTypes.length),
  buffers: noBuffers(),
  strongIons: 0,
  amylaseSugar: 0,
  heatSetProtein: 0,
  pungent: 0,
  dryHotStarch: 0,
  alcohol: 0,
  undissolvedGums: 0,
  inPieces: { volume: 0, water: 0, fat: 0, starch: 0, organicAcid: 0 },
  courses,
  gelatinized,
  hottest,
});

/** Adds what becomes of one line by the way it goes, ground to a paste or left in pieces. */
function addCooked(sums: CookedLines, weighed: Weighed, way: LineCourse, gelatinized: Float64Array): void {
  const { line, c, g } = weighed,
    { heat, ground, work, pieces } = way,
    { behaviour } = c.ingredient;
  const paste = g * (1 - pieces);
  if (pieces > 0) addPieces(sums, weighed, g * pieces, pieces);
  const loss = amylaseLoss(weighed, heat);
  sums.amylaseSugar += loss * c.starchTotal * paste;
  addStarch(sums.starch, weighed, paste, 1 - loss, gelatinized, ground.fineness, work, heat);
  addParticles(sums.particles, weighed, paste, ground, unfoldedBy(heat));
  addColour(sums.colour, weighed, ground.diameter, 1 - pieces);
  dissolve(sums, weighed, paste, heat);
  sums.fatByType[c.fatTypeIndex]! += c.fat * paste;
  sums.strongIons += c.strongIons * paste;
  sums.heatSetProtein += behaviour.heatSetProtein * c.protein * paste * setAgainstPot(heat, sums.hottest);
  sums.pungent += bitingStrength(behaviour.pungent) * biteLeft(line.ingredient, way.aromaMinutes) * g;
  sums.alcohol += c.alcohol * g * way.alcoholLeft;
  addBuffers(sums.buffers, c.buffers, paste);
  if (line.stage === 'dry-hot' && c.starchTotal > comminution.lumpStarchShare)
    sums.dryHotStarch += c.starchTotal * g;
}

/**
 * Each line through its soak, the heat and the blades it met, added up.
 * @param pot heat of what was in from the start   @param gelatinized share of each starch that some heat gelatinizes
 * @param keptLiquid share of the liquid that did not boil off
 */
export function throughHeatAndBlade(
  lines: readonly Weighed[],
  course: Course,
  pot: HeatHistory,
  gelatinized: (heat: HeatHistory) => Float64Array,
  keptLiquid: number,
): CookedLines {
  const courses = lines.map((line) => lineCourse(line, course, pot, keptLiquid)),
    swollen = lines.map(({ gelatinizedBefore }, i) =>
      atLeast(gelatinizedBefore, gelatinized(courses[i]!.heat)),
    );
  const sums = noneYet(courses, swollen, hottestOf(pot, lines, courses));
  lines.forEach((weighed, i) => addCooked(sums, weighed, courses[i]!, swollen[i]!));
  return sums;
}
