import type { Course } from '../course/course.js';
import { afterSettling } from './settled.js';
import { behindStrainer } from './strained.js';
import type { Weighed } from './weighed.js';

/** The lines after all that parts them: cloths, sieves and layers poured off, first to last. */
export const separated = (lines: readonly Weighed[], course: Course): readonly Weighed[] =>
  course.separations.reduce(
    (now, separation) =>
      separation.by === 'strain'
        ? behindStrainer(now, separation, course)
        : afterSettling(now, separation, course),
    lines,
  );
