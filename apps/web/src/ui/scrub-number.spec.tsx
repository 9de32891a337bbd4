import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { ScrubNumber } from './scrub-number';

const seen: { value: number; gesture: string }[] = [];
const entered = jest.fn();

function Field({ start = 20 }: { readonly start?: number }) {
  const [value, setValue] = useState(start);
  return (
    <ScrubNumber
      label="Cashew"
      value={value}
      text={String(value)}
      spoken={`${value} grams`}
      unit="g"
      max={100}
      step={(v) => (v >= 10 ? 1 : 0.5)}
      onChange={(next, gesture) => {
        seen.push({ value: next, gesture });
        setValue(next);
      }}
      onEnter={entered}
    />
  );
}
const field = () => screen.getByRole<HTMLInputElement>('spinbutton', { name: 'Cashew' });
const type = (text: string) => fireEvent.change(field(), { target: { value: text } });
const press = (key: string, more: object = {}) => fireEvent.keyDown(field(), { key, ...more });

beforeEach(() => {
  seen.length = 0;
  entered.mockClear();
  Object.defineProperty(HTMLElement.prototype, 'setPointerCapture', {
    value: () => undefined,
    configurable: true,
  });
  render(<Field />);
});

test('a typed number is taken with Enter, which moves on', () => {
  type('35');
  expect(seen).toEqual([]);
  press('Enter');
  expect(seen.map(({ value }) => value)).toEqual([35]);
  expect(entered).toHaveBeenCalledTimes(1);
});

test('a decimal comma is a decimal point', () => {
  type('12,5');
  press('Enter');
  expect(seen[0]?.value).toBe(12.5);
});

test('leaving the field takes what was typed', () => {
  type('40');
  fireEvent.blur(field());
  expect(seen[0]?.value).toBe(40);
});

test.each([
  ['lots', 'No number was found in “lots”. Type 250 g or 1.2 kg.'],
  ['', 'Type a number, 250 g or 1.2 kg.'],
  ['400', 'That is 400 g. It must be between 0 and 100 g.'],
  ['-1', 'That is -1 g. It must be between 0 and 100 g.'],
])('“%s” stays in the field with the reason, and nothing changes', (text, reason) => {
  type(text);
  press('Enter');
  expect(seen).toEqual([]);
  expect(field().value).toBe(text);
  expect(field().getAttribute('aria-invalid')).toBe('true');
  expect(screen.getByRole('alert').textContent).toBe(reason);
  expect(field().getAttribute('aria-describedby')).toBe(screen.getByRole('alert').id);
  expect(entered).not.toHaveBeenCalled();
});

test('Escape puts back what stood there', () => {
  type('lots');
  press('Enter');
  press('Escape');
  expect(field().value).toBe('20');
  expect(screen.queryByRole('alert')).toBeNull();
});

test('arrows step, with Shift ten times as far, all one gesture; never past the ends', () => {
  fireEvent.focus(field());
  press('ArrowUp');
  press('ArrowUp', { shiftKey: true });
  press('ArrowDown');
  expect(seen.map(({ value }) => value)).toEqual([21, 31, 30]);
  expect(new Set(seen.map(({ gesture }) => gesture)).size).toBe(1);
  for (let i = 0; i < 12; i++) press('ArrowUp', { shiftKey: true });
  expect(seen[seen.length - 1]?.value).toBe(100);
});

test('the next visit is another gesture, so that it is taken back on its own', () => {
  fireEvent.focus(field());
  press('ArrowUp');
  fireEvent.blur(field());
  fireEvent.focus(field());
  press('ArrowUp');
  expect(seen[0]?.gesture).not.toBe(seen[1]?.gesture);
});

test('Alt with an arrow moves the line, not the amount', () => {
  press('ArrowUp', { altKey: true });
  expect(seen).toEqual([]);
});

test('what is spoken carries its unit', () => {
  expect(field().getAttribute('aria-valuetext')).toBe('20 grams');
  expect(field().getAttribute('aria-valuemax')).toBe('100');
});

test('a unit may be typed, and thousands in whatever marks', () => {
  type('0,05 kg');
  press('Enter');
  expect(seen[0]?.value).toBe(50);
});

const drag = (pointerType: string) => {
  const at = (x: number) => ({ pointerType, button: 0, buttons: 1, clientX: x, pointerId: 1 });
  const send = (name: string, x: number) => {
    const event = new Event(name, { bubbles: true, cancelable: true });
    Object.assign(event, at(x));
    fireEvent(field(), event);
  };
  send('pointerdown', 100);
  send('pointermove', 120);
  send('pointermove', 150);
  send('pointerup', 150);
};

test('a mouse drags the number along; a finger that moves over it changes nothing', () => {
  drag('touch');
  expect(seen).toEqual([]);
  drag('mouse');
  expect(seen.at(-1)?.value).toBe(30);
});

test('a finger gets buttons with the focus, and they keep it there', () => {
  drag('touch');
  fireEvent.focus(field());
  fireEvent.click(screen.getByRole('button', { name: 'More, Cashew' }));
  fireEvent.click(screen.getByRole('button', { name: 'More, Cashew' }));
  fireEvent.click(screen.getByRole('button', { name: 'Less, Cashew' }));
  expect(seen.map(({ value }) => value)).toEqual([21, 22, 21]);
});
