import { api, ApiProblem, Unreachable } from './api';

interface Sent {
  readonly path: string;
  readonly init: RequestInit;
}
let sent: Sent[] = [];
const answering = (status: number, body: string, type: string | null, extra: Record<string, string> = {}) => {
  globalThis.fetch = ((path: string, init: RequestInit) => {
    sent.push({ path, init });
    return Promise.resolve({
      ok: status < 400,
      status,
      headers: new Headers({ ...(type === null ? {} : { 'content-type': type }), ...extra }),
      text: () => Promise.resolve(body),
    });
  }) as unknown as typeof fetch;
};
beforeEach(() => (sent = []));

test('what is searched for is sent as one value, whatever is in it', async () => {
  answering(200, '[]', 'application/json; charset=utf-8');
  expect(await api.formulas({ search: 'a&b=c #1' })).toEqual({ entries: [], total: 0, next: undefined });
  expect(sent[0]?.path).toBe('/api/formulas?search=a%26b%3Dc+%231');
});

test('a page says how many there are and where the next one begins', async () => {
  const pages = {
    'x-total-count': '812',
    link: '</api/formulas?search=pea&with=lines&before=40>; rel="next"',
  };
  answering(200, '[{"id":"f"}]', 'application/json', pages);
  expect(await api.wholeFormulas({ search: 'pea', limit: 1 })).toEqual({
    entries: [{ id: 'f' }],
    total: 812,
    next: 'before=40',
  });
  await api.wholeFormulas({ following: 'before=40' });
  expect(sent.map(({ path }) => path)).toEqual([
    '/api/formulas?search=pea&limit=1&with=lines',
    '/api/formulas?before=40&with=lines',
  ]);
});

test('a write says what it sends, a read sends nothing', async () => {
  answering(201, '{"id":"f"}', 'application/json');
  await api.createFormula({ name: 'Cream' });
  await api.formula('f');
  expect(sent.map(({ init }) => [init.method, init.body])).toEqual([
    ['POST', '{"name":"Cream"}'],
    ['GET', undefined],
  ]);
  expect(new Headers(sent[0]?.init.headers).get('content-type')).toBe('application/json');
});

test('a deletion answers with nothing', async () => {
  answering(204, '', null);
  expect(await api.deleteEater('e')).toBeUndefined();
});

test('a refusal carries the server’s own words', async () => {
  const problem = {
    type: '/problems/conflict',
    title: 'x',
    status: 409,
    detail: 'It was changed elsewhere.',
  };
  answering(409, JSON.stringify(problem), 'application/problem+json');
  const failure = await api.updateFormula('f', {}).catch((error: unknown) => error);
  expect(failure).toBeInstanceOf(ApiProblem);
  expect(failure).toMatchObject({ message: 'It was changed elsewhere.', problem });
});

test.each([
  ['a gateway’s own page', () => answering(502, '<html>', 'text/html')],
  ['no answer', () => (globalThis.fetch = () => Promise.reject(new TypeError('refused')))],
])('%s means that nobody is there, and that typed work is kept', async (_what, arrange) => {
  arrange();
  const failure = await api.formulas().catch((error: unknown) => error);
  expect(failure).toBeInstanceOf(Unreachable);
  expect((failure as Error).message).toMatch(/kept in this browser/);
});
