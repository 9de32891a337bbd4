import { Toast } from 'radix-ui';
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
  show: (text, action) => set(({ notices }) => ({ notices: [...notices.slice(-2), { id: next++, text, ...(action ? { action } : {}) }] })),
  close: (id) => set(({ notices }) => ({ notices: notices.filter((notice) => notice.id !== id) })),
}));

/** Says what a failure means, in a notice. */
export function sayFailure(error: unknown): void {
  useNotices.getState().show(error instanceof Error ? error.message : 'Something went wrong.');
}

const SHOWN_MS = 12_000;

export function Notices() {
  const { notices, close } = useNotices();
  return (
    <Toast.Provider duration={SHOWN_MS} label="Notice">
      {notices.map((notice) => (
        <Toast.Root key={notice.id} onOpenChange={(open) => !open && close(notice.id)} className="flex items-center gap-4 rounded-xl border-2 border-rim bg-rim px-4 py-3 text-on-rim shadow-lg">
          <Toast.Description>{notice.text}</Toast.Description>
          {notice.action && (
            <Toast.Action altText={notice.action.label} asChild>
              <button type="button" className="rounded-lg bg-yolk px-3 py-1.5 font-semibold text-on-yolk" onClick={notice.action.run}>
                {notice.action.label}
              </button>
            </Toast.Action>
          )}
        </Toast.Root>
      ))}
      <Toast.Viewport className="fixed bottom-4 left-1/2 z-50 flex w-max max-w-[92vw] -translate-x-1/2 flex-col gap-2" />
    </Toast.Provider>
  );
}
