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
const settled = () => new Promise((resolve) => setTimeout(resolve, 90));
let stop: () => void;
beforeEach(() => {
  document.body.innerHTML = `<div id="place"><main><h1>Formulas</h1><ul>
    ${['A', 'B', 'C'].map((name) => `<li id="${name}"><a href="/${name}">${name}</a><button aria-label="Delete ${name}">x</button></li>`).join('')}
  </ul></main></div>`;
  stop = spreadFocusNet();
});
afterEach(() => stop());

/** Takes something off the page as a browser does: the focus falls back to the body. */
async function takeAway(selector: string): Promise<void> {
  $(selector).remove();
  await settled();
}

test('when a row goes, the same control of the next row has the focus; of the last, the one before', async () => {
  $('#B button').focus();
  await takeAway('#B');
  expect(document.activeElement).toBe($('#C button'));
  await takeAway('#C');
  expect(document.activeElement).toBe($('#A button'));
});

test('when the whole list goes, the heading of the place has it', async () => {
  $('#A button').focus();
  await takeAway('ul');
  expect(document.activeElement).toBe($('h1'));
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
  await takeAway('[role=menu]');
  expect(document.activeElement).toBe($('#B button'));
  openMenu();
  $('#B').remove();
  await takeAway('[role=menu]');
  expect(document.activeElement).toBe($('#C button'));
});

test('a press on the empty page may leave the focus nowhere', async () => {
  $('#A button').focus();
  $('h1').dispatchEvent(new Event('pointerdown', { bubbles: true }));
  $('#A button').blur();
  await takeAway('#C');
  expect(document.activeElement).toBe(document.body);
});
