let down = false;
for (const [name, pressed] of [
  ['pointerdown', true],
  ['pointerup', false],
  ['pointercancel', false],
] as const)
  window.addEventListener(name, () => (down = pressed), true);

/** ms after which a click that belongs to a press has come. */
const CLICK_MS = 60;

/**
 * Does something that moves the page once the press that is under way has become its click: what is pressed must not slip away from under
 * the pointer because the press took the focus from a field.
 */
export function afterPress(work: () => void): void {
  if (!down) return work();
  window.addEventListener('pointerup', () => setTimeout(work, CLICK_MS), { once: true });
}
