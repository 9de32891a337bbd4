import { ApiProblem, Unreachable, whyNot } from '../server/api';
import { useNotices } from '../notices/notices';
import { dropDraft, findDraft, keepDraft } from './drafts';
import { setSaving, useSaving } from './saving';

/** Quiet time after the last change before it is sent, ms. */
const QUIET_MS = 500;
/** Waits between tries while the server is away, ms. */
const RETRY_MS = [1500, 3000, 6000, 12_000] as const;

/** What every document has that is kept on the server with versions. */
export interface SavedView {
  readonly id: string;
  readonly version: number;
  readonly updatedAt: string;
}

/** A document that is open: on which version of the server it builds, and what stands in it now. */
export interface OpenWork<Work> {
  readonly id: string;
  readonly version: number;
  readonly work: Work;
}

/** What saving has to know of one kind of document. */
export interface SavingDoor<View extends SavedView, Content extends { readonly name: string }, Work> {
  readonly open: () => OpenWork<Work> | undefined;
  /** Calls back after every change of anything that is open. @returns how to stop */
  readonly watch: (changed: () => void) => () => void;
  readonly put: (at: { readonly id: string; readonly version: number }, work: Work) => void;
  readonly rebase: (id: string, version: number) => void;
  readonly contentOf: (work: Work) => Content;
  readonly workOf: (content: Content) => Work;
  /** What stands in it is fetched before it is shown. */
  readonly know: (content: Content) => Promise<void>;
  readonly update: (id: string, body: Content & { readonly version: number }) => Promise<View>;
  readonly restore: (id: string) => Promise<SavedView>;
  readonly create: (content: Content) => Promise<View>;
}

/** Letters that a name keeps when “my copy” is written behind it. */
const COPY_NAME = 108;

/** What the pages do with one kind of document. */
export interface Autosave<View> {
  /** Sends what is unsaved now; resolves when the server has answered. */
  readonly flush: () => Promise<void>;
  /** Watches the open document: every change is kept in this browser at once and sent after a short quiet. */
  readonly start: () => () => void;
  /** Opens one with what this browser still holds of it: unsaved work comes back, older work asks. */
  readonly open: (view: View) => Promise<void>;
  /** Takes what stands on the server; this tab's version is dropped. */
  readonly takeTheirs: (theirs: View) => Promise<void>;
  /** Saves this tab's version over what stands on the server. */
  readonly overwriteTheirs: (theirs: View) => Promise<void>;
  /** Brings back what was deleted somewhere else, with this tab's version in it. */
  readonly bringBack: () => Promise<void>;
  /** Saves this tab's version as one of its own; the other one stays as it is. */
  readonly keepMineAsCopy: () => Promise<View | undefined>;
}

/** Saves one kind of document by itself. */
export function autosaveOf<View extends SavedView & Content, Content extends { readonly name: string }, Work>(
  door: SavingDoor<View, Content, Work>,
): Autosave<View> {
  let saved: { readonly id: string; readonly work: Work } | undefined;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let sending: Promise<void> | undefined;
  let failures = 0;
  let keeping: ReturnType<typeof setTimeout> | undefined;
  /** Whether this browser holds what is unsaved. */
  let kept = true;

  const textOf = (work: Work): string => JSON.stringify(door.contentOf(work));
  const isDirty = (): boolean => {
    const open = door.open();
    return open !== undefined && (saved?.id !== open.id || saved.work !== open.work);
  };
  /** Nothing is sent while the cook is asked what to go on with. */
  const isAsking = (): boolean => ['conflict', 'gone'].includes(useSaving.getState().saving.kind);
  /** Whether what is open is still that document, on that version. */
  const buildsOn = (id: string, version: number): boolean => {
    const open = door.open();
    return open?.id === id && open.version === version;
  };

  function schedule(ms: number): void {
    clearTimeout(timer);
    timer = setTimeout(() => void flush(), ms);
  }

  async function send(): Promise<void> {
    const open = door.open();
    if (!open) return;
    const { id, version, work } = open;
    setSaving({ kind: 'saving' });
    try {
      const view = await door.update(id, { ...door.contentOf(work), version });
      failures = 0;
      // Another one may have been opened, or another version taken, while this was on its way.
      if (!buildsOn(id, version)) return;
      saved = { id, work };
      door.rebase(id, view.version);
      if (isDirty()) {
        setSaving({ kind: 'unsaved' });
        schedule(QUIET_MS);
      } else {
        await dropDraft(id);
        setSaving({ kind: 'saved', at: new Date() });
      }
    } catch (error) {
      fail(error);
    }
  }

  function fail(error: unknown): void {
    if (error instanceof ApiProblem && error.problem.status === 409)
      setSaving({ kind: 'conflict', theirs: error.problem.current });
    else if (error instanceof ApiProblem && error.problem.status === 404) setSaving({ kind: 'gone' });
    else if (error instanceof ApiProblem && error.problem.status < 500)
      setSaving({ kind: 'refused', message: whyNot(error) });
    else {
      setSaving({ kind: 'offline', kept });
      schedule(RETRY_MS[Math.min(failures++, RETRY_MS.length - 1)] ?? QUIET_MS);
      if (!(error instanceof Unreachable) && !(error instanceof ApiProblem)) throw error;
    }
  }

  async function flush(): Promise<void> {
    clearTimeout(timer);
    await sending;
    if (!isDirty() || isAsking()) return;
    sending = send().finally(() => (sending = undefined));
    await sending;
  }

  /** Keeps what is unsaved in this browser now. */
  function keepNow(): void {
    clearTimeout(keeping);
    keeping = undefined;
    const open = door.open();
    if (open && isDirty())
      void keepDraft(open.id, { base: open.version, content: door.contentOf(open.work) }).then(sayKept);
  }

  /** A browser that cannot keep the work is told once; what was said of it follows. */
  function sayKept(now: boolean): void {
    if (kept && !now)
      useNotices
        .getState()
        .show(
          'This browser’s store is full: what you type is not kept here until the server has it. Make room by clearing old site data.',
        );
    kept = now;
    if (useSaving.getState().saving.kind === 'offline') setSaving({ kind: 'offline', kept });
  }

  /** Keeps the draft after the frame, so that it never delays what is drawn; once for all changes until then. */
  function keepSoon(): void {
    keeping ??= setTimeout(keepNow);
  }

  /** What was undone before it was sent is saved already: nothing waits any more, and nothing is kept of it here. */
  function backToSaved(id: string): void {
    if (useSaving.getState().saving.kind !== 'unsaved') return;
    clearTimeout(timer);
    clearTimeout(keeping);
    keeping = undefined;
    setSaving({ kind: 'saved', at: new Date() });
    void dropDraft(id);
  }

  function start(): () => void {
    let before = door.open();
    const stop = door.watch(() => {
      const now = door.open(),
        same = now?.work === before?.work;
      before = now;
      if (!now || same) return;
      if (!isDirty()) {
        backToSaved(now.id);
        return;
      }
      keepSoon();
      if (isAsking()) return;
      setSaving({ kind: 'unsaved' });
      schedule(QUIET_MS);
    });
    // A page that is hidden may never come back: what is unsaved is kept first, then sent.
    const onHide = () => {
      if (document.visibilityState !== 'hidden') return;
      keepNow();
      void flush();
    };
    const onOnline = () => isDirty() && schedule(0);
    document.addEventListener('visibilitychange', onHide);
    window.addEventListener('pagehide', keepNow);
    window.addEventListener('online', onOnline);
    return () => {
      stop();
      document.removeEventListener('visibilitychange', onHide);
      window.removeEventListener('pagehide', keepNow);
      window.removeEventListener('online', onOnline);
      void flush();
    };
  }

  async function open(view: View): Promise<void> {
    const draft = await findDraft<Content>(view.id);
    const theirs = door.workOf(view);
    const mine = draft && door.workOf(draft.content);
    if (!draft || !mine || textOf(mine) === textOf(theirs)) {
      if (draft) await dropDraft(view.id);
      saved = { id: view.id, work: theirs };
      door.put(view, theirs);
      setSaving({ kind: 'saved', at: new Date(view.updatedAt) });
      return;
    }
    saved = undefined;
    await door.know(draft.content);
    door.put({ id: view.id, version: draft.base }, mine);
    if (draft.base === view.version) {
      setSaving({ kind: 'unsaved' });
      schedule(0);
    } else setSaving({ kind: 'conflict', theirs: view });
  }

  async function takeTheirs(theirs: View): Promise<void> {
    await door.know(theirs);
    const work = door.workOf(theirs);
    // First what is open, then the draft: one that was about to be kept finds nothing unsaved any more.
    saved = { id: theirs.id, work };
    clearTimeout(timer);
    door.put(theirs, work);
    setSaving({ kind: 'saved', at: new Date(theirs.updatedAt) });
    await dropDraft(theirs.id);
  }

  async function overwriteTheirs(theirs: View): Promise<void> {
    door.rebase(theirs.id, theirs.version);
    setSaving({ kind: 'unsaved' });
    await flush();
  }

  async function bringBack(): Promise<void> {
    const now = door.open();
    if (!now) return;
    const { version } = await door.restore(now.id);
    door.rebase(now.id, version);
    setSaving({ kind: 'unsaved' });
    await flush();
  }

  async function keepMineAsCopy(): Promise<View | undefined> {
    const now = door.open();
    if (!now) return undefined;
    const content = door.contentOf(now.work);
    const copy = await door.create({ ...content, name: `${content.name.slice(0, COPY_NAME)}, my copy` });
    await dropDraft(now.id);
    return copy;
  }

  return { flush, start, open, takeTheirs, overwriteTheirs, bringBack, keepMineAsCopy };
}
