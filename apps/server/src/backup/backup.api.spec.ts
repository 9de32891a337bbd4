import { existsSync, readdirSync } from 'node:fs';
import { dirname } from 'node:path';
import {
  type FormulaSummary,
  type FormulaView,
  kitchenLimits,
  type RestoreKindView,
  type RestoreView,
} from '@alterum/contract';
import { type KitchenServer, problemOf, startKitchenServer } from '../kitchen-server.fixture.js';
import { asText, backupsOf, content, documentOf } from './backup.fixture.js';

let server: KitchenServer;
beforeEach(async () => {
  server = await startKitchenServer();
});
afterEach(() => server.close());

const { ask, make, backup, send, fill } = backupsOf(() => server);
const kindOf = (view: RestoreView, kind: RestoreKindView['kind']) =>
  view.kinds.find((one) => one.kind === kind);

async function emptyKitchen(): Promise<void> {
  await server.close();
  server = await startKitchenServer();
}

test('backup, empty kitchen, restore gives the same backup, put away things and the order of the list included', async () => {
  await fill();
  const before = await backup();
  const names = ((await ask().get('/api/formulas')).body as FormulaSummary[]).map(({ name }) => name);
  expect(documentOf(before)).toMatchObject({
    format: 'alterum-kitchen',
    formatVersion: 4,
    people: [{ name: 'Ane' }, { name: 'Bo', guest: true }],
    labels: [{ ingredient: 'cashew' }],
    stock: [{ ingredient: 'cashew', grams: 250 }],
    briefs: [{ name: 'For pasta' }],
    words: [{ word: 'zorblax', means: 'celery' }],
    evenings: expect.arrayContaining([
      expect.objectContaining({
        name: 'Fridays',
        putAwayAt: null,
        evening: expect.objectContaining({ burners: 3 }),
      }),
      expect.objectContaining({ name: 'Mondays', putAwayAt: expect.any(String) }),
    ]),
    household: [
      {
        law: 'us',
        lawChosen: true,
        kitchen: 'metric',
        tonight: { pots: [{ tools: ['jar'] }], dishes: [{ serveAt: 1150 }] },
        divided: { versions: [{ name: 'Hot' }] },
      },
    ],
  });
  expect(
    documentOf(before).formulas.map(({ name, versions }) => [name, versions?.map((version) => version.name)]),
  ).toEqual([
    ['Put away', []],
    ['With everything', ['First', 'Second']],
    ['Last', []],
  ]);
  for (const mode of ['merge', 'replace']) {
    await emptyKitchen();
    const done = (await send(`/api/restore?mode=${mode}`, before).expect(200)).body as RestoreView;
    expect(kindOf(done, 'formulas')).toMatchObject({
      come: { count: 3 },
      change: { count: 0 },
      go: { count: 0 },
      same: 0,
    });
    expect(content(await backup())).toEqual(content(before));
    expect(((await ask().get('/api/formulas')).body as FormulaSummary[]).map(({ name }) => name)).toEqual(
      names,
    );
    // The own ingredient is known again, by name and to the search.
    expect(
      ((await ask().get('/api/formulas?search=corner%20shop')).body as FormulaSummary[]).map(
        ({ name }) => name,
      ),
    ).toEqual(['With everything']);
  }
});

test('an evening without dishes says nothing of dishes, and a brief of the same name is the same brief', async () => {
  const { id } = await make({ name: 'Alone' });
  await ask()
    .put('/api/household/tonight')
    .send({ pots: [{ formula: id, tools: [], washedBefore: false }] })
    .expect(200);
  const brief = { name: 'For pasta', wishes: [{ rail: 'fat', low: 5, high: 15, weight: 1, pinned: false }] };
  await ask().post('/api/briefs').send(brief).expect(201);
  const before = await backup();
  expect(Object.keys(documentOf(before).household?.[0]?.tonight ?? {})).toEqual(['pots']);
  await emptyKitchen();
  await ask().post('/api/briefs').send(brief).expect(201);
  const spaced = before.replace('"name":"For pasta"', '"name":" For pasta "');
  expect(spaced).not.toBe(before);
  await send('/api/restore?mode=merge', spaced).expect(200);
  const kept = (await ask().get('/api/briefs').expect(200)).body as { name: string }[];
  expect(kept.map(({ name }) => name)).toEqual(['For pasta']);
});

test('a preview tells what would come, change, go and stay, and changes nothing', async () => {
  const { kept } = await fill();
  const before = await backup();
  await ask()
    .put(`/api/formulas/${kept.id}`)
    .send({ name: 'Changed since', version: kept.version })
    .expect(200);
  await make({ name: 'Made since' });
  await ask().delete('/api/stock/cashew').expect(204);
  const now = content(await backup());
  const replace = (await send('/api/restore/preview?mode=replace', before).expect(200)).body as RestoreView;
  expect(kindOf(replace, 'formulas')).toEqual({
    kind: 'formulas',
    come: { count: 0, names: [] },
    change: { count: 1, names: ['With everything'] },
    go: { count: 1, names: ['Made since'] },
    stay: { count: 0, names: [] },
    same: 2,
  });
  expect(kindOf(replace, 'stock')).toMatchObject({ come: { count: 1, names: ['cashew'] } });
  const merge = (await send('/api/restore/preview?mode=merge', before).expect(200)).body as RestoreView;
  expect(kindOf(merge, 'formulas')).toMatchObject({
    change: { count: 0 },
    go: { count: 0 },
    stay: { count: 1, names: ['With everything'] },
    same: 2,
  });
  expect(merge.kept).toBeUndefined();
  expect(content(await backup())).toEqual(now);
});

test('replacing makes it what the backup says, and keeps what was; a page that knows the newer one cannot write over it', async () => {
  const { kept } = await fill();
  const before = await backup();
  await ask().put(`/api/formulas/${kept.id}`).send({ name: 'Changed since', version: 1 }).expect(200);
  await make({ name: 'Made since' });
  const done = (await send('/api/restore?mode=replace', before).expect(200)).body as RestoreView;
  const whole = (text: string) => ({
    ...content(text),
    formulas: documentOf(text).formulas.map((one) => ({ ...one, version: 0 })),
  });
  const sorted = (text: string) => ({
    ...whole(text),
    formulas: [...whole(text).formulas].sort((a, b) => (a.id < b.id ? -1 : 1)),
  });
  expect(sorted(await backup())).toEqual(sorted(before));
  expect(existsSync(done.kept ?? '')).toBe(true);
  expect(readdirSync(dirname(done.kept ?? '')).some((name) => name.startsWith('before-restore'))).toBe(true);
  const problem = problemOf(
    await ask().put(`/api/formulas/${kept.id}`).send({ name: 'From an old tab', version: 2 }).expect(409),
  );
  expect(problem.type).toBe('/problems/conflict');
});

test('merging keeps what was changed later, on either side, and adds kept versions under a free name', async () => {
  const { kept } = await fill();
  const older = documentOf(await backup());
  await ask().put(`/api/formulas/${kept.id}`).send({ name: 'Changed here', version: 1 }).expect(200);
  const stranger = {
    ...older.formulas[1],
    versions: [{ ...older.formulas[1]?.versions?.[0], id: 'from-elsewhere', why: 'Another one' }],
  };
  await send('/api/restore', {
    ...older,
    formulas: [stranger],
    stock: [{ ingredient: 'cashew', grams: 9, saidAt: '2031-01-01T00:00:00.000Z' }],
  }).expect(200);
  expect((await ask().get(`/api/formulas/${kept.id}`).expect(200)).body).toMatchObject({
    name: 'Changed here',
  });
  const versions = (await ask().get(`/api/formulas/${kept.id}/versions`).expect(200)).body as {
    name: string;
    why: string;
  }[];
  expect(versions.map(({ name, why }) => [name, why])).toEqual(
    expect.arrayContaining([
      ['First', 'It was good'],
      ['First (2)', 'Another one'],
    ]),
  );
  expect((await ask().get('/api/stock').expect(200)).body).toEqual([{ ingredient: 'cashew', grams: 9 }]);
  const newer = { ...older.formulas[1], name: 'Changed there', updatedAt: '2031-01-01T00:00:00.000Z' };
  await send('/api/restore?mode=merge', { ...older, formulas: [newer] }).expect(200);
  const read = (await ask().get(`/api/formulas/${kept.id}`).expect(200)).body as FormulaView;
  expect(read).toMatchObject({ name: 'Changed there', version: 3 });
  expect(((await ask().get('/api/formulas?search=there')).body as FormulaSummary[])[0]?.id).toBe(kept.id);
});

test('another mode, a form and a packed body are refused', async () => {
  await send('/api/restore?mode=overwrite', '{}').expect(400);
  await ask().post('/api/restore').set('Content-Type', 'text/plain').send('{}').expect(415);
  await ask()
    .post('/api/restore')
    .set('Content-Type', 'application/json')
    .set('Content-Encoding', 'gzip')
    .send('{}')
    .expect(415);
  await ask()
    .post('/api/restore')
    .set('Content-Type', 'application/json')
    .set('Origin', 'http://elsewhere.test')
    .send('{}')
    .expect(403);
});

test('the database can be fetched whole, and the schema says what a document holds', async () => {
  await make();
  const file = await ask().get('/api/backup/database').buffer(true).parse(asText).expect(200);
  expect((file.body as string).slice(0, 15)).toBe('SQLite format 3');
  expect(file.headers['content-disposition']).toMatch(/attachment; filename="alterum-[\d-]+\.sqlite"/);
  const schema = (await ask().get('/api/backup/schema').expect(200)).body as {
    required: string[];
    $defs: Record<string, { required: string[] }>;
  };
  expect(schema.required).toEqual(
    expect.arrayContaining([
      'format',
      'formatVersion',
      'madeAt',
      'formulas',
      'people',
      'ownIngredients',
      'labels',
      'stock',
      'briefs',
    ]),
  );
  expect(schema.$defs['BackupFormula']?.required).toEqual(
    expect.arrayContaining(['id', 'version', 'updatedAt', 'name']),
  );
});

test('an older backup says nothing of words and of the table: what is here of them stays', async () => {
  await fill();
  const {
    words: _words,
    household: _household,
    dishes: _dishes,
    vessels: _vessels,
    evenings: _evenings,
    ...older
  } = documentOf(await backup());
  const here = documentOf(await backup());
  const done = (await send('/api/restore?mode=replace', { ...older, formatVersion: 1 }).expect(200))
    .body as RestoreView;
  expect(kindOf(done, 'words')).toMatchObject({ come: { count: 0 }, go: { count: 0 } });
  const after = documentOf(await backup());
  expect([after.words, after.household]).toEqual([here.words, here.household]);
  expect(
    problemOf(
      await send('/api/restore?mode=replace', { ...older, formatVersion: 2 }).expect(400),
    ).errors?.map(({ field }) => field),
  ).toEqual(['words', 'household']);
});

test('a formula with as many versions as can be kept, and forgotten ones beside, is restored as it was', async () => {
  const lines = Array.from({ length: 12 }, (_none, i) => ({
    id: `line-${i}`,
    ingredient: i % 2 === 0 ? 'cashew' : 'water',
    amount: 10 + i,
    unit: 'g',
  }));
  const { id } = (await ask().post('/api/formulas').send({ name: 'Kept very often', lines }).expect(201))
    .body as FormulaView;
  for (let i = 0; i < 30; i++) {
    const { body } = await ask()
      .post(`/api/formulas/${id}/versions`)
      .send({ name: `Forgotten ${i}` })
      .expect(201);
    await ask()
      .delete(`/api/formulas/${id}/versions/${(body as { id: string }).id}`)
      .expect(204);
  }
  for (let i = 0; i < kitchenLimits.versions; i++)
    await ask()
      .post(`/api/formulas/${id}/versions`)
      .send({ name: `Version ${i}` })
      .expect(201);
  const full = await backup();
  await emptyKitchen();
  await send('/api/restore/preview?mode=replace', full).expect(200);
  await send('/api/restore?mode=replace', full).expect(200);
  expect(content(await backup())).toEqual(content(full));
}, 120_000);
