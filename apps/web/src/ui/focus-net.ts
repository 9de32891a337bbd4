import { OVER_THE_PAGE } from './letter-keys';

/** A step of the way from a focused element up to the page: the parent, and which of its children held it. */
interface Step {
  readonly parent: Element;
  readonly child: number;
}

/** Where the focus was, so that it finds a place when that is taken away. */
interface Spot {
  readonly element: HTMLElement;
  readonly way: readonly Step[];
  /** Says which of several controls of a row it was. */
  readonly kind: string;
}

const LAYERS = `${OVER_THE_PAGE}, [data-radix-popper-content-wrapper]`;
const FOCUSABLE =
  'a[href], button:not([disabled]), input:not([disabled]), select:not([disabled]), textarea:not([disabled]), [tabindex]:not([tabindex="-1"])';

const isShown = (element: HTMLElement): boolean =>
  element.isConnected && (element.offsetParent !== null || getComputedStyle(element).position === 'fixed');
/** "Delete Flatbread melt" and "Delete Dumpling cream" are the same control of two rows. */
const kindOf = (element: Element): string =>
  `${element.tagName} ${(element.getAttribute('aria-label') ?? '').split(' ')[0] ?? ''}`;

function spotOf(element: HTMLElement): Spot {
  const way: Step[] = [];
  for (let at: Element = element; at.parentElement && at !== document.body; at = at.parentElement)
    way.push({ parent: at.parentElement, child: [...at.parentElement.children].indexOf(at) });
  return { element, way, kind: kindOf(element) };
}

function within(root: Element, kind: string): HTMLElement | undefined {
  const all = [...root.querySelectorAll<HTMLElement>(FOCUSABLE)].filter(isShown);
  if (root instanceof HTMLElement && root.matches(FOCUSABLE)) all.unshift(root);
  return all.find((element) => kindOf(element) === kind) ?? all[0];
}

/** The heading of the place, for when nothing nearer is left. */
function heading(): HTMLElement | undefined {
  const found = document.querySelector<HTMLElement>('main h1') ?? document.querySelector<HTMLElement>('main');
  if (found && !found.hasAttribute('tabindex')) found.tabIndex = -1;
  return found ?? undefined;
}

/** What should have the focus now that `spot` is gone: the same control of the next row, then of the one before, then the place’s heading. */
function placeAfter(spot: Spot): HTMLElement | undefined {
  if (isShown(spot.element)) return spot.element;
  const left = spot.way.find(({ parent }) => parent.isConnected && parent !== document.body);
  if (!left || left.parent.id === 'place' || left.parent.id === 'root') return heading();
  const { children } = left.parent;
  for (const at of [left.child, left.child - 1]) {
    const row = children[at];
    const found = row && within(row, spot.kind);
    if (found) return found;
  }
  return within(left.parent, spot.kind) ?? heading();
}

let last: Spot | undefined;
/** The last one that is in no dialog and no menu: what opened them, or stood near. */
let onPage: Spot | undefined;

/** Puts the focus where it belongs when what had it is gone; does nothing while something has it. */
function mend(): void {
  const lost = document.activeElement === null || document.activeElement === document.body;
  if (!lost || !last || isShown(last.element)) return;
  const from =
    (last.element.closest(LAYERS) ?? last.way.find(({ parent }) => parent.matches(LAYERS))) ? onPage : last;
  last = undefined;
  (from && placeAfter(from))?.focus({ preventScroll: false });
}

/** Focus never falls back to the page: whatever is taken away hands it on. */
export function spreadFocusNet(): () => void {
  const onFocus = ({ target }: FocusEvent) => {
    if (!(target instanceof HTMLElement)) return;
    last = spotOf(target);
    if (!target.closest(LAYERS)) onPage = last;
  };
  // A press on the empty page takes the focus away on purpose.
  const onPress = ({ target }: PointerEvent) => {
    if (target instanceof Element && !target.closest(`${FOCUSABLE}, ${LAYERS}, label`)) last = undefined;
  };
  let waiting: ReturnType<typeof setTimeout> | undefined;
  const watch = new MutationObserver(() => {
    if (document.activeElement !== document.body) return;
    // Whoever closed something may put the focus somewhere on purpose; that comes first.
    clearTimeout(waiting);
    waiting = setTimeout(mend, 60);
  });
  document.addEventListener('focusin', onFocus);
  document.addEventListener('pointerdown', onPress, true);
  watch.observe(document.body, { childList: true, subtree: true });
  return () => {
    clearTimeout(waiting);
    watch.disconnect();
    document.removeEventListener('focusin', onFocus);
    document.removeEventListener('pointerdown', onPress, true);
  };
}

/** How often something is looked for, and how long between, ms. */
const TRIES = 40,
  WAIT_MS = 50;

/** Does something with what is drawn, or fetched, a moment later. */
export function whenThere(selector: string, act: (found: HTMLElement) => void, tries = TRIES): void {
  const found = document.querySelector<HTMLElement>(selector);
  if (found) act(found);
  else if (tries > 0) setTimeout(() => whenThere(selector, act, tries - 1), WAIT_MS);
}

/** Puts the focus on what is drawn a moment later. */
export const focusSoon = (selector: string): void =>
  whenThere(selector, (found) => {
    if (!found.matches(`${FOCUSABLE}, [tabindex]`)) found.tabIndex = -1;
    found.focus();
    // What stands in a field is about to be replaced.
    if (found instanceof HTMLInputElement) found.select();
  });
