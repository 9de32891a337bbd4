import type { FormulaView } from '@alterum/contract';
import { type FormulaContent, formulaBodyOf } from '@alterum/contract/convert';
import { blankFormula, type Formula } from '@alterum/core';
import { formulaSaving } from './formula-saving';
import { take, useBench, undoOnBench } from '../open-formula/bench-store';
import { findDraft, keepDraft } from './drafts';
import { useNotices } from '../notices/notices';
import { useSaving } from './saving';

const { bringBack, flush, keepMineAsCopy, overwriteTheirs, takeTheirs } = formulaSaving,
  openFormula = formulaSaving.open,
  startAutosave = formulaSaving.start;

const cream: Formula = { ...blankFormula, name: 'Cream' };
const viewOf = (formula: Formula, version: number): FormulaView => ({
  ...formulaBodyOf(formula),
  id: 'f',
  version,
  updatedAt: '2026-11-01T10:00:00.000Z',
  favourite: false,
});

/** A server that holds one formula, and can be away or refuse. */
const server = {
  version: 1,
  held: cream,
  mood: 'well' as 'well' | 'away' | 'refuses' | 'page' | 'gone',
  writes: [] as { readonly method: string; readonly name: string }[],
};
const respond = (status: number, body: unknown, type = 'application/json') => ({
  ok: status < 400,
  status,
  headers: { get: () => type },
  text: () => Promise.resolve(JSON.stringify(body)),
});
const problem = (status: number, detail: string, more: object = {}) =>
  respond(status, { type: '/problems/x', title: 'x', status, detail, ...more }, 'application/problem+json');

globalThis.fetch = ((_path: string, init: RequestInit) => {
  if (server.mood === 'away') return Promise.reject(new TypeError('no network'));
  if (server.mood === 'page') return Promise.resolve(respond(502, 'Bad gateway', 'text/html'));
  if (server.mood === 'gone') return Promise.resolve(problem(404, 'There is no formula of this id.'));
  // Bringing back sends nothing and makes a version of its own.
  if (init.body === undefined) return Promise.resolve(respond(200, viewOf(server.held, ++server.version)));
  const body = JSON.parse(init.body as string) as { name: string; version?: number };
  if (server.mood === 'refuses')
    return Promise.resolve(
      problem(400, 'Nothing was changed.', {
        errors: [{ field: 'name', message: 'Give the formula a name.' }],
      }),
    );
  if (body.version !== undefined && body.version !== server.version)
    return Promise.resolve(
      problem(409, 'changed elsewhere', { current: viewOf(server.held, server.version) }),
    );
  server.writes.push({ method: init.method ?? '', name: body.name });
  server.held = { ...server.held, name: body.name };
  server.version += 1;
  return Promise.resolve(respond(200, viewOf(server.held, server.version)));
}) as unknown as typeof fetch;

const saving = () => useSaving.getState().saving;
const name = (text: string) => take({ step: 'rename', name: text });
let stop: () => void;

beforeEach(async () => {
  jest.useFakeTimers({ doNotFake: ['queueMicrotask', 'nextTick'] });
  localStorage.clear();
  Object.assign(server, { version: 1, held: cream, mood: 'well', writes: [] });
  await openFormula(viewOf(cream, 1));
  stop = startAutosave();
});
afterEach(async () => {
  server.mood = 'well';
  stop();
  await flush();
  jest.useRealTimers();
});

test('typing is sent once, after a short quiet, and then stands as saved', async () => {
  for (const text of ['C', 'Cr', 'Cre']) name(text);
  expect(saving().kind).toBe('unsaved');
  expect(server.writes).toEqual([]);
  await jest.advanceTimersByTimeAsync(600);
  expect(server.writes).toEqual([{ method: 'PUT', name: 'Cre' }]);
  expect(saving().kind).toBe('saved');
  expect(useBench.getState().bench?.version).toBe(2);
});

test('what is typed is kept in this browser at once, and dropped when the server has it', async () => {
  name('Kept');
  await jest.advanceTimersByTimeAsync(1);
  expect((await findDraft<FormulaContent>('f'))?.content.name).toBe('Kept');
  await jest.advanceTimersByTimeAsync(600);
  expect(await findDraft<FormulaContent>('f')).toBeUndefined();
});

test('what is undone before it was sent is saved at once: nothing goes out, and no draft stays', async () => {
  const start = useBench.getState().bench?.history.formula;
  if (!start) throw new Error('nothing is open');
  take({ step: 'become', formula: { ...start, name: 'For a moment' } });
  await jest.advanceTimersByTimeAsync(1);
  undoOnBench();
  expect(saving().kind).toBe('saved');
  await jest.advanceTimersByTimeAsync(2000);
  expect(server.writes).toEqual([]);
  expect(saving().kind).toBe('saved');
  expect(await findDraft<FormulaContent>('f')).toBeUndefined();
});

test.each(['away', 'page'] as const)(
  'a server that is %s loses nothing: it is tried again until it answers',
  async (mood) => {
    server.mood = mood;
    name('Through the storm');
    await jest.advanceTimersByTimeAsync(600);
    expect(saving().kind).toBe('offline');
    expect((await findDraft<FormulaContent>('f'))?.content.name).toBe('Through the storm');
    server.mood = 'well';
    await jest.advanceTimersByTimeAsync(13_000);
    expect(saving().kind).toBe('saved');
    expect(server.held.name).toBe('Through the storm');
  },
);

test('what the server refuses is said in its words and stays on the Bench', async () => {
  server.mood = 'refuses';
  name('');
  await jest.advanceTimersByTimeAsync(600);
  expect(saving()).toEqual({ kind: 'refused', message: 'Give the formula a name.' });
  expect(useBench.getState().bench?.history.formula.name).toBe('');
});

describe('when another tab was first', () => {
  beforeEach(async () => {
    Object.assign(server, { version: 7, held: { ...cream, name: 'Theirs' } });
    name('Mine');
    await jest.advanceTimersByTimeAsync(600);
  });
  const theirs = (): FormulaView => {
    const state = saving();
    if (state.kind !== 'conflict') throw new Error(`it stands at ${state.kind}`);
    return state.theirs as FormulaView;
  };

  test('it asks, and writes nothing over until it is told', async () => {
    expect(theirs().name).toBe('Theirs');
    name('Mine still');
    await jest.advanceTimersByTimeAsync(5000);
    expect(server.held.name).toBe('Theirs');
    await takeTheirs(theirs());
  });

  test('theirs can be taken', async () => {
    await takeTheirs(theirs());
    expect(useBench.getState().bench).toMatchObject({ version: 7, history: { formula: { name: 'Theirs' } } });
    expect(saving().kind).toBe('saved');
  });

  test('mine can be saved over it', async () => {
    await overwriteTheirs(theirs());
    expect(server.held.name).toBe('Mine');
    expect(saving().kind).toBe('saved');
  });

  test('mine can be kept as a copy beside it', async () => {
    const copy = await keepMineAsCopy();
    expect(server.writes).toEqual([{ method: 'POST', name: 'Mine, my copy' }]);
    expect(copy?.version).toBe(8);
    await takeTheirs(theirs());
  });
});

test('theirs, once taken, leaves no draft behind, not even one that was about to be kept', async () => {
  Object.assign(server, { version: 7, held: { ...cream, name: 'Theirs' } });
  name('Mine');
  await jest.advanceTimersByTimeAsync(600);
  name('Mine, typed in the moment before');
  await takeTheirs(viewOf(server.held, 7));
  await jest.advanceTimersByTimeAsync(2000);
  expect(await findDraft<FormulaContent>('f')).toBeUndefined();
  expect(useBench.getState().bench?.history.formula.name).toBe('Theirs');
  expect(server.held.name).toBe('Theirs');
});

test('an answer that comes after another formula was opened does not count for that one', async () => {
  name('Sent first');
  const sending = flush();
  await openFormula({ ...viewOf({ ...cream, name: 'Another' }, 1), id: 'g' });
  await sending;
  expect(server.held.name).toBe('Sent first');
  expect(useBench.getState().bench).toMatchObject({
    id: 'g',
    version: 1,
    history: { formula: { name: 'Another' } },
  });
  await jest.advanceTimersByTimeAsync(2000);
  expect(server.writes.map((write) => write.name)).toEqual(['Sent first']);
  expect(saving().kind).toBe('saved');
  await openFormula(viewOf(server.held, server.version));
});

test('a page that is hidden keeps what is unsaved at once and sends it', async () => {
  server.mood = 'away';
  name('Going away');
  Object.defineProperty(document, 'visibilityState', { value: 'hidden', configurable: true });
  document.dispatchEvent(new Event('visibilitychange'));
  expect(Object.values({ ...localStorage }).join()).toContain('Going away');
  Object.defineProperty(document, 'visibilityState', { value: 'visible', configurable: true });
  server.mood = 'well';
  await jest.advanceTimersByTimeAsync(13_000);
  expect(server.held.name).toBe('Going away');
});

test('deleted somewhere else: nothing is sent until the cook says, then it is back with what was changed here', async () => {
  server.mood = 'gone';
  name('Still wanted');
  await jest.advanceTimersByTimeAsync(600);
  expect(saving().kind).toBe('gone');
  name('Still wanted, and changed');
  await jest.advanceTimersByTimeAsync(5000);
  expect(server.writes).toEqual([]);
  expect((await findDraft<FormulaContent>('f'))?.content.name).toBe('Still wanted, and changed');
  server.mood = 'well';
  await bringBack();
  expect(server.held.name).toBe('Still wanted, and changed');
  expect(saving().kind).toBe('saved');
});

test('“kept here” is said only where the browser keeps it; a full store is told', async () => {
  const full = jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new DOMException('full', 'QuotaExceededError');
  });
  server.mood = 'away';
  name('Nowhere to go');
  await jest.advanceTimersByTimeAsync(600);
  expect(saving()).toEqual({ kind: 'offline', kept: false });
  expect(useNotices.getState().notices.at(-1)?.text).toMatch(/store is full/);
  full.mockRestore();
  name('Room again');
  await jest.advanceTimersByTimeAsync(600);
  expect(saving()).toEqual({ kind: 'offline', kept: true });
  server.mood = 'well';
  await jest.advanceTimersByTimeAsync(13_000);
  expect(saving().kind).toBe('saved');
});

test('work that was not sent comes back when the formula is opened again, and is sent', async () => {
  await keepDraft('f', { base: 1, content: formulaBodyOf({ ...cream, name: 'From yesterday' }) });
  await openFormula(viewOf(cream, 1));
  expect(useBench.getState().bench?.history.formula.name).toBe('From yesterday');
  await jest.advanceTimersByTimeAsync(10);
  expect(server.held.name).toBe('From yesterday');
});

test('work on an older version than the server’s asks before it is sent', async () => {
  await keepDraft('f', { base: 1, content: formulaBodyOf({ ...cream, name: 'Old work' }) });
  await openFormula(viewOf({ ...cream, name: 'Newer' }, 3));
  expect(saving().kind).toBe('conflict');
  expect(server.writes).toEqual([]);
  await takeTheirs(viewOf({ ...cream, name: 'Newer' }, 3));
});
