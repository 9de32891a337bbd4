import type { FormulaView } from '@alterum/contract';
import { formulaBodyOf, formulaOfContent } from '@alterum/contract/convert';
import type { Formula } from '@alterum/core';
import { knowInside } from '../household/sauces-inside';
import { api, ApiProblem, Unreachable, whyNot } from '../server/api';
import { useNotices } from '../notices/notices';
import { openOnBench, rebase, useBench } from '../open-formula/bench-store';
import { dropDraft, findDraft, keepDraft } from './drafts';
import { setSaving, useSaving } from './saving';

/** Quiet time after the last change before it is sent, ms. */
const QUIET_MS = 500;
/** Waits between tries while the server is away, ms. */
const RETRY_MS = [1500, 3000, 6000, 12_000] as const;

let saved: { readonly id: string; readonly formula: Formula } | undefined;
let timer: ReturnType<typeof setTimeout> | undefined;
let sending: Promise<void> | undefined;
let failures = 0;

const same = (a: Formula, b: Formula): boolean =>
  JSON.stringify(formulaBodyOf(a)) === JSON.stringify(formulaBodyOf(b));

const isDirty = (): boolean => {
  const { bench } = useBench.getState();
  return bench !== undefined && (saved?.id !== bench.id || saved.formula !== bench.history.formula);
};

/** Nothing is sent while the cook is asked what to go on with. */
const isAsking = (): boolean => ['conflict', 'gone'].includes(useSaving.getState().saving.kind);

function schedule(ms: number): void {
  clearTimeout(timer);
  timer = setTimeout(() => void flush(), ms);
}

async function send(): Promise<void> {
  const { bench } = useBench.getState();
  if (!bench) return;
  const {
    id,
    version,
    history: { formula },
  } = bench;
  setSaving({ kind: 'saving' });
  try {
    const view = await api.updateFormula(id, { ...formulaBodyOf(formula), version });
    failures = 0;
    // Another formula may have been opened, or another version taken, while this was on its way.
    if (!buildsOn(id, version)) return;
    saved = { id, formula };
    rebase(id, view.version);
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
    setSaving({ kind: 'conflict', theirs: error.problem.current as FormulaView });
  else if (error instanceof ApiProblem && error.problem.status === 404) setSaving({ kind: 'gone' });
  else if (error instanceof ApiProblem && error.problem.status < 500)
    setSaving({ kind: 'refused', message: whyNot(error) });
  else {
    setSaving({ kind: 'offline', kept });
    schedule(RETRY_MS[Math.min(failures++, RETRY_MS.length - 1)] ?? QUIET_MS);
    if (!(error instanceof Unreachable) && !(error instanceof ApiProblem)) throw error;
  }
}

/** Sends what is unsaved now; resolves when the server has answered. */
export async function flush(): Promise<void> {
  clearTimeout(timer);
  await sending;
  if (!isDirty() || isAsking()) return;
  sending = send().finally(() => (sending = undefined));
  await sending;
}

/** Whether what is open is still that formula, on that version. */
const buildsOn = (id: string, version: number): boolean => {
  const { bench } = useBench.getState();
  return bench?.id === id && bench.version === version;
};

let keeping: ReturnType<typeof setTimeout> | undefined;

/** Keeps what is unsaved in this browser now. */
function keepNow(): void {
  clearTimeout(keeping);
  keeping = undefined;
  const { bench } = useBench.getState();
  if (bench && isDirty())
    void keepDraft(bench.id, { base: bench.version, content: formulaBodyOf(bench.history.formula) }).then(
      sayKept,
    );
}

/** Whether this browser holds what is unsaved. */
let kept = true;

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

/** Keeps the draft after the frame, so that it never delays the rails; once for all changes until then. */
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

/** Watches the open formula: every change is kept in this browser at once and sent after a short quiet. */
export function startAutosave(): () => void {
  const stop = useBench.subscribe(({ bench }, before) => {
    if (!bench || bench.history.formula === before.bench?.history.formula) return;
    if (!isDirty()) {
      backToSaved(bench.id);
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

/** Opens a formula with what this browser still holds of it: unsaved work comes back, older work asks. */
export async function openFormula(view: FormulaView): Promise<void> {
  const draft = await findDraft(view.id);
  const theirs = formulaOfContent(view);
  const mine = draft && formulaOfContent(draft.content);
  if (!draft || !mine || same(mine, theirs)) {
    if (draft) await dropDraft(view.id);
    saved = { id: view.id, formula: theirs };
    openOnBench(view, theirs);
    setSaving({ kind: 'saved', at: new Date(view.updatedAt) });
    return;
  }
  saved = undefined;
  await knowInside([draft.content]);
  openOnBench({ id: view.id, version: draft.base }, mine);
  if (draft.base === view.version) {
    setSaving({ kind: 'unsaved' });
    schedule(0);
  } else setSaving({ kind: 'conflict', theirs: view });
}

/** Takes what stands on the server; this tab's version is dropped. */
export async function takeTheirs(theirs: FormulaView): Promise<void> {
  await knowInside([theirs]);
  const formula = formulaOfContent(theirs);
  // First what is open, then the draft: one that was about to be kept finds nothing unsaved any more.
  saved = { id: theirs.id, formula };
  clearTimeout(timer);
  openOnBench(theirs, formula);
  setSaving({ kind: 'saved', at: new Date(theirs.updatedAt) });
  await dropDraft(theirs.id);
}

/** Saves this tab's version over what stands on the server. */
export async function overwriteTheirs(theirs: FormulaView): Promise<void> {
  rebase(theirs.id, theirs.version);
  setSaving({ kind: 'unsaved' });
  await flush();
}

/** Brings back a formula that was deleted somewhere else, with this tab's version in it. */
export async function bringBack(): Promise<void> {
  const { bench } = useBench.getState();
  if (!bench) return;
  const { version } = await api.restoreFormula(bench.id);
  rebase(bench.id, version);
  setSaving({ kind: 'unsaved' });
  await flush();
}

/** Saves this tab's version as a formula of its own; the other one stays as it is. */
export async function keepMineAsCopy(): Promise<FormulaView | undefined> {
  const { bench } = useBench.getState();
  if (!bench) return undefined;
  const body = formulaBodyOf(bench.history.formula);
  const copy = await api.createFormula({ ...body, name: `${body.name.slice(0, 108)}, my copy` });
  await dropDraft(bench.id);
  return copy;
}
