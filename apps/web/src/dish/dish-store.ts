import type { WrittenDish } from '@alterum/core';
import { create } from 'zustand';
import { keepSteps, stepsOf } from '../undo/kept-steps';
import { useNotices } from '../notices/notices';

interface OpenDish {
  readonly id: string;
  /** Version on the server that the work is based on. */
  readonly version: number;
  readonly dish: WrittenDish;
  /** As it stood before each change, oldest first; and after each that was taken back, the next one last. */
  readonly past: readonly WrittenDish[];
  readonly future: readonly WrittenDish[];
  /** Changes of one gesture are undone together. */
  readonly gesture: string | undefined;
}

/** Changes kept; older ones can no longer be undone. */
const LONGEST = 200;

/** Undefined until a dish is open. */
export const useDish = create<{ readonly open: OpenDish | undefined }>()(() => ({ open: undefined }));

function put(open: OpenDish): void {
  const before = useDish.getState().open;
  useDish.setState({ open });
  if (before?.id === open.id && before.dish !== open.dish)
    keepSteps(open.id, () => JSON.stringify(open.dish), open.past, open.future);
}

export function openDish(
  { id, version }: { readonly id: string; readonly version: number },
  dish: WrittenDish,
): void {
  put({ id, version, dish, ...stepsOf<WrittenDish>(id, JSON.stringify(dish)), gesture: undefined });
}

/** Takes a change of the open dish; one that changes nothing is none. */
export function changeDish(change: (dish: WrittenDish) => WrittenDish, gesture?: string): void {
  const { open } = useDish.getState();
  if (!open) return;
  const dish = change(open.dish);
  if (dish === open.dish) return;
  useNotices.getState().moveOn();
  const goesOn = gesture !== undefined && gesture === open.gesture;
  put({
    ...open,
    dish,
    past: goesOn ? open.past : [...open.past.slice(-LONGEST + 1), open.dish],
    future: [],
    gesture,
  });
}

export function undoDish(): void {
  const { open } = useDish.getState(),
    before = open?.past.at(-1);
  if (!open || !before) return;
  put({
    ...open,
    dish: before,
    past: open.past.slice(0, -1),
    future: [...open.future, open.dish],
    gesture: undefined,
  });
}

export function redoDish(): void {
  const { open } = useDish.getState(),
    next = open?.future.at(-1);
  if (!open || !next) return;
  put({
    ...open,
    dish: next,
    past: [...open.past, open.dish],
    future: open.future.slice(0, -1),
    gesture: undefined,
  });
}

/** The server holds the work now at this version. */
export function rebaseDish(id: string, version: number): void {
  const { open } = useDish.getState();
  if (open?.id === id) put({ ...open, version });
}

/** The open dish. @throws Error when none is: the page shows its parts only with a dish */
export function useOpenDish(): OpenDish {
  const open = useDish((state) => state.open);
  if (!open) throw new Error('no dish is open');
  return open;
}
