import type { BackupKind, RestoreMode } from './backup.body.js';

/** How many entries, and the names of the first of them. */
export interface RestoreCount {
  readonly count: number;
  readonly names: readonly string[];
}

/** What restoring does to one kind of entry. */
export interface RestoreKindView {
  readonly kind: BackupKind;
  /** In the backup and not here. */
  readonly come: RestoreCount;
  /** In both, and as in the backup afterwards. */
  readonly change: RestoreCount;
  /** Here and not in the backup. */
  readonly go: RestoreCount;
  /** In both, different, and newer here, so that it stays. */
  readonly stay: RestoreCount;
  /** The same in both. */
  readonly same: number;
}

/** What restoring would do, or did. */
export interface RestoreView {
  readonly mode: RestoreMode;
  /** When the backup was made. */
  readonly madeAt: string;
  readonly kinds: readonly RestoreKindView[];
  /** Where what was here before is kept; absent in a preview. */
  readonly kept?: string;
}
