import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { addressOf, announceAddress } from './server-address.js';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'alterum-address-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

test('a server says where it can be asked for as long as it runs, and leaves nothing behind', () => {
  const database = join(folder, 'kitchen.sqlite');
  expect(addressOf(database)).toBeUndefined();
  const takeAway = announceAddress(database, 'http://127.0.0.1:4173');
  expect(addressOf(database)).toBe('http://127.0.0.1:4173');
  expect(addressOf(join(folder, 'other.sqlite'))).toBeUndefined();
  takeAway();
  expect(readdirSync(folder)).toEqual([]);
  // It may have gone already, with the folder’s other files.
  expect(takeAway).not.toThrow();
});
