import { nanoid } from 'nanoid';

const KEY = 'alterum.tab';
const lockName = (tab: string): string => `alterum.tab.${tab}`;

/** Holds a lock named after the tab for as long as the page lives; false when another page holds it. */
function holdLock(tab: string): Promise<boolean> {
  return new Promise((resolve) => {
    void navigator.locks.request(lockName(tab), { ifAvailable: true }, (lock) => {
      resolve(lock !== null);
      return lock === null ? undefined : new Promise<never>(() => undefined);
    });
  });
}

const locksHere = (): boolean => 'locks' in navigator;

/** What tabs call to each other where there are no locks: browsers keep those for secure contexts. */
interface Call {
  readonly kind: 'who-is' | 'here';
  readonly tab: string;
}
/** How long another tab of the same browser is waited for, ms. */
const ANSWER_MS = 200;
let channel: BroadcastChannel | undefined;
let mine: string | undefined;

function theChannel(): BroadcastChannel | undefined {
  if (channel || !('BroadcastChannel' in globalThis)) return channel;
  channel = new BroadcastChannel('alterum.tabs');
  channel.addEventListener('message', ({ data }: MessageEvent<Call>) => {
    if (data.kind === 'who-is' && data.tab === mine)
      channel?.postMessage({ kind: 'here', tab: mine } satisfies Call);
  });
  return channel;
}

/** Whether some other page answers to this name. Where tabs cannot call each other, it counts as open: its draft is left alone. */
function answers(tab: string): Promise<boolean> {
  const calls = theChannel();
  if (!calls) return Promise.resolve(true);
  return new Promise((resolve) => {
    const onAnswer = ({ data }: MessageEvent<Call>) => data.kind === 'here' && data.tab === tab && done(true);
    const timer = setTimeout(() => done(false), ANSWER_MS);
    const done = (open: boolean) => {
      clearTimeout(timer);
      calls.removeEventListener('message', onAnswer);
      resolve(open);
    };
    calls.addEventListener('message', onAnswer);
    calls.postMessage({ kind: 'who-is', tab } satisfies Call);
  });
}

async function claim(): Promise<string> {
  const kept = sessionStorage.getItem(KEY);
  // A duplicated tab copies the session storage; the second one takes a new name.
  if (!locksHere()) return kept && theChannel() && !(await answers(kept)) ? kept : nanoid();
  if (kept && (await holdLock(kept))) return kept;
  const fresh = nanoid();
  await holdLock(fresh);
  return fresh;
}

let identity: Promise<string> | undefined;

/** The name of this tab: the same after a reload, another one in every other tab. */
export function tabIdentity(): Promise<string> {
  identity ??= claim().then((tab) => {
    sessionStorage.setItem(KEY, tab);
    mine = tab;
    theChannel();
    return tab;
  });
  return identity;
}

/** Whether a page of that tab is open now; a tab that cannot be asked counts as open. */
export async function tabIsOpen(tab: string): Promise<boolean> {
  if (!locksHere()) return answers(tab);
  const { held } = await navigator.locks.query();
  return (held ?? []).some((lock) => lock.name === lockName(tab));
}
