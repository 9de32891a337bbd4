import { blankDish } from '@alterum/contract/convert';
import { changeDish, openDish, rebaseDish, redoDish, undoDish, useDish } from './dish-store';

const now = () => useDish.getState().open!;
beforeEach(() => openDish({ id: 'd', version: 3 }, blankDish));

test('each change is undone and redone; a new one ends what was undone', () => {
  changeDish((dish) => ({ ...dish, restMin: 20 }));
  changeDish((dish) => ({ ...dish, restMin: 30 }));
  undoDish();
  expect(now().dish.restMin).toBe(20);
  undoDish();
  undoDish();
  expect(now().dish).toBe(blankDish);
  redoDish();
  expect(now().dish.restMin).toBe(20);
  changeDish((dish) => ({ ...dish, restMin: 5 }));
  redoDish();
  expect(now().dish.restMin).toBe(5);
});

test('one drag is one change, and what changes nothing is none', () => {
  for (const minutes of [11, 12, 13]) changeDish((dish) => ({ ...dish, restMin: minutes }), 'drag');
  changeDish((dish) => dish);
  expect(now().past).toHaveLength(1);
  undoDish();
  expect(now().dish.restMin).toBe(blankDish.restMin);
});

test('the version follows the server, that of another dish does not', () => {
  rebaseDish('other', 9);
  expect(now().version).toBe(3);
  rebaseDish('d', 4);
  expect(now().version).toBe(4);
});
