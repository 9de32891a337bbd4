import { openParts, roleNames, type Role, type SkeletonPart } from '@alterum/core';
import { memo } from 'react';
import { useBenchPart } from '../../open-formula/bench-store';

interface OpenPartsProps {
  readonly pressed: Role | undefined;
  readonly press: (part: SkeletonPart | undefined) => void;
}

/** Lines from which a cook knows where it is going, and nothing is asked any more. */
const UNDER_WAY = 5;

/** Parts that a sauce of this family has and this pot has not yet: each opens the list of what may be taken for it. */
export const OpenParts = memo(function OpenParts({ pressed, press }: OpenPartsProps) {
  const family = useBenchPart(({ history }) => history.formula.family);
  const lines = useBenchPart(({ history }) => history.formula.lines);
  const parts = lines.length >= UNDER_WAY ? [] : openParts({ family, lines });
  if (parts.length === 0) return null;
  return (
    <div role="group" aria-label="Still to choose" className="flex flex-wrap items-center gap-1 pt-1 text-sm">
      <span className="text-soft">Still to choose:</span>
      {parts.map((part) => (
        <button
          key={part.role}
          type="button"
          aria-pressed={pressed === part.role}
          onMouseDown={(event) => event.preventDefault()}
          onClick={() => press(pressed === part.role ? undefined : part)}
          className="tap-coarse min-h-7 rounded-md border-2 border-hair px-2 font-semibold hover:bg-dip aria-pressed:bg-lit"
        >
          {roleNames[part.role]}
        </button>
      ))}
    </div>
  );
});
