import { create } from 'zustand';

/** Where the work stands: on the server, on the way, or only in this browser. */
export type Saving =
  | { readonly kind: 'nothing' }
  | { readonly kind: 'saved'; readonly at: Date }
  | { readonly kind: 'unsaved' }
  | { readonly kind: 'saving' }
  /** `kept`: this browser holds the work until then. */
  | { readonly kind: 'offline'; readonly kept: boolean }
  /** It was deleted somewhere else. */
  | { readonly kind: 'gone' }
  | { readonly kind: 'refused'; readonly message: string }
  | { readonly kind: 'conflict'; readonly theirs: unknown };

export const useSaving = create<{ readonly saving: Saving }>()(() => ({ saving: { kind: 'nothing' } }));
export function setSaving(saving: Saving): void {
  if (saving.kind === 'unsaved' && useSaving.getState().saving.kind === 'unsaved') return;
  useSaving.setState({ saving });
}
