import type { FormulaView } from '@alterum/contract';
import { useSaving } from './saving';
import { part } from '../ui/part';

const GoneDialog = part(() => import('./gone-dialog'));
const ConflictDialog = part(() => import('./conflict-dialog'));

/** Asks what to go on with when the formula was changed somewhere else. */
export function ConflictGate() {
  const saving = useSaving((state) => state.saving);
  if (saving.kind === 'gone') return <GoneDialog />;
  return saving.kind === 'conflict' ? <ConflictDialog theirs={saving.theirs as FormulaView} /> : null;
}
