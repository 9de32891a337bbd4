import { seededChance } from '../../numeric/chance.js';
import { leastSum } from './least-sum.js';
import { TimeNetwork } from './time-network.js';

test('what follows what follows is bound, and a contradiction changes nothing', () => {
  const network = TimeNetwork.of(3)!;
  expect(network.after(0, 2)).toBe(-Infinity);
  expect(network.bind(0, 1, 5) && network.bind(1, 2, 7)).toBe(true);
  expect(network.after(0, 2)).toBe(12);
  // 2 at most 20 after 0: 1 at most 13 after it.
  expect(network.bind(2, 0, -20)).toBe(true);
  expect(network.after(1, 0)).toBe(-13);
  expect(network.canBind(0, 1, 13) && !network.canBind(0, 1, 14)).toBe(true);
  const before = network.copy();
  expect(network.bind(0, 1, 14)).toBe(false);
  expect([network.after(0, 1), network.after(1, 2), network.after(2, 0)]).toEqual([
    before.after(0, 1),
    before.after(1, 2),
    before.after(2, 0),
  ]);
  expect(network.bind(0, 1, 13)).toBe(true);
  expect(network.after(2, 0)).toBe(-20);
  expect(before.after(0, 1)).toBe(5);
});

test('bound all at once is bound one after the other', () => {
  const chance = seededChance(17),
    pick = (count: number) => Math.floor(chance() * count);
  let contradicting = 0;
  for (let round = 0; round < 200; round++) {
    const bounds = Array.from({ length: 9 }, () => ({ earlier: pick(5), later: pick(5), min: pick(9) - 6 }));
    const one = TimeNetwork.of(5)!,
      holds = bounds.every(({ earlier, later, min }) => one.bind(earlier, later, min)),
      all = TimeNetwork.of(5, bounds);
    expect([round, all !== undefined]).toEqual([round, holds]);
    if (!all) contradicting++;
    else
      for (let i = 0; i < 25; i++)
        expect(all.after(i % 5, Math.floor(i / 5))).toBe(one.after(i % 5, Math.floor(i / 5)));
  }
  expect(contradicting).toBeGreaterThan(20);
  expect(contradicting).toBeLessThan(180);
});

test('the least sum of weighted moments is that of all whole minutes tried', () => {
  const chance = seededChance(41),
    MOST = 6;
  for (let round = 0; round < 60; round++) {
    const network = TimeNetwork.of(4)!;
    for (let i = 1; i < 4; i++) {
      network.bind(0, i, 0);
      network.bind(i, 0, -MOST);
    }
    for (let n = 0; n < 4; n++)
      network.bind(Math.floor(chance() * 4), Math.floor(chance() * 4), Math.floor(chance() * 7) - 3);
    const weights = [0, ...Array.from({ length: 3 }, () => Math.floor(chance() * 9) - 4)];
    weights[0] = -weights.reduce((sum, one) => sum + one, 0);
    if (weights.every((one) => one === 0)) continue;
    let best = Infinity;
    for (let a = 0; a <= MOST; a++)
      for (let b = 0; b <= MOST; b++)
        for (let c = 0; c <= MOST; c++) {
          const times = [0, a, b, c];
          const holds = times.every((x, i) => times.every((y, j) => y - x >= network.after(i, j)));
          if (holds)
            best = Math.min(
              best,
              times.reduce((sum, x, i) => sum + x * weights[i]!, 0),
            );
        }
    const { sum, times } = leastSum(network, weights, 0);
    expect([round, sum]).toEqual([round, best]);
    expect(times[0]).toBe(0);
    times.forEach((x, i) =>
      times.forEach((y, j) => expect(y - x).toBeGreaterThanOrEqual(network.after(i, j) - 1e-9)),
    );
  }
});
