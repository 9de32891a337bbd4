import { act, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { NumberField } from './number-field';

const taken = jest.fn<void, [number | undefined]>();

function Field({ live = false, optional = false }: { readonly live?: boolean; readonly optional?: boolean }) {
  const [value, setValue] = useState<number | undefined>(5);
  return (
    <NumberField
      label="Fat"
      value={value}
      unit="g"
      min={0}
      max={100}
      live={live}
      optional={optional}
      onValue={(next) => {
        taken(next);
        setValue(next);
      }}
    />
  );
}
const field = () => screen.getByRole<HTMLInputElement>('textbox', { name: 'Fat' });
const type = (text: string) => fireEvent.change(field(), { target: { value: text } });
beforeEach(() => taken.mockClear());

test('what can be read is taken when the field is left or Enter is pressed, in its unit', () => {
  render(<Field />);
  type('1,5');
  expect(taken).not.toHaveBeenCalled();
  fireEvent.blur(field());
  expect(taken).toHaveBeenLastCalledWith(1.5);
  type('0.02 kg');
  fireEvent.keyDown(field(), { key: 'Enter' });
  expect(taken).toHaveBeenLastCalledWith(20);
});

test('what cannot be read stays with the reason beside it, and nothing is taken; Escape puts back what stood there', () => {
  render(<Field />);
  type('lots');
  fireEvent.blur(field());
  expect(taken).not.toHaveBeenCalled();
  expect(field().value).toBe('lots');
  expect(screen.getByRole('alert').textContent).toMatch(/No number was found in “lots”/);
  expect(field().getAttribute('aria-describedby')).toBe(screen.getByRole('alert').id);
  fireEvent.keyDown(field(), { key: 'Escape' });
  expect(field().value).toBe('5');
  expect(screen.queryByRole('alert')).toBeNull();
});

test('empty is not known where it may be, and a mistake where it may not', () => {
  const { unmount } = render(<Field optional />);
  type('');
  fireEvent.blur(field());
  expect(taken).toHaveBeenLastCalledWith(undefined);
  unmount();
  render(<Field />);
  type('');
  fireEvent.blur(field());
  expect(screen.getByRole('alert').textContent).toMatch(/Type a number/);
});

test('in a form every key tells what stands there, and NaN while it cannot be read', () => {
  render(<Field live />);
  for (const [text, value] of [
    ['7', 7],
    ['7 g', 7],
    ['7 blobs', NaN],
    ['7,5', 7.5],
  ] as const) {
    type(text);
    expect(taken).toHaveBeenLastCalledWith(value);
  }
});

test('a reason that would move the page waits until the press that left the field has become a click', () => {
  jest.useFakeTimers();
  render(<Field />);
  type('lots');
  fireEvent(window, new Event('pointerdown'));
  fireEvent.blur(field());
  expect(screen.queryByRole('alert')).toBeNull();
  fireEvent(window, new Event('pointerup'));
  act(() => void jest.advanceTimersByTime(100));
  expect(screen.getByRole('alert').textContent).toMatch(/No number/);
  jest.useRealTimers();
});
