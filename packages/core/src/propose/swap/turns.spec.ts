import type { PotLine } from './replace-line.js';
import { byKind, byTurns, kindsIn } from './replaced-pots.js';

const list = ['a1', 'b1', 'a2', 'c1', 'a3', 'b2'];
const kind = (one: string) => one.charAt(0);

test('by kind in the order in which the kinds came; by turns one of each, then the second of each', () => {
  expect(byKind(list, kind)).toEqual([['a1', 'a2', 'a3'], ['b1', 'b2'], ['c1']]);
  expect(byTurns(list, kind, 10)).toEqual(['a1', 'b1', 'c1', 'a2', 'b2', 'a3']);
  expect(byTurns(list, kind, 4)).toEqual(['a1', 'b1', 'c1', 'a2']);
  expect(byTurns(list, kind, 0)).toEqual([]);
  expect(byTurns([], kind, 3)).toEqual([]);
  expect(byKind([], kind)).toEqual([]);
});

const line = (id: string, more: Partial<PotLine> = {}): PotLine =>
  ({ ingredient: { id, role: 'body', shelf: 'nowhere' }, ...more }) as unknown as PotLine;

test('a pot is of the kinds that took a place in it, whatever stayed or helps beside them', () => {
  expect(kindsIn({ lines: [line('x'), line('y', { origin: 1 })] })).toBe('left out');
  expect(kindsIn({ lines: [line('x', { replaces: 0 }), line('y')] })).toBe('body nowhere');
  expect(
    kindsIn({
      lines: [
        line('x', { replaces: 1, sauce: 'House melt' }),
        line('y', { replaces: 1, sauce: 'House melt' }),
        line('z', { replaces: 2 }),
      ],
    }),
  ).toBe('House melt + body nowhere');
});
