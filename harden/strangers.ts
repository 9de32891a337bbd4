import { request } from 'node:http';
import { join } from 'node:path';
import { type Finding, none } from './finding';
import { folderOf, startKitchen } from './kitchen';

type Headers = Readonly<Record<string, string>>;

/** Asks with any headers at all, which `fetch` would not send. */
const askAs = (
  at: string,
  method: string,
  path: string,
  headers: Headers,
  body = '',
): Promise<{ readonly status: number; readonly text: string }> =>
  new Promise((done, fail) => {
    const sent = request(
      at + path,
      {
        method,
        headers: { ...headers, ...(body ? { 'content-length': String(Buffer.byteLength(body)) } : {}) },
      },
      (answer) => {
        let text = '';
        answer
          .on('data', (part) => (text += part))
          .on('end', () => done({ status: answer.statusCode ?? 0, text }));
      },
    );
    sent.on('error', fail);
    sent.end(body);
  });

/** What a page of another site, or one that rebinds its own name, can send. */
export async function tryStrangers(): Promise<readonly Finding[]> {
  return folderOf(async (folder) => {
    const kitchen = await startKitchen(join(folder, 'kitchen.sqlite'), { demo: true });
    const port = new URL(kitchen.at).port,
      own = `127.0.0.1:${port}`;
    const json = { 'content-type': 'application/json' };
    const guises: readonly Headers[] = [
      { host: 'evil.test' },
      { host: `evil.test:${port}` },
      { host: `localhost.evil.test:${port}` },
      { host: `127.0.0.1.evil.test:${port}` },
      { host: '.' },
      { host: own, origin: 'http://evil.test' },
      { host: own, origin: 'null' },
      { host: own, origin: `http://127.0.0.1:1` },
      { host: own, origin: `http://localhost.evil.test:${port}` },
      { host: own, 'sec-fetch-site': 'cross-site' },
      { host: own, 'sec-fetch-site': 'same-site' },
      { host: own, origin: `http://${own}`, 'sec-fetch-site': 'cross-site' },
    ];
    const forms: readonly (readonly [Headers, string])[] = [
      [{ 'content-type': 'application/x-www-form-urlencoded' }, 'name=Stranger'],
      [{ 'content-type': 'text/plain' }, '{"name":"Stranger"}'],
      [
        { 'content-type': 'multipart/form-data; boundary=x' },
        '--x\r\ncontent-disposition: form-data; name="name"\r\n\r\nStranger\r\n--x--',
      ],
      [{ 'content-type': 'text/plain; application/json' }, '{"name":"Stranger"}'],
      [{}, '{"name":"Stranger"}'],
    ];
    const state = async () =>
      (await (await kitchen.ask('/api/backup')).text()).replace(/"madeAt": "[^"]+"/, '');
    const before = await state();
    const [first] = (await (await kitchen.ask('/api/formulas')).json()) as { id: string; version: number }[];
    const writes: readonly (readonly [string, string, string])[] = [
      ['POST', '/api/formulas', '{"name":"Stranger"}'],
      ['PUT', `/api/formulas/${first?.id}`, `{"name":"Stranger","version":${first?.version}}`],
      ['DELETE', `/api/formulas/${first?.id}`, ''],
      ['POST', `/api/formulas/${first?.id}/duplicate`, ''],
      ['PUT', '/api/stock/cashew', '{"grams":1}'],
      ['POST', '/api/eaters', '{"name":"Stranger"}'],
      ['POST', '/api/restore?mode=replace', '{}'],
    ];
    let tried = 0,
      let_in = 0,
      failed = 0,
      read = 0;
    const look = ({ status }: { readonly status: number }) => {
      tried += 1;
      if (status < 400) let_in += 1;
      if (status >= 500) failed += 1;
    };
    for (const guise of guises)
      for (const [method, path, body] of writes)
        look(await askAs(kitchen.at, method, path, { ...guise, ...(body ? json : {}) }, body));
    for (const [headers, body] of forms)
      for (const [method, path] of writes.filter(([, , text]) => text))
        look(await askAs(kitchen.at, method, path, { host: own, ...headers }, body));
    for (const guise of guises.filter(({ host }) => host !== own))
      read += (await askAs(kitchen.at, 'GET', '/api/formulas', guise)).status < 400 ? 1 : 0;
    const changed = (await state()) === before ? 0 : 1;
    await kitchen.end('SIGTERM');
    return [
      none('strangers', `writes let in, of ${tried} tried`, let_in),
      none('strangers', 'changes found afterwards', changed),
      none('strangers', 'answers of 500 and above', failed),
      none('strangers', 'reads under a name that is rebound', read),
    ];
  });
}
