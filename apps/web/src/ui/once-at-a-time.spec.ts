import { onceAtATime } from './once-at-a-time';

test('a second press while the first is under way begins nothing; afterwards it does', async () => {
  const made: string[] = [];
  let finish = () => {};
  const make = onceAtATime((name: string) => {
    made.push(name);
    return new Promise<void>((resolve) => (finish = resolve));
  });
  const first = make('a');
  void make('b');
  expect(made).toEqual(['a']);
  finish();
  await first;
  void make('c');
  expect(made).toEqual(['a', 'c']);
});

test('what fails may be tried again', async () => {
  let tries = 0;
  const make = onceAtATime(() => {
    tries += 1;
    return Promise.reject(new Error('away'));
  });
  await expect(make()).rejects.toThrow('away');
  await expect(make()).rejects.toThrow('away');
  expect(tries).toBe(2);
});
