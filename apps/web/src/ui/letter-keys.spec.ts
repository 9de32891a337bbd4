import { letterIsFree, useLetterKeys } from './letter-keys';

/** Presses a letter on something of the page and says whether it was free. */
function pressed(html: string, on: string, more: KeyboardEventInit = {}): boolean {
  document.body.innerHTML = html;
  let free = false;
  const hear = (event: KeyboardEvent) => (free = letterIsFree(event));
  window.addEventListener('keydown', hear);
  document
    .querySelector(on)
    ?.dispatchEvent(new KeyboardEvent('keydown', { key: 's', bubbles: true, ...more }));
  window.removeEventListener('keydown', hear);
  return free;
}
afterEach(() => useLetterKeys.getState().set(true));

test('a letter on the page is free', () => {
  expect(pressed('<main><p>sauce</p></main>', 'main')).toBe(true);
  expect(pressed('<main><section tabindex="-1">panel</section></main>', 'section')).toBe(true);
});

test.each([
  '<input>',
  '<textarea></textarea>',
  '<select></select>',
  '<ul role="listbox" tabindex="0"></ul>',
  '<span role="spinbutton" tabindex="0"></span>',
])('on %s it is not', (html) => {
  expect(pressed(`<main>${html}</main>`, 'main > *')).toBe(false);
});

test.each([
  '<button>x</button>',
  '<a href="/x">x</a>',
  '<input type="checkbox">',
  '<span role="slider" tabindex="0"></span>',
  '<span role="tab" tabindex="0"></span>',
])('on %s, which takes no letters, it is: what was pressed last keeps no key from acting', (html) => {
  expect(pressed(`<main>${html}</main>`, 'main > *')).toBe(true);
});

test.each(['dialog', 'alertdialog', 'menu'])('behind an open %s it is not', (role) => {
  expect(pressed(`<main></main><div role="${role}"></div>`, 'main')).toBe(false);
});

test('with a chord it is not, and not when letters are switched off', () => {
  for (const chord of [{ ctrlKey: true }, { metaKey: true }, { altKey: true }])
    expect(pressed('<main></main>', 'main', chord)).toBe(false);
  useLetterKeys.getState().set(false);
  expect(pressed('<main></main>', 'main')).toBe(false);
});
