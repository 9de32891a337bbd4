import { storedOf, storedShape, valueOfStored } from '@alterum/contract/convert';
import { tabIdentity, tabIsOpen } from './tab-identity';

/** Work that the server has not acknowledged yet, kept in this browser. */
export interface Draft<Content = unknown> {
  /** Version of what was changed. */
  readonly base: number;
  readonly content: Content;
}

/** A draft as it is kept; what an older page left behind is read as it was meant. */
const draftShape = storedShape<Draft>('a draft');

/** The tab's name once it is known: after that a draft is kept without waiting, also while the page is being left. */
let known: string | undefined;

const prefix = (id: string): string => `alterum.draft.${id}.`;

/** @returns whether this browser really holds it now; its store may be full or shut */
export async function keepDraft(id: string, draft: Draft): Promise<boolean> {
  const tab = known ?? (known = await tabIdentity());
  try {
    localStorage.setItem(prefix(id) + tab, JSON.stringify(storedOf(draftShape, draft)));
    return true;
  } catch {
    return false;
  }
}

export async function dropDraft(id: string): Promise<void> {
  localStorage.removeItem(prefix(id) + (await tabIdentity()));
}

interface Named {
  readonly name?: unknown;
}

function parse(text: string | null): Draft | undefined {
  if (text === null) return undefined;
  try {
    const draft = valueOfStored(draftShape, JSON.parse(text));
    return typeof draft.base === 'number' && typeof (draft.content as Named | null)?.name === 'string'
      ? draft
      : undefined;
  } catch {
    return undefined;
  }
}

/** This tab's draft of a document, or one left behind by a tab that is gone; that one becomes this tab's. */
export async function findDraft<Content>(id: string): Promise<Draft<Content> | undefined> {
  const own = prefix(id) + (await tabIdentity());
  const mine = parse(localStorage.getItem(own));
  if (mine) return mine as Draft<Content>;
  const others = Object.keys(localStorage).filter((key) => key.startsWith(prefix(id)) && key !== own);
  for (const key of others) {
    if (await tabIsOpen(key.slice(prefix(id).length))) continue;
    const left = parse(localStorage.getItem(key));
    localStorage.removeItem(key);
    if (!left) continue;
    localStorage.setItem(own, JSON.stringify(storedOf(draftShape, left)));
    return left as Draft<Content>;
  }
  return undefined;
}
