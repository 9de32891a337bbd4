import { keysOf, MOST } from './compared';

test('an address names each formula once, and no more than can stand side by side', () => {
  expect(keysOf(null)).toEqual([]);
  expect(keysOf('')).toEqual([]);
  expect(keysOf('a,b@1,a')).toEqual(['a', 'b@1']);
  expect(keysOf('a,b,c,d,e,f')).toHaveLength(MOST);
});
