import { type Anchor, anchorPrediction, insideReference } from './anchor.js';
import anchorTable from './anchors.table.json';

const anchors = anchorTable as unknown as readonly Anchor[];

test.each(anchors.map((anchor) => [`${anchor.id} ${anchor.name}`, anchor] as const))(
  '%s agrees with the reference computation',
  (_name, anchor) => {
    expect(Math.abs(anchorPrediction(anchor) / anchor.prototype - 1)).toBeLessThan(1e-4);
  },
);

test('at least 79 of the 82 anchors lie inside their reference range', () => {
  const inside = anchors.filter((anchor) => insideReference(anchorPrediction(anchor), anchor.reference));
  expect(anchors).toHaveLength(82);
  expect(inside.length).toBeGreaterThanOrEqual(79);
});
