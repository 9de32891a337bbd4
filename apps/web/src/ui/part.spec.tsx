import { act, fireEvent, render, screen } from '@testing-library/react';
import { part } from './part';

const server = { there: true };
globalThis.fetch = (() =>
  server.there
    ? Promise.resolve({ ok: true })
    : Promise.reject(new TypeError('away'))) as unknown as typeof fetch;

function Chart({ name }: { readonly name: string }) {
  return <p>chart of {name}</p>;
}
const settle = () => act(() => Promise.resolve().then(() => undefined));
beforeEach(() => {
  jest.useFakeTimers({ doNotFake: ['queueMicrotask', 'nextTick'] });
  server.there = true;
});
afterEach(() => jest.useRealTimers());

test('until it is there something waits in its place', async () => {
  const Part = part(() => Promise.resolve({ default: Chart }), <p>drawing …</p>);
  render(<Part name="A" />);
  expect(screen.getByText('drawing …')).toBeTruthy();
  await settle();
  expect(screen.getByText('chart of A')).toBeTruthy();
});

test('a part that cannot be fetched says so, the rest stays, and it comes by itself when the server is back', async () => {
  server.there = false;
  const load = jest.fn(() =>
    server.there
      ? Promise.resolve({ default: Chart })
      : Promise.reject(new TypeError('Failed to fetch dynamically imported module')),
  );
  const Part = part<{ readonly name: string }>(load);
  render(
    <>
      <p>the pot</p>
      <Part name="B" />
    </>,
  );
  await settle();
  expect(screen.getByRole('alert').textContent).toMatch(/could not be fetched: the server does not answer/);
  expect(screen.getByText('the pot')).toBeTruthy();
  server.there = true;
  await act(() => jest.advanceTimersByTimeAsync(4100));
  expect(screen.getByText('chart of B')).toBeTruthy();
  expect(load).toHaveBeenCalledTimes(2);
});

test('where a newer build has taken the old files away, reloading is offered', async () => {
  const Part = part<{ readonly name: string }>(() => Promise.reject(new TypeError('Failed to fetch')));
  render(<Part name="C" />);
  await settle();
  await act(() => jest.advanceTimersByTimeAsync(4100));
  expect(screen.getByRole('button', { name: 'Reload the page' })).toBeTruthy();
});

test('a part that breaks while it is drawn takes nothing else with it', async () => {
  const quiet = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  let whole = false;
  const Part = part(() =>
    Promise.resolve({
      default: () => {
        if (!whole) throw new Error('broken chart');
        return <p>whole again</p>;
      },
    }),
  );
  render(
    <>
      <p>the pot</p>
      <Part />
    </>,
  );
  await settle();
  expect(screen.getByText('the pot')).toBeTruthy();
  whole = true;
  fireEvent.click(screen.getByRole('button', { name: 'Try again' }));
  expect(screen.getByText('whole again')).toBeTruthy();
  quiet.mockRestore();
});
