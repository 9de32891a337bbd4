import { Toast } from 'radix-ui';
import { useNotices } from './notices';

/** How long a notice and the way back on it stay, ms. */
const SHOWN_MS = 12_000;

export default function NoticeBoard() {
  const { notices, close } = useNotices();
  return (
    <Toast.Provider duration={SHOWN_MS} label="Notice">
      {notices.map((notice) => (
        <Toast.Root
          key={notice.id}
          onOpenChange={(open) => !open && close(notice.id)}
          className="flex items-center gap-4 rounded-xl border-2 border-rim bg-rim px-4 py-3 text-on-rim shadow-lg"
        >
          <Toast.Description>{notice.text}</Toast.Description>
          {notice.action && (
            <Toast.Action altText={notice.action.label} asChild>
              <button
                type="button"
                className="tap-coarse rounded-lg bg-yolk px-3 py-1.5 font-semibold whitespace-nowrap text-on-yolk"
                {...(notice.action.undo ? { 'aria-keyshortcuts': 'Control+Z' } : {})}
                onClick={notice.action.run}
              >
                {notice.action.label}
                {notice.action.undo && <kbd className="ml-1.5 text-sm font-normal max-sm:hidden">Ctrl Z</kbd>}
              </button>
            </Toast.Action>
          )}
        </Toast.Root>
      ))}
      <Toast.Viewport className="fixed bottom-4 left-1/2 z-50 flex w-max max-w-[92vw] -translate-x-1/2 flex-col gap-2" />
    </Toast.Provider>
  );
}
