/** Parts of what a household chooses, each kept on the server by itself. */
export type ChoicePart = 'law' | 'kitchen' | 'evening' | 'tonight' | 'versions';

const KEY = 'alterum.household.waiting';
const parts: readonly string[] = ['law', 'kitchen', 'evening', 'tonight', 'versions'] satisfies ChoicePart[];

/** Choices that the server has not kept yet, the last of each part: in this browser, through a reload too. */
export function waitingChoices(): Map<ChoicePart, object> {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEY) ?? '[]');
    if (!Array.isArray(kept)) return new Map();
    return new Map(
      kept.filter(
        (entry): entry is [ChoicePart, object] =>
          Array.isArray(entry) &&
          parts.includes(String(entry[0])) &&
          typeof entry[1] === 'object' &&
          entry[1] !== null,
      ),
    );
  } catch {
    return new Map();
  }
}

/** @returns whether this browser holds them now */
export function keepWaiting(waiting: ReadonlyMap<ChoicePart, object>): boolean {
  try {
    if (waiting.size === 0) localStorage.removeItem(KEY);
    else localStorage.setItem(KEY, JSON.stringify([...waiting]));
    return true;
  } catch {
    return false;
  }
}
