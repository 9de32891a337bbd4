import type { Method } from '../../recipe/method/operation.js';
import {
  afterTheHeat,
  atTheStart,
  changed,
  entering,
  goesInWith,
  inPieces,
  moved,
  withOperation,
  withoutLine,
  withoutOperation,
} from './edit-method.js';

const heat = { kind: 'heat', temperatureC: 90, minutes: 5 } as const,
  blend = { kind: 'blend', seconds: 60, tool: 'jug' } as const;
const method: Method = [
  { kind: 'put-in', lines: ['nuts', 'water'] },
  blend,
  { ...heat, lines: ['salt'] },
  { kind: 'put-in', lines: ['lemon'] },
];
/** Kinds, with the lines that go in: "put-in nuts water". */
const said = (of: Method) => of.map(({ kind, lines }) => [kind, ...(lines ?? [])].join(' '));

test('taken out of where it was; what only put it in goes, what does something stays', () => {
  expect(said(withoutLine(method, 'lemon'))).toEqual(['put-in nuts water', 'blend', 'heat salt']);
  expect(said(withoutLine(method, 'salt'))).toEqual(['put-in nuts water', 'blend', 'heat', 'put-in lemon']);
  expect(said(withoutLine(method, 'nuts'))).toEqual(['put-in water', 'blend', 'heat salt', 'put-in lemon']);
  expect(withoutLine(method, 'nobody')).toEqual(method);
  expect(said(withoutLine([{ kind: 'stir-in', lines: ['chives'] }], 'chives'))).toEqual([]);
  // An operation that never put anything in is left as it is, the very same.
  expect(withoutLine(method, 'lemon')[1]).toBe(blend);
});

test('goes in at a place: with what puts in there, or with an operation of its own', () => {
  expect(said(entering(method, ['oil'], 0))[0]).toBe('put-in nuts water oil');
  expect(said(entering(method, ['oil'], 1))).toEqual([
    'put-in nuts water',
    'put-in oil',
    'blend',
    'heat salt',
    'put-in lemon',
  ]);
  expect(said(entering(method, ['oil'], 3, 'stir-in'))).toEqual([
    'put-in nuts water',
    'blend',
    'heat salt',
    'stir-in oil',
    'put-in lemon',
  ]);
  expect(said(entering([], ['oil'], 0))).toEqual(['put-in oil']);
  expect(said(entering([{ kind: 'put-in' }], ['oil'], 0))).toEqual(['put-in oil']);
  expect(said(goesInWith(method, 'lemon', 2))).toEqual(['put-in nuts water', 'blend', 'heat salt lemon']);
  expect(said(goesInWith(method, 'salt', 2))[2]).toBe('heat salt');
  expect(said(goesInWith(method, 'oil', 1))[1]).toBe('blend oil');
  expect(() => goesInWith(method, 'lemon', 9)).toThrow(/no operation 10/);
});

test('at the start, after the last heat, in pieces behind blade and heat', () => {
  expect(said(atTheStart(method, 'lemon'))).toEqual(['put-in nuts water lemon', 'blend', 'heat salt']);
  expect(said(afterTheHeat(method, 'nuts'))).toEqual([
    'put-in water',
    'blend',
    'heat salt',
    'put-in lemon nuts',
  ]);
  expect(said(afterTheHeat([blend, heat], 'nuts'))).toEqual(['blend', 'heat', 'put-in nuts']);
  expect(said(afterTheHeat([blend], 'nuts'))).toEqual(['put-in nuts', 'blend']);
  expect(said(inPieces(method, 'nuts'))).toEqual([
    'put-in water',
    'blend',
    'heat salt',
    'put-in lemon',
    'stir-in nuts',
  ]);
  expect(said(inPieces([heat, blend], 'nuts'))).toEqual(['heat', 'blend', 'stir-in nuts']);
  expect(said(inPieces([heat, blend, { kind: 'stir-in', lines: ['chives'] }], 'nuts'))).toEqual([
    'heat',
    'blend',
    'stir-in chives nuts',
  ]);
  expect(said(inPieces([], 'nuts'))).toEqual(['stir-in nuts']);
});

test('moved within the list and no further; changed, left out and added at their place', () => {
  expect(said(moved(method, 0, 2))).toEqual(['blend', 'heat salt', 'put-in nuts water', 'put-in lemon']);
  expect(said(moved(method, 3, -4))[0]).toBe('put-in lemon');
  expect(said(moved(method, 0, 99)).at(-1)).toBe('put-in nuts water');
  expect(moved(method, 9, 0)).toBe(method);
  const hotter = changed(method, 2, { temperatureC: 95 });
  expect(hotter[2]).toEqual({ ...heat, lines: ['salt'], temperatureC: 95 });
  expect(hotter[1]).toBe(blend);
  // As usual again: the field is gone, not undefined.
  expect(changed(method, 1, { tool: undefined })[1]).toEqual({ kind: 'blend', seconds: 60 });
  expect('tool' in changed(method, 1, { tool: undefined })[1]!).toBe(false);
  expect(said(withoutOperation(method, 1))).toEqual(['put-in nuts water', 'heat salt', 'put-in lemon']);
  expect(said(withOperation(method, { kind: 'rest', minutes: 5 }, 3))[3]).toBe('rest');
  expect(withOperation(method, { kind: 'rest' }, 4)).toHaveLength(5);
});
