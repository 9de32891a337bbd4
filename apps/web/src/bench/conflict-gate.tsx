import { lazy, Suspense } from 'react';
import { useSaving } from './saving';

const ConflictDialog = lazy(() => import('./conflict-dialog'));

/** Asks what to go on with when the formula was changed somewhere else. */
export function ConflictGate() {
  const saving = useSaving((state) => state.saving);
  return saving.kind === 'conflict' ? (
    <Suspense fallback={null}>
      <ConflictDialog theirs={saving.theirs} />
    </Suspense>
  ) : null;
}
