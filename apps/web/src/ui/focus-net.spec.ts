import { waitFor } from '@testing-library/react';
import { spreadFocusNet } from './focus-net';

Object.defineProperty(HTMLElement.prototype, 'offsetParent', {
  get(this: HTMLElement) {
    return this.isConnected ? document.body : null;
  },
  configurable: true,
});
const $ = (selector: string) => {
  const found = document.querySelector<HTMLElement>(selector);
  if (!found) throw new Error(`no ${selector}`);
  return found;
};
/** Longer than the net waits for whoever else hands the focus on. */
const longEnough = () => new Promise((resolve) => setTimeout(resolve, 150));
let stop: () => void;
beforeEach(() => {
  document.body.innerHTML = `<div id="place"><main><h1>Formulas</h1><ul>
    ${['A', 'B', 'C'].map((name) => `<li id="${name}"><a href="/${name}">${name}</a><button aria-label="Delete ${name}">x</button></li>`).join('')}
  </ul></main></div>`;
  stop = spreadFocusNet();
});
afterEach(() => stop());

/** Takes something off the page as a browser does: the focus falls back to the body. */
const takeAway = (selector: string): void => $(selector).remove();
/** What has the focus, once that is handed on; a busy machine takes its time. */
const hasFocus = (selector: string) => waitFor(() => expect(document.activeElement).toBe($(selector)));

test('when a row goes, the same control of the next row has the focus; of the last, the one before', async () => {
  $('#B button').focus();
  takeAway('#B');
  await hasFocus('#C button');
  takeAway('#C');
  await hasFocus('#A button');
});

test('when the whole list goes, the heading of the place has it', async () => {
  $('#A button').focus();
  takeAway('ul');
  await hasFocus('h1');
});

test('when a menu goes, what opened it has it; when that is gone too, what stands next to it', async () => {
  const openMenu = () => {
    document.body.insertAdjacentHTML(
      'beforeend',
      '<div role="menu"><button id="item">Take out</button></div>',
    );
    $('#item').focus();
  };
  $('#B button').focus();
  openMenu();
  takeAway('[role=menu]');
  await hasFocus('#B button');
  openMenu();
  $('#B').remove();
  takeAway('[role=menu]');
  await hasFocus('#C button');
});

test('a press on the empty page may leave the focus nowhere', async () => {
  $('#A button').focus();
  $('h1').dispatchEvent(new Event('pointerdown', { bubbles: true }));
  $('#A button').blur();
  takeAway('#C');
  await longEnough();
  expect(document.activeElement).toBe(document.body);
});
