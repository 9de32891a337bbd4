import { Moon, Search, Sun } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { NavLink, Outlet, useLocation, useNavigation } from 'react-router';
import { SaveState } from '../saving/save-state';
import { useNotices } from '../notices/notices';
import { isText, layerIsOpen, letterIsFree } from '../ui/letter-keys';
import { spreadFocusNet } from '../ui/focus-net';
import { useReminders } from '../plan/reminder-store';
import { useTheme } from './theme';
import { part } from '../ui/part';

const CommandMenu = part(() => import('./command-menu'));
const NoticeBoard = part(() => import('../notices/notice-board'));
const Shortcuts = part(() => import('./shortcuts'));

const places = [
  { to: '/bench', name: 'Bench' },
  { to: '/formulas', name: 'Formulas' },
  { to: '/table', name: 'Table' },
  { to: '/larder', name: 'Larder' },
  { to: '/plan', name: 'Plan' },
] as const;

/** The place one is in is in sight, however narrow the bar. */
function usePlaceInSight() {
  const nav = useRef<HTMLElement>(null),
    { pathname } = useLocation();
  useEffect(() => {
    const bar = nav.current,
      here = bar?.querySelector<HTMLElement>('[aria-current=page]');
    if (!bar || !here) return;
    const [from, to] = [
      here.offsetLeft - bar.offsetLeft,
      here.offsetLeft - bar.offsetLeft + here.offsetWidth,
    ];
    if (from < bar.scrollLeft || to > bar.scrollLeft + bar.clientWidth)
      bar.scrollLeft = (from + to - bar.clientWidth) / 2;
  }, [pathname]);
  return nav;
}

function Places() {
  const nav = usePlaceInSight();
  return (
    <nav ref={nav} aria-label="Places" className="flex min-w-0 items-stretch gap-0.5 overflow-x-auto">
      {places.map(({ to, name }) => (
        <NavLink
          key={to}
          to={to}
          className={({ isActive }) =>
            `flex items-center border-b-4 px-2.5 pt-1 font-semibold sm:px-3.5 ${isActive ? 'border-yolk' : 'border-transparent opacity-85 hover:opacity-100'}`
          }
        >
          {name}
        </NavLink>
      ))}
    </nav>
  );
}

export type Overlay = 'commands' | 'shortcuts' | undefined;

/** Ctrl/Cmd-K and "/" open the command menu, "?" the list of keys. */
function useOverlayKeys(open: (overlay: Overlay) => void): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const chord = (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k' && !layerIsOpen();
      if (chord || (event.key === '/' && letterIsFree(event))) {
        event.preventDefault();
        open('commands');
      } else if (event.key === '?' && letterIsFree(event)) {
        event.preventDefault();
        open('shortcuts');
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [open]);
}

/** Ctrl/Cmd-Z takes back what the last notice told, as long as nothing else was done since. Before anybody else, since it is the newer thing. */
function useUndoKey(): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const undo = (event.ctrlKey || event.metaKey) && !event.shiftKey && event.key.toLowerCase() === 'z';
      if (!undo || isText(event.target) || layerIsOpen() || !useNotices.getState().takeBack()) return;
      event.preventDefault();
      event.stopImmediatePropagation();
    };
    window.addEventListener('keydown', onKey, true);
    return () => window.removeEventListener('keydown', onKey, true);
  }, []);
}

export function Shell() {
  const [overlay, setOverlay] = useState<Overlay>();
  const { theme, toggle } = useTheme();
  const noticed = useNotices(({ notices }) => notices.length > 0);
  const busy = useNavigation().state !== 'idle';
  useOverlayKeys(setOverlay);
  useReminders();
  useUndoKey();
  useEffect(spreadFocusNet, []);
  useEffect(() => {
    // Told before anything fails: what says that something failed must be there already.
    const timer = setTimeout(() => NoticeBoard.fetch(), 1500);
    return () => clearTimeout(timer);
  }, []);
  return (
    <div className="flex min-h-dvh flex-col">
      <a
        href="#place"
        className="sr-only focus:not-sr-only focus:absolute focus:left-2 focus:top-2 focus:z-50 focus:rounded focus:bg-yolk focus:p-2 focus:text-on-yolk"
      >
        Skip to the content
      </a>
      <header className="flex h-12 print:hidden items-stretch gap-2 bg-rim px-3 text-on-rim sm:gap-5 sm:px-5">
        <span className="hidden items-center font-display text-2xl font-extrabold tracking-tight sm:flex">
          alterum
        </span>
        <Places />
        <div className="ml-auto flex shrink-0 items-center gap-1 sm:gap-3">
          <span aria-live="polite" className="text-sm">
            <SaveState />
          </span>
          <button
            type="button"
            onClick={() => setOverlay('commands')}
            className="tap flex items-center gap-2 rounded-lg border border-current/40 px-2 text-sm md:px-3"
            aria-keyshortcuts="Control+K /"
          >
            <Search size={16} aria-hidden /> <span className="sr-only md:not-sr-only">Find or do</span>
          </button>
          <button
            type="button"
            onClick={toggle}
            className="tap grid place-items-center rounded-lg"
            aria-label={theme === 'day' ? 'Night kitchen' : 'Day kitchen'}
          >
            {theme === 'day' ? <Moon size={18} aria-hidden /> : <Sun size={18} aria-hidden />}
          </button>
        </div>
      </header>
      <div className={`h-0.5 ${busy ? 'animate-pulse bg-yolk' : 'bg-transparent'}`} aria-hidden />
      <div id="place" className="flex min-h-0 flex-1 flex-col">
        <Outlet />
      </div>
      {overlay === 'commands' && (
        <CommandMenu close={() => setOverlay(undefined)} showShortcuts={() => setOverlay('shortcuts')} />
      )}
      {overlay === 'shortcuts' && <Shortcuts close={() => setOverlay(undefined)} />}
      {/* What lies under a notice on a small screen can be scrolled from under it. */}
      {noticed && <div aria-hidden className="h-16 shrink-0 xl:hidden print:hidden" />}
      {noticed && <NoticeBoard />}
    </div>
  );
}
