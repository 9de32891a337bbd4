import { useEffect } from 'react';
import { useNavigate } from 'react-router';
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
function remind(open: (id: string) => void): void {
  const { wanted, reminders, told } = store.getState();
  if (!wanted) return;
  const due = dueReminders(reminders, told, Date.now());
  if (due.length === 0) return;
  store.setState({ told: [...told, ...due.map(keyOf)] });
  const time = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });
  for (const { id, text, at, sentence } of due) {
    const said = `${time.format(at)}: ${text}`;
    if (!canNotify()) {
      useNotices.getState().show(`${said}. ${sentence}`, { label: 'Open the step', run: () => open(id) });
      continue;
    }
    const notification = new Notification(said, { tag: `alterum-${at}`, body: sentence });
    notification.onclick = () => {
      window.focus();
      open(id);
    };
  }
}

const LOOK_MS = 10_000;

/** Where a step of the evening is told whole. */
export const addressOfStep = (id: string): string => `/plan/recipe#${encodeURIComponent(id)}`;

/** Reminds on every page, as long as the app is open; a reminder opens to its step. */
export function useReminders(): void {
  const navigate = useNavigate();
  useEffect(() => {
    const look = () => remind((id) => void navigate(addressOfStep(id)));
    look();
    const timer = setInterval(look, LOOK_MS);
    return () => clearInterval(timer);
  }, [navigate]);
}
