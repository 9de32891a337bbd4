import { type DraftKeeper, draftKeeperOf } from './draft-keeper';
import { dropDraft, findDraft } from './drafts';
import { type SavedWork, savedWorkOf } from './saved-work';
import { setSaving, useSaving } from './saving';
import type { SavedView, SavingDoor } from './saving-door';
import { isAsking, type Sender, senderOf } from './sender';

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

/** What saves one document, put together. */
interface Parts<View extends SavedView, Content extends { readonly name: string }, Work> {
  readonly door: SavingDoor<View, Content, Work>;
  readonly saved: SavedWork<Work>;
  readonly keeper: DraftKeeper;
  readonly sender: Sender;
}

/** Watches the open document and the page that shows it. @returns how to stop */
function watching<View extends SavedView, Content extends { readonly name: string }, Work>({
  door,
  saved,
  keeper,
  sender,
}: Parts<View, Content, Work>): () => void {
  /** What was undone before it was sent is saved already: nothing waits any more, and nothing is kept of it here. */
  function backToSaved(id: string): void {
    if (useSaving.getState().saving.kind !== 'unsaved') return;
    sender.cancel();
    keeper.cancel();
    setSaving({ kind: 'saved', at: new Date() });
    void dropDraft(id);
  }

  let before = door.open();
  const stop = door.watch(() => {
    const now = door.open(),
      same = now?.work === before?.work;
    before = now;
    if (!now || same) return;
    if (!saved.isDirty()) {
      backToSaved(now.id);
      return;
    }
    keeper.keepSoon();
    if (isAsking()) return;
    setSaving({ kind: 'unsaved' });
    sender.sendSoon();
  });
  // A page that is hidden may never come back: what is unsaved is kept first, then sent.
  const onHide = () => {
    if (document.visibilityState !== 'hidden') return;
    keeper.keepNow();
    void sender.flush();
  };
  const onOnline = () => {
    if (saved.isDirty()) sender.sendAtOnce();
  };
  document.addEventListener('visibilitychange', onHide);
  window.addEventListener('pagehide', keeper.keepNow);
  window.addEventListener('online', onOnline);
  return () => {
    stop();
    document.removeEventListener('visibilitychange', onHide);
    window.removeEventListener('pagehide', keeper.keepNow);
    window.removeEventListener('online', onOnline);
    void sender.flush();
  };
}

async function opened<View extends SavedView & Content, Content extends { readonly name: string }, Work>(
  { door, saved, sender }: Parts<View, Content, Work>,
  view: View,
): Promise<void> {
  const draft = await findDraft<Content>(view.id);
  const theirs = door.workOf(view);
  const mine = draft && door.workOf(draft.content);
  const textOf = (work: Work): string => JSON.stringify(door.contentOf(work));
  if (!draft || !mine || textOf(mine) === textOf(theirs)) {
    if (draft) await dropDraft(view.id);
    saved.mark(view.id, theirs);
    door.put(view, theirs);
    setSaving({ kind: 'saved', at: new Date(view.updatedAt) });
    return;
  }
  saved.forget();
  await door.know(draft.content);
  door.put({ id: view.id, version: draft.base }, mine);
  if (draft.base === view.version) {
    setSaving({ kind: 'unsaved' });
    sender.sendAtOnce();
  } else setSaving({ kind: 'conflict', theirs: view });
}

/** What the cook chooses where two versions, or none, stand on the server. */
function choicesOf<View extends SavedView & Content, Content extends { readonly name: string }, Work>({
  door,
  saved,
  sender,
}: Parts<View, Content, Work>): Pick<
  Autosave<View>,
  'takeTheirs' | 'overwriteTheirs' | 'bringBack' | 'keepMineAsCopy'
> {
  /** Goes on from that version with what stands here. */
  async function goOnFrom(id: string, version: number): Promise<void> {
    door.rebase(id, version);
    setSaving({ kind: 'unsaved' });
    await sender.flush();
  }
  return {
    takeTheirs: async (theirs) => {
      await door.know(theirs);
      const work = door.workOf(theirs);
      // First what is open, then the draft: one that was about to be kept finds nothing unsaved any more.
      saved.mark(theirs.id, work);
      sender.cancel();
      door.put(theirs, work);
      setSaving({ kind: 'saved', at: new Date(theirs.updatedAt) });
      await dropDraft(theirs.id);
    },
    overwriteTheirs: (theirs) => goOnFrom(theirs.id, theirs.version),
    bringBack: async () => {
      const now = door.open();
      if (!now) return;
      const { version } = await door.restore(now.id);
      await goOnFrom(now.id, version);
    },
    keepMineAsCopy: async () => {
      const now = door.open();
      if (!now) return undefined;
      const content = door.contentOf(now.work);
      const copy = await door.create({ ...content, name: `${content.name.slice(0, COPY_NAME)}, my copy` });
      await dropDraft(now.id);
      return copy;
    },
  };
}

/** Saves one kind of document by itself. */
export function autosaveOf<View extends SavedView & Content, Content extends { readonly name: string }, Work>(
  door: SavingDoor<View, Content, Work>,
): Autosave<View> {
  const saved = savedWorkOf(door),
    keeper = draftKeeperOf(door, saved),
    sender = senderOf(door, saved, keeper);
  const parts = { door, saved, keeper, sender };
  return {
    flush: sender.flush,
    start: () => watching(parts),
    open: (view) => opened(parts, view),
    ...choicesOf(parts),
  };
}
