import { assemble } from '../src/predict/assemble/assemble.js';
import { anchorPrediction, recipeOfAnchor } from './anchor.js';
import { dishAnchors } from './anchors/dish.anchors.js';
import { methodAnchors } from './anchors/method.anchors.js';
import { widerAnchors } from './anchors/wider.anchors.js';
import { anchors, laterAnchors, referenceAnchors } from './anchor-table.js';
import committed from './committed.json';
import { drawHeldBack } from './draw.js';
import { resultOf } from './evidence.js';
import heldBack from './held-back.json';
import { larderChecks } from './larder-checks.js';
import { larderTable } from '../src/larder/catalog/larder-table.js';

/** Share of swollen particles above which decision 0006 lets the model depart from the reference computation. */
const PARTICLES_MATTER = 0.01;
const swollenShare = (anchor: (typeof anchors)[number]): number => {
  if (!anchor.recipe) return 0;
  const mix = assemble(recipeOfAnchor(anchor.recipe));
  return (mix.particleVolume + mix.curdVolume + mix.cellWallVolume + mix.cellStarch) / mix.suspensionVolume;
};
/** Decision 0026: sugars, fats and one gum follow other laws than the reference computation. */
const departed = new Set(['A04', 'A25', 'A40.5', 'A40.10', 'A40.15', 'A40.20', 'A42b']);
const plain = referenceAnchors.filter(
  (anchor) =>
    anchor.family !== 'emulsions' && !departed.has(anchor.id) && swollenShare(anchor) < PARTICLES_MATTER,
);

test('twenty-seven reference anchors are of pots without swollen particles', () => {
  expect(plain.length).toBeGreaterThanOrEqual(27);
});

test.each(plain.map((anchor) => [`${anchor.id} ${anchor.name}`, anchor] as const))(
  '%s agrees with the reference computation, whose laws it shares',
  (_name, anchor) => {
    expect(Math.abs(anchorPrediction(anchor) / (anchor.prototype ?? NaN) - 1)).toBeLessThan(0.035);
  },
);

test('what was held back is what the seed draws, a third of all, and none of it was seen by the reference computation', () => {
  expect(drawHeldBack(laterAnchors, heldBack.count, heldBack.seed)).toEqual(heldBack.ids);
  expect(heldBack.count).toBe(
    Math.round((anchors.length - methodAnchors.length - widerAnchors.length - dishAnchors.length) / 3),
  );
  expect(drawHeldBack(methodAnchors, heldBack.method.count, heldBack.method.seed)).toEqual(
    heldBack.method.ids,
  );
  expect(heldBack.method.count).toBe(methodAnchors.length / 3);
  expect(drawHeldBack(widerAnchors, heldBack.wider.count, heldBack.wider.seed)).toEqual(heldBack.wider.ids);
  expect(heldBack.wider.count).toBe(Math.round(widerAnchors.length / 3));
  expect(drawHeldBack(dishAnchors, heldBack.dish.count, heldBack.dish.seed)).toEqual(heldBack.dish.ids);
  expect(heldBack.dish.count).toBe(Math.round(dishAnchors.length / 3));
  expect(new Set(anchors.map(({ id }) => id)).size).toBe(anchors.length);
});

test('there are enough anchors of every kind', () => {
  const count = (family: string) => anchors.filter((anchor) => anchor.family === family).length;
  expect(anchors.length).toBeGreaterThanOrEqual(400);
  expect(count('dish')).toBeGreaterThanOrEqual(50);
  for (const family of ['liquids', 'gums', 'curdling', 'bodies', 'emulsions'])
    expect([family, count(family) >= 20]).toEqual([family, true]);
  expect(count('taste and acid')).toBeGreaterThanOrEqual(12);
  expect(count('solid fat and spreads')).toBeGreaterThanOrEqual(12);
  expect(count('pull and storage')).toBeGreaterThanOrEqual(12);
  expect(count('vegetable and legume purées')).toBeGreaterThanOrEqual(15);
  expect(count('nut and seed creams')).toBeGreaterThanOrEqual(10);
});

test('no fewer anchors lie inside their range than were committed', () => {
  const results = anchors.map(resultOf);
  expect(results.filter((r) => r.inside && !r.heldBack).length).toBeGreaterThanOrEqual(
    committed.fittedInside,
  );
  expect(results.filter((r) => r.inside && r.heldBack).length).toBeGreaterThanOrEqual(
    committed.heldBackInside,
  );
});

test.each(larderChecks(larderTable).map((check) => [check.name, check] as const))(
  'every ingredient: %s',
  (_name, check) => {
    expect(check.failing).toEqual([]);
  },
);
