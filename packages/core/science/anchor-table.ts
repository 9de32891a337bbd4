import type { Anchor, AnchorFamily } from './anchor.js';
import referenceTable from './anchors.table.json';
import { dishAnchors } from './anchors/dish.anchors.js';
import { fatAndSpread } from './anchors/fat-and-spread.anchors.js';
import { methodAnchors } from './anchors/method.anchors.js';
import { nutAndSeedCreams } from './anchors/nut-and-seed-creams.anchors.js';
import { pullAndStorage } from './anchors/pull-and-storage.anchors.js';
import { purees } from './anchors/purees.anchors.js';
import { tasteAndAcid } from './anchors/taste-and-acid.anchors.js';
import { thickeners } from './anchors/thickeners.anchors.js';
import { weakSpots } from './anchors/weak-spots.anchors.js';
import { widerAnchors } from './anchors/wider.anchors.js';
import heldBack from './held-back.json';

/** Families of the reference anchors by the number in their id. */
const referenceFamily = (id: string): AnchorFamily => {
  const n = Number(/^A(\d+)/.exec(id)?.[1]);
  if (n === 2 || n === 3 || n === 38) return 'emulsions';
  if (n <= 19 || (n >= 24 && n <= 29) || n === 36 || n === 45) return 'thickeners';
  if (n <= 23) return 'pull and storage';
  if (n <= 31 || n === 46) return 'nut and seed creams';
  if (n <= 35 || n >= 47) return 'vegetable and legume purées';
  if (n === 37) return 'weak spots';
  if (n <= 41 || n === 43) return 'solid fat and spreads';
  return 'taste and acid';
};

/** The anchors that the reference computation was fitted on; every one serves fitting here too. */
export const referenceAnchors: readonly Anchor[] = (referenceTable as unknown as readonly Anchor[]).map(
  (anchor) => ({
    ...anchor,
    family: referenceFamily(anchor.id),
  }),
);

/** Anchors that no parameter of the reference computation has seen; the held-back third is drawn from these. */
export const laterAnchors: readonly Anchor[] = [
  ...tasteAndAcid,
  ...fatAndSpread,
  ...pullAndStorage,
  ...purees,
  ...nutAndSeedCreams,
  ...thickeners,
];

export const anchors: readonly Anchor[] = [
  ...referenceAnchors,
  ...laterAnchors,
  ...weakSpots,
  ...methodAnchors,
  ...widerAnchors,
  ...dishAnchors,
];

const held: ReadonlySet<string> = new Set([
  ...heldBack.ids,
  ...heldBack.method.ids,
  ...heldBack.wider.ids,
  ...heldBack.dish.ids,
]);
/** Whether an anchor was kept out of fitting. */
export const isHeldBack = (anchor: Anchor): boolean => held.has(anchor.id);
