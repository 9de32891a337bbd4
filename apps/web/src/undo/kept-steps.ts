/** Steps of one document that can be undone, as this browser keeps them. */
interface KeptSteps<Step> {
  /** The document as it stands after them, as text: steps of another one are of no use. */
  readonly now: string;
  readonly past: readonly Step[];
  readonly future: readonly Step[];
}

/** Steps and documents kept; what is older goes. */
const STEPS = 30,
  DOCUMENTS = 20;
/** ms of quiet after which they are written. */
const QUIET_MS = 300;

const PREFIX = 'alterum.steps.';
const ORDER = 'alterum.steps';

let waiting: { readonly id: string; readonly steps: () => KeptSteps<unknown> } | undefined;
let timer: ReturnType<typeof setTimeout> | undefined;

/** Ids of the documents whose steps are kept, the last changed one last. */
function order(): readonly string[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(ORDER) ?? '[]');
    return Array.isArray(kept) ? kept.filter((id): id is string => typeof id === 'string') : [];
  } catch {
    return [];
  }
}

/** Writes what waits at once; a full or shut store keeps no steps, and says nothing: nothing of the work is lost by it. */
export function writeSteps(): void {
  clearTimeout(timer);
  const one = waiting;
  waiting = undefined;
  if (!one) return;
  try {
    const ids = [...order().filter((id) => id !== one.id), one.id];
    for (const id of ids.slice(0, -DOCUMENTS)) localStorage.removeItem(PREFIX + id);
    localStorage.setItem(ORDER, JSON.stringify(ids.slice(-DOCUMENTS)));
    localStorage.setItem(PREFIX + one.id, JSON.stringify(one.steps()));
  } catch {
    localStorage.removeItem(PREFIX + one.id);
  }
}

/** Keeps the last steps of a document, a moment later. @param now what it is by then, as text */
export function keepSteps<Step>(
  id: string,
  now: () => string,
  past: readonly Step[],
  future: readonly Step[],
): void {
  if (waiting && waiting.id !== id) writeSteps();
  waiting = {
    id,
    steps: () => ({ now: now(), past: past.slice(-STEPS), future: future.slice(-STEPS) }),
  };
  clearTimeout(timer);
  timer = setTimeout(writeSteps, QUIET_MS);
}

/** Steps kept of a document that stands as it stood after them; none of one that has become another since. */
export function stepsOf<Step>(id: string, now: string): Pick<KeptSteps<Step>, 'past' | 'future'> {
  writeSteps();
  try {
    const kept = JSON.parse(localStorage.getItem(PREFIX + id) ?? 'null') as KeptSteps<Step> | null;
    if (kept?.now === now && Array.isArray(kept.past) && Array.isArray(kept.future)) return kept;
  } catch {
    // What cannot be read is none.
  }
  return { past: [], future: [] };
}

// A page that goes may never come back.
globalThis.addEventListener?.('pagehide', writeSteps);
