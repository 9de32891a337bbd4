import { type KitchenServer, problemOf, startKitchenServer } from '../kitchen-server.fixture.js';
import { backupsOf, content } from './backup.fixture.js';

/** One kitchen for all: whatever is refused changes nothing. */
let server: KitchenServer, before: string;
const { backup, send, fill } = backupsOf(() => server);
beforeAll(async () => {
  server = await startKitchenServer();
  await fill();
  before = await backup();
});
afterAll(() => server.close());

const broken: readonly (readonly [string, (text: string) => string, string, string])[] = [
  ['no JSON', () => 'hello', 'unreadable-body', ''],
  ['a backup that is cut off', (text) => text.slice(0, text.length - 40), 'unreadable-body', ''],
  ['an empty body', () => '', 'unreadable-body', ''],
  ['a list', () => '[1, 2]', 'unreadable-body', ''],
  [
    'what changes objects themselves',
    (text) => text.replace('"portions":4', '"portions":4,"__proto__":null'),
    'unreadable-body',
    '',
  ],
  [
    'a field called constructor',
    (text) => text.replace('"portions":4', '"constructor":1'),
    'unreadable-body',
    '',
  ],
  ['another program’s document', () => '{"format": "other", "formatVersion": 1}', 'unreadable-body', ''],
  [
    'a newer format',
    (text) => text.replace('"formatVersion": 4', '"formatVersion": 5'),
    'invalid-input',
    'formatVersion',
  ],
  [
    'a newer format of which nothing else is known',
    (text) => text.replace('"formatVersion": 4', '"formatVersion": 5').replaceAll('"id"', '"key"'),
    'invalid-input',
    'formatVersion',
  ],
  ['a missing part', (text) => text.replace('"stock"', '"shelf"'), 'invalid-input', 'shelf'],
  [
    'a field that is not known',
    (text) => text.replace('"portions":4', '"portions":4,"colour":"red"'),
    'invalid-input',
    'formulas[0].colour',
  ],
  [
    'an amount below zero',
    (text) => text.replace('"amount":360', '"amount":-3'),
    'invalid-input',
    'formulas[0].lines[1].amount',
  ],
  [
    'an entry twice',
    (text) => text.replace(/\n\{"id":"[^"]+"/g, '\n{"id":"own-same"'),
    'invalid-input',
    'ownIngredients[1].id',
  ],
  [
    'an entry that is none',
    (text) => text.replace('"stock": [', '"stock": [7, '),
    'invalid-input',
    'stock[0]',
  ],
  ...(['__proto__', 'constructor', 'toString', 'hasOwnProperty'] as const).map(
    (name) =>
      [
        `a person called ${name} among ids`,
        (text: string) => text.replace(/("people": \[\s*\{"id":)"[^"]+"/, `$1"${name}"`),
        'invalid-input',
        'people[0].id',
      ] as const,
  ),
  [
    'a line called __proto__ among ids',
    (text) => text.replace(/("lines":\[\{"id":)"[^"]+"/, '$1"__proto__"'),
    'invalid-input',
    'formulas[0].lines[0].id',
  ],
  [
    'a day of a week, which cannot be reckoned with',
    (text) => text.replace(/"createdAt":"[^"]+"/, '"createdAt":"2026-W14-3"'),
    'invalid-input',
    'ownIngredients[0].createdAt',
  ],
  [
    'a version after which none can come',
    (text) => text.replace(/("formulas": \[\s*\{"id":"[^"]+","version":)\d+/, '$19007199254740991'),
    'invalid-input',
    'formulas[0].version',
  ],
  [
    'a day that is none',
    (text) => text.replace(/"createdAt":"[^"]+"/, '"createdAt":"yesterday"'),
    'invalid-input',
    'ownIngredients[0].createdAt',
  ],
];
test.each(broken)('%s is refused, and nothing is changed', async (_what, spoil, kind, field) => {
  const problem = problemOf(await send('/api/restore?mode=replace', spoil(before)).expect(400));
  expect(problem.type).toBe(`/problems/${kind}`);
  if (field !== '') expect(problem.errors?.map((error) => error.field)).toContain(field);
  expect(content(await backup())).toEqual(content(before));
  // What restoring refuses its preview has told.
  const preview = problemOf(await send('/api/restore/preview?mode=merge', spoil(before)).expect(400));
  expect(preview.errors).toEqual(problem.errors);
});

test('of very many mistakes the first are told', async () => {
  const many = before.replace('"stock": [', `"stock": [${'7, '.repeat(60)}`);
  const { errors } = problemOf(await send('/api/restore?mode=replace', many).expect(400));
  expect(errors?.map(({ field }) => field)).toEqual(Array.from({ length: 20 }, (_none, i) => `stock[${i}]`));
});
