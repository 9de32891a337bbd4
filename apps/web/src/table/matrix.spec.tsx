import type { EaterView, FormulaView } from '@alterum/contract';
import { formulaBodyOf } from '@alterum/contract/convert';
import { blankFormula } from '@alterum/core';
import { QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen, waitFor, within } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { useFoundFormulas } from '../formula-list/use-found-formulas';
import { queries, queryClient, readList } from '../server/queries';
import { Matrix } from './matrix';

const formula = (id: string, name: string, ...ingredients: readonly string[]): FormulaView => ({
  ...formulaBodyOf({
    ...blankFormula,
    name,
    lines: ingredients.map((ingredient) => ({
      id: ingredient,
      ingredient,
      amount: { value: 100, unit: 'g' },
      role: 'body',
      preparation: 'as-is',
      stage: 'start',
    })),
  }),
  id,
  version: 1,
  updatedAt: '2026-11-01T10:00:00.000Z',
  favourite: false,
});
const eater = (name: string, allergen: 'milk' | 'tree-nut'): EaterView => ({
  id: name,
  name,
  version: 1,
  eatsTonight: true,
  needs: [{ kind: 'allergen', allergen, strictness: 'allergy', traces: false }],
});

const views = [
  formula('nut', 'Nut sauce', 'cashew', 'water'),
  formula('bean', 'Bean dip', 'white-bean-boiled', 'water'),
  formula('block', 'Block of butter', 'butter'),
];
/** A server that knows names. */
const asked: string[] = [];
const answer = (address: string) => {
  asked.push(address);
  const search = new URL(address, 'http://kitchen.test').searchParams.get('search') ?? '';
  const entries = views.filter(({ name }) => name.toLowerCase().includes(search.toLowerCase()));
  return Promise.resolve({
    ok: true,
    status: 200,
    headers: new Headers({ 'content-type': 'application/json', 'x-total-count': String(entries.length) }),
    text: () => Promise.resolve(JSON.stringify(entries)),
  });
};
beforeAll(() => {
  globalThis.fetch = answer as unknown as typeof fetch;
});
function Kitchen({ eaters }: { readonly eaters: readonly EaterView[] }) {
  return <Matrix found={useFoundFormulas(queries.wholeFormulas)} eaters={eaters} />;
}
/** As the place is opened: the first page is there before anything is drawn. */
async function show(eaters: readonly EaterView[]) {
  await readList(queries.wholeFormulas(''));
  return render(
    <QueryClientProvider client={queryClient}>
      <MemoryRouter>
        <Kitchen eaters={eaters} />
      </MemoryRouter>
    </QueryClientProvider>,
  );
}
const names = () => screen.queryAllByRole('rowheader').map((cell) => cell.textContent);
const verdicts = (name: string) => {
  const row = screen.getByRole('rowheader', { name }).closest('tr');
  if (!row) throw new Error(name);
  return within(row)
    .getAllByRole('button')
    .map((cell) => cell.getAttribute('data-verdict'));
};
const filter = (text: string) => fireEvent.change(screen.getByRole('searchbox'), { target: { value: text } });

test('every formula stands against everybody, in the order of the table', async () => {
  await show([eater('Milly', 'milk'), eater('Teo', 'tree-nut')]);
  expect(names()).toEqual(['Nut sauce', 'Bean dip', 'Block of butter']);
  expect(verdicts('Nut sauce')).toEqual(['fits', 'does-not']);
  expect(verdicts('Bean dip')).toEqual(['fits', 'fits']);
  expect(verdicts('Block of butter')).toEqual(['does-not', 'fits']);
});

test('a verdict is told by sign and word, not by colour alone', async () => {
  await show([eater('Milly', 'milk')]);
  for (const cell of screen.getAllByRole('button').filter((one) => one.dataset['verdict']))
    expect(cell.textContent).toMatch(/^[✓?✕] (nothing found|ask|cannot)$/);
});

test('the server is searched; nothing left is said', async () => {
  await show([eater('Milly', 'milk')]);
  filter('BEAN');
  await waitFor(() => expect(names()).toEqual(['Bean dip']));
  filter('granite');
  await waitFor(() => expect(names()).toEqual([]));
  expect(screen.getByText(/No formula is left/)).toBeTruthy();
  filter('');
  await waitFor(() => expect(names()).toHaveLength(3));
});

test('the filter asks the server, which looks at all formulas', async () => {
  await show([eater('Milly', 'milk')]);
  fireEvent.change(screen.getByLabelText('Show'), { target: { value: 'conflict' } });
  await waitFor(() => expect(asked.at(-1)).toContain('suits=conflict'));
  fireEvent.change(screen.getByLabelText('Show'), { target: { value: 'all' } });
  await waitFor(() => expect(names()).toHaveLength(3));
});

test('with nobody at the table it says what to do', async () => {
  await show([]);
  expect(screen.queryByRole('table')).toBeNull();
  expect(screen.getByText(/Add people first/)).toBeTruthy();
});

test('the words that promise too much are not there', async () => {
  const { container } = await show([eater('Milly', 'milk'), eater('Teo', 'tree-nut')]);
  expect(container.textContent).not.toMatch(/\bsafe\b|allergen-free/i);
});
