import { takenAsPlanned } from './taken-as-planned';

const NOW = 1440 + 18 * 60 + 40;
const at = (id: string, fromNow: number, minutes: number) => ({
  id,
  start: NOW + fromNow,
  end: NOW + fromNow + minutes,
});
const evening = [
  at('soak', -620, 600),
  at('boil', -50, 24),
  at('blend', -20, 5),
  at('simmer', -10, 30),
  at('lemon', 17, 3),
];
const nothing = { begun: {}, done: {} };

test('where nobody says anything the plan was followed', () => {
  expect(takenAsPlanned(evening, nothing, NOW, 0)).toEqual({
    done: { soak: NOW - 20, boil: NOW - 26, blend: NOW - 15 },
    begun: { simmer: NOW - 10 },
  });
});

test('a quarter of an hour late, it stands where it should have stood then; what was begun in the morning is not late', () => {
  expect(takenAsPlanned(evening, nothing, NOW, 15)).toEqual({
    done: { soak: NOW - 20, boil: NOW - 11, blend: NOW },
    begun: {},
  });
});

test('once something is said, what is not said of the evening has not begun', () => {
  const said = { begun: { simmer: NOW - 2 }, done: { blend: NOW - 3 } };
  expect(takenAsPlanned(evening, said, NOW, 15)).toEqual({ done: { soak: NOW - 20 }, begun: {} });
});
