import { X } from 'lucide-react';
import { Toast } from 'radix-ui';
import { useEffect } from 'react';
import { isText, layerIsOpen } from '../ui/letter-keys';
import { useNotices } from './notices';

/** How long a notice and the way back on it stay, ms. */
const SHOWN_MS = 12_000;

export default function NoticeBoard() {
  const { notices, close } = useNotices();
  const newest = notices.at(-1)?.id;
  useEffect(() => {
    // Escape closes what was said last, where it has nothing else to leave.
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== 'Escape' || event.defaultPrevented || newest === undefined) return;
      if (!layerIsOpen() && !isText(event.target)) close(newest);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [newest, close]);
  return (
    <Toast.Provider duration={SHOWN_MS} label="Notice">
      {notices.map((notice) => (
        <Toast.Root
          key={notice.id}
          onOpenChange={(open) => !open && close(notice.id)}
          className="flex items-center gap-3 rounded-xl border-2 border-rim bg-rim px-3 py-1.5 text-on-rim shadow-lg xl:border-on-rim/40 xl:py-0.5"
        >
          <Toast.Description className="min-w-0 flex-1 text-[14px] leading-snug wrap-anywhere">
            {notice.text}
          </Toast.Description>
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
          <Toast.Close
            aria-label="Close this notice"
            title="Close: Esc"
            className="tap-coarse grid size-8 shrink-0 place-items-center rounded-md hover:bg-on-rim/15"
          >
            <X size={16} aria-hidden />
          </Toast.Close>
        </Toast.Root>
      ))}
      {/* On a wide screen in the gap of the bar, where nothing is pressed; elsewhere at the foot, under which the page goes on by as much. */}
      <Toast.Viewport className="fixed bottom-2 left-1/2 z-50 flex w-max max-w-[94vw] -translate-x-1/2 flex-col gap-1.5 xl:top-1.5 xl:right-[330px] xl:bottom-auto xl:left-[500px] xl:w-auto xl:max-w-none xl:translate-x-0 print:hidden" />
    </Toast.Provider>
  );
}
