import { create } from 'zustand';

interface Notice {
  readonly id: number;
  readonly text: string;
  /** What the button on it does, such as taking a deletion back. */
  readonly action?: { readonly label: string; readonly run: () => void };
}

interface NoticeState {
  readonly notices: readonly Notice[];
  readonly show: (text: string, action?: Notice['action']) => void;
  readonly close: (id: number) => void;
}

let next = 1;

export const useNotices = create<NoticeState>()((set) => ({
  notices: [],
  show: (text, action) =>
    set(({ notices }) => ({
      notices: [...notices.slice(-2), { id: next++, text, ...(action ? { action } : {}) }],
    })),
  close: (id) => set(({ notices }) => ({ notices: notices.filter((notice) => notice.id !== id) })),
}));

/** Says what a failure means, in a notice. */
export function sayFailure(error: unknown): void {
  useNotices.getState().show(error instanceof Error ? error.message : 'Something went wrong.');
}
