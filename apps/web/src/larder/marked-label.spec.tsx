import { readLabel } from '@alterum/core';
import { renderToStaticMarkup } from 'react-dom/server';
import { LabelFindings, MarkedLabel } from './marked-label';

const shown = (text: string) => {
  const host = document.createElement('div');
  host.innerHTML = renderToStaticMarkup(<MarkedLabel text={text} read={readLabel(text)} />);
  return host;
};
const findings = (text: string) => {
  const host = document.createElement('div');
  host.innerHTML = renderToStaticMarkup(
    <LabelFindings text={text} read={readLabel(text)} taught={() => undefined} />,
  );
  return host;
};

test.each([
  'Ingredients: water, CASHEW nuts (30 %), soya lecithin, salt. May contain sesame.',
  'Ingredients: oats; milk proteins; E322; zorblax gum.\nMade in a facility that handles peanuts.',
  'no list at all',
  '<b>milk</b> & "almonds"',
  '',
])('the label stands there letter for letter, whatever is marked in it: %j', (text) => {
  expect(shown(text).textContent).toBe(text);
});

test('markup in a label is text, never a tag', () => {
  expect(shown('<img src=x onerror=alert(1)> almonds').querySelector('img')).toBeNull();
});

test('each mark says why', () => {
  const marks = [
    ...shown('Ingredients: water, casein, almonds. May contain hazelnuts.').querySelectorAll('mark'),
  ];
  const title = (word: string) => marks.find((mark) => mark.textContent?.toLowerCase().includes(word))?.title;
  for (const word of ['casein', 'almonds', 'hazelnuts']) expect(title(word)?.length).toBeGreaterThan(5);
});

test('one row an allergen, the strongest word for it', () => {
  const rows = findings('Ingredients: almonds, almond oil. May contain almonds.').querySelectorAll(
    '[data-testid="finding-almond"]',
  );
  expect(rows).toHaveLength(1);
  expect(rows[0]?.textContent).toMatch(/^contains/);
});

test('nothing found is no promise', () => {
  expect(findings('Ingredients: water, salt.').textContent).toContain('no promise');
});

test('what was not recognised is told, not dropped', () => {
  expect(findings('Ingredients: water, zorblax, salt.').textContent).toContain('“zorblax”');
});
