import { useNotices } from '../notices/notices';
import { keepDraft } from './drafts';
import type { SavedWork } from './saved-work';
import { setSaving, useSaving } from './saving';
import type { SavedView, SavingDoor } from './saving-door';

/** Keeps in this browser what the server does not have yet. */
export interface DraftKeeper {
  readonly keepNow: () => void;
  /** After the frame, so that it never delays what is drawn; once for all changes until then. */
  readonly keepSoon: () => void;
  readonly cancel: () => void;
  /** Whether this browser holds what is unsaved. */
  readonly isKept: () => boolean;
}

export function draftKeeperOf<View extends SavedView, Content extends { readonly name: string }, Work>(
  door: Pick<SavingDoor<View, Content, Work>, 'open' | 'contentOf'>,
  saved: SavedWork<Work>,
): DraftKeeper {
  let keeping: ReturnType<typeof setTimeout> | undefined;
  let kept = true;

  /** A browser that cannot keep the work is told once; what was said of it follows. */
  function sayKept(now: boolean): void {
    if (kept && !now)
      useNotices
        .getState()
        .show(
          'This browser’s store is full: what you type is not kept here until the server has it. Make room by clearing old site data.',
        );
    kept = now;
    if (useSaving.getState().saving.kind === 'offline') setSaving({ kind: 'offline', kept });
  }

  function cancel(): void {
    clearTimeout(keeping);
    keeping = undefined;
  }

  function keepNow(): void {
    cancel();
    const open = door.open();
    if (open && saved.isDirty())
      void keepDraft(open.id, { base: open.version, content: door.contentOf(open.work) }).then(sayKept);
  }

  return {
    keepNow,
    keepSoon: () => {
      keeping ??= setTimeout(keepNow);
    },
    cancel,
    isKept: () => kept,
  };
}
