import { create } from 'zustand';

const KEY = 'alterum.letter-keys';

/** Whether single letters do something; switched off where they get in the way of speech input or a trembling hand (WCAG 2.1.4). */
export const useLetterKeys = create<{ readonly on: boolean; readonly set: (on: boolean) => void }>()(
  (set) => ({
    on: localStorage.getItem(KEY) !== 'off',
    set: (on) => {
      localStorage.setItem(KEY, on ? 'on' : 'off');
      set({ on });
    },
  }),
);

/** What takes letters of its own: text that is typed, and lists that are gone through by letters. A button that was just pressed takes none. */
const TAKES_LETTERS =
  'input:not([type=checkbox], [type=radio], [type=range], [type=button]), select, textarea, [contenteditable], [role=option], [role=listbox], [role=spinbutton], [role=combobox]';
/** What stands over the page; keys belong to it alone. */
export const OVER_THE_PAGE = '[role=dialog], [role=alertdialog], [role=menu]';

/** Whether something stands over the page, so that keys must not act behind it. */
export const layerIsOpen = (): boolean => document.querySelector(OVER_THE_PAGE) !== null;

/** Whether a single letter pressed here may do something: nobody types, no list has the focus, nothing stands over the page. */
export function letterIsFree(event: KeyboardEvent): boolean {
  if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return false;
  if (!useLetterKeys.getState().on || layerIsOpen()) return false;
  return !(event.target instanceof Element && event.target.closest(TAKES_LETTERS));
}

/** Whether a key goes into a text, where undo belongs to the text. A field of one number is not a text. */
export const isText = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable || /^(INPUT|TEXTAREA)$/.test(target.tagName)) &&
  target.getAttribute('role') !== 'spinbutton';
