import { useEffect } from 'react';
import { createStore, useStore } from 'zustand';
import { createJSONStorage, persist } from 'zustand/middleware';
import { useNotices } from '../notices/notices';
import { dueReminders, keyOf, type Reminder } from './reminders';

interface Reminding {
  /** Somebody asked to be reminded in this browser. */
  readonly wanted: boolean;
  readonly reminders: readonly Reminder[];
  /** What was said already. */
  readonly told: readonly string[];
}

const store = createStore<Reminding>()(
  persist((): Reminding => ({ wanted: false, reminders: [], told: [] }), {
    name: 'alterum-reminders',
    storage: createJSONStorage(() => localStorage),
    version: 1,
  }),
);

export const useReminded = (): boolean => useStore(store, ({ wanted }) => wanted);

/** What is to be reminded of from now on. */
export function remindOf(reminders: readonly Reminder[]): void {
  const keys = new Set(reminders.map(keyOf));
  const { told } = store.getState();
  store.setState({ reminders, told: told.filter((key) => keys.has(key)) });
}

const canNotify = (): boolean => 'Notification' in window && Notification.permission === 'granted';

/** Asks the browser whether it may; where it may not, it is said in the page. */
export async function wantReminders(wanted: boolean): Promise<void> {
  store.setState({ wanted });
  if (!wanted || !('Notification' in window)) return;
  if (Notification.permission === 'default') await Notification.requestPermission();
  useNotices
    .getState()
    .show(
      canNotify()
        ? 'You are reminded five minutes before, as long as Alterum is open in this browser.'
        : 'This browser does not allow notifications: it is said here, on every page of Alterum, as long as it is open.',
    );
}

/** Says what is due; a notification where one is allowed, else a notice. */
function remind(): void {
  const { wanted, reminders, told } = store.getState();
  if (!wanted) return;
  const due = dueReminders(reminders, told, Date.now());
  if (due.length === 0) return;
  store.setState({ told: [...told, ...due.map(keyOf)] });
  const time = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });
  for (const { text, at } of due) {
    const said = `${time.format(at)}: ${text}`;
    if (canNotify()) new Notification(said, { tag: `alterum-${at}` });
    else useNotices.getState().show(said);
  }
}

const LOOK_MS = 10_000;

/** Reminds on every page, as long as the app is open. */
export function useReminders(): void {
  useEffect(() => {
    remind();
    const timer = setInterval(remind, LOOK_MS);
    return () => clearInterval(timer);
  }, []);
}
