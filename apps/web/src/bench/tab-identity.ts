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

async function claim(): Promise<string> {
  const kept = sessionStorage.getItem(KEY);
  if (!('locks' in navigator)) return kept ?? crypto.randomUUID();
  // A duplicated tab copies the session storage; the second one takes a new name.
  if (kept && (await holdLock(kept))) return kept;
  const fresh = crypto.randomUUID();
  await holdLock(fresh);
  return fresh;
}

let identity: Promise<string> | undefined;

/** The name of this tab: the same after a reload, another one in every other tab. */
export function tabIdentity(): Promise<string> {
  identity ??= claim().then((tab) => {
    sessionStorage.setItem(KEY, tab);
    return tab;
  });
  return identity;
}

/** Whether a page of that tab is open now; a tab that cannot be asked counts as open. */
export async function tabIsOpen(tab: string): Promise<boolean> {
  if (!('locks' in navigator)) return true;
  const { held } = await navigator.locks.query();
  return (held ?? []).some((lock) => lock.name === lockName(tab));
}
