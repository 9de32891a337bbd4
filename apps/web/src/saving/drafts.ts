import { type FormulaContent, storedOf, storedShape, valueOfStored } from '@alterum/contract/convert';
import { tabIdentity, tabIsOpen } from './tab-identity';

/** Work that the server has not acknowledged yet, kept in this browser. */
export interface Draft {
  /** Version of the formula that was changed. */
  readonly base: number;
  readonly content: FormulaContent;
}

/** A draft as it is kept; what an older page left behind is read as it was meant. */
const draftShape = storedShape<Draft>('a draft');

/** The tab's name once it is known: after that a draft is kept without waiting, also while the page is being left. */
let known: string | undefined;

const prefix = (formula: string): string => `alterum.draft.${formula}.`;

/** @returns whether this browser really holds it now; its store may be full or shut */
export async function keepDraft(formula: string, draft: Draft): Promise<boolean> {
  const tab = known ?? (known = await tabIdentity());
  try {
    localStorage.setItem(prefix(formula) + tab, JSON.stringify(storedOf(draftShape, draft)));
    return true;
  } catch {
    return false;
  }
}

export async function dropDraft(formula: string): Promise<void> {
  localStorage.removeItem(prefix(formula) + (await tabIdentity()));
}

function parse(text: string | null): Draft | undefined {
  if (text === null) return undefined;
  try {
    const draft = valueOfStored(draftShape, JSON.parse(text));
    return typeof draft.base === 'number' && Array.isArray(draft.content?.lines) ? draft : undefined;
  } catch {
    return undefined;
  }
}

/** This tab's draft of a formula, or one left behind by a tab that is gone; that one becomes this tab's. */
export async function findDraft(formula: string): Promise<Draft | undefined> {
  const own = prefix(formula) + (await tabIdentity());
  const mine = parse(localStorage.getItem(own));
  if (mine) return mine;
  const others = Object.keys(localStorage).filter((key) => key.startsWith(prefix(formula)) && key !== own);
  for (const key of others) {
    if (await tabIsOpen(key.slice(prefix(formula).length))) continue;
    const left = parse(localStorage.getItem(key));
    localStorage.removeItem(key);
    if (!left) continue;
    localStorage.setItem(own, JSON.stringify(storedOf(draftShape, left)));
    return left;
  }
  return undefined;
}
