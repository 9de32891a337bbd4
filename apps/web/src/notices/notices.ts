import { create } from 'zustand';

interface Notice {
  readonly id: number;
  readonly text: string;
  /** What the button on it does, such as taking a deletion back. */
  readonly action?: {
    readonly label: string;
    readonly run: () => void;
    /** It brings something back that the Bench’s own undo does not know; the undo key does it too. */
    readonly undo?: boolean;
  };
}

interface NoticeState {
  readonly notices: readonly Notice[];
  readonly show: (text: string, action?: Notice['action']) => void;
  readonly close: (id: number) => void;
  /** Does what the newest notice offers to take back; false when there is none, or something was done since. */
  readonly takeBack: () => boolean;
  /** Something else was done: the undo key belongs to that now. */
  readonly moveOn: () => void;
}

let next = 1;

let newest: number | undefined;

export const useNotices = create<NoticeState>()((set, get) => ({
  notices: [],
  show: (text, action) =>
    set(({ notices }) => {
      const id = next++;
      if (action?.undo) newest = id;
      return { notices: [...notices.slice(-2), { id, text, ...(action ? { action } : {}) }] };
    }),
  takeBack: () => {
    const notice = get().notices.find(({ id }) => id === newest);
    newest = undefined;
    if (!notice?.action) return false;
    get().close(notice.id);
    notice.action.run();
    return true;
  },
  moveOn: () => {
    newest = undefined;
  },
  close: (id) => set(({ notices }) => ({ notices: notices.filter((notice) => notice.id !== id) })),
}));

/** Says what a failure means, in a notice. */
export function sayFailure(error: unknown): void {
  useNotices.getState().show(error instanceof Error ? error.message : 'Something went wrong.');
}
