import { ApiProblem, Unreachable, whyNot } from '../server/api';
import type { DraftKeeper } from './draft-keeper';
import { dropDraft } from './drafts';
import type { SavedWork } from './saved-work';
import { type Saving, setSaving, useSaving } from './saving';
import type { SavedView, SavingDoor } from './saving-door';

/** Quiet time after the last change before it is sent, ms. */
const QUIET_MS = 500;
/** Waits between tries while the server is away, ms. */
const RETRY_MS = [1500, 3000, 6000, 12_000] as const;

/** Nothing is sent while the cook is asked what to go on with. */
export const isAsking = (): boolean => ['conflict', 'gone'].includes(useSaving.getState().saving.kind);

/** Sends what is unsaved, one after the other, and again while the server is away. */
export interface Sender {
  /** Sends what is unsaved now; resolves when the server has answered. */
  readonly flush: () => Promise<void>;
  /** Sends after a short quiet. */
  readonly sendSoon: () => void;
  readonly sendAtOnce: () => void;
  readonly cancel: () => void;
}

/** The server has answered, and does not take what was sent. */
type Refusal = Extract<Saving, { readonly kind: 'conflict' | 'gone' | 'refused' }>;

/** What an answer that was no success means for what was sent; nothing where the server was away. */
function refusalIn(error: unknown): Refusal | undefined {
  if (!(error instanceof ApiProblem)) return undefined;
  const { status, current } = error.problem;
  if (status === 409) return { kind: 'conflict', theirs: current };
  if (status === 404) return { kind: 'gone' };
  return status < 500 ? { kind: 'refused', message: whyNot(error) } : undefined;
}

export function senderOf<View extends SavedView, Content extends { readonly name: string }, Work>(
  door: Pick<SavingDoor<View, Content, Work>, 'open' | 'contentOf' | 'update' | 'rebase'>,
  saved: SavedWork<Work>,
  { isKept }: Pick<DraftKeeper, 'isKept'>,
): Sender {
  let timer: ReturnType<typeof setTimeout> | undefined;
  let sending: Promise<void> | undefined;
  let failures = 0;

  const cancel = (): void => clearTimeout(timer);
  function schedule(ms: number): void {
    cancel();
    timer = setTimeout(() => void flush(), ms);
  }
  const sendSoon = (): void => schedule(QUIET_MS);

  async function send(): Promise<void> {
    const open = door.open();
    if (!open) return;
    const { id, version, work } = open;
    setSaving({ kind: 'saving' });
    try {
      const view = await door.update(id, { ...door.contentOf(work), version });
      failures = 0;
      // Another one may have been opened, or another version taken, while this was on its way.
      if (!saved.buildsOn(id, version)) return;
      saved.mark(id, work);
      door.rebase(id, view.version);
      if (saved.isDirty()) {
        setSaving({ kind: 'unsaved' });
        sendSoon();
      } else {
        await dropDraft(id);
        setSaving({ kind: 'saved', at: new Date() });
      }
    } catch (error) {
      fail(error);
    }
  }

  function fail(error: unknown): void {
    const refusal = refusalIn(error);
    if (refusal) return setSaving(refusal);
    setSaving({ kind: 'offline', kept: isKept() });
    schedule(RETRY_MS[Math.min(failures++, RETRY_MS.length - 1)] ?? QUIET_MS);
    if (!(error instanceof Unreachable) && !(error instanceof ApiProblem)) throw error;
  }

  async function flush(): Promise<void> {
    cancel();
    await sending;
    if (!saved.isDirty() || isAsking()) return;
    sending = send().finally(() => (sending = undefined));
    await sending;
  }

  return { flush, sendSoon, sendAtOnce: () => schedule(0), cancel };
}
