import { api } from './api';
import { queries, queryClient, read, readList } from './queries';

interface Given {
  readonly status?: number;
  readonly body: unknown;
  readonly headers?: Readonly<Record<string, string>>;
}
const asked: string[] = [];
let answers: (path: string) => Given | 'nobody';
beforeEach(() => {
  queryClient.clear();
  asked.length = 0;
  answers = () => ({ body: [] });
  globalThis.fetch = ((address: string, { method = 'GET' }: RequestInit = {}) => {
    asked.push(`${method} ${address}`);
    const given = answers(address);
    if (given === 'nobody') return Promise.reject(new TypeError('Failed to fetch'));
    const { status = 200, body, headers = {} } = given;
    return Promise.resolve({
      ok: status < 400,
      status,
      headers: new Headers({ 'content-type': 'application/json', ...headers }),
      text: () => Promise.resolve(JSON.stringify(body)),
    });
  }) as unknown as typeof fetch;
});

test('a second place is shown what was just fetched; after a write of this page it asks anew', async () => {
  await read(queries.people);
  await read(queries.people);
  expect(asked).toEqual(['GET /api/eaters']);
  await api.sayStock('cashew', 200);
  await read(queries.people);
  expect(asked.filter((line) => line === 'GET /api/eaters')).toHaveLength(2);
});

test('what was asked before a write of this page and answered after it is asked anew, for everybody who waits for it', async () => {
  const plain = globalThis.fetch;
  let answerLate: () => void = () => undefined;
  const late = new Promise<void>((resolve) => (answerLate = resolve));
  let there = [{ id: 'ilva' }, { id: 'quillon' }];
  answers = () => ({ body: there });
  globalThis.fetch = (async (address: string, init?: RequestInit) => {
    const isFirst = asked.length === 0,
      answer = await plain(address, init);
    if (isFirst) await late;
    return answer;
  }) as typeof fetch;
  const before = read(queries.people);
  there = [{ id: 'ilva' }];
  await api.deleteEater('quillon');
  const after = read(queries.people);
  answerLate();
  await expect(after).resolves.toEqual([{ id: 'ilva' }]);
  await expect(before).resolves.toEqual([{ id: 'ilva' }]);
  expect(asked).toEqual(['GET /api/eaters', 'DELETE /api/eaters/quillon', 'GET /api/eaters']);
});

test('two parts that want the same at once ask once', async () => {
  await Promise.all([read(queries.stock), read(queries.stock)]);
  expect(asked).toHaveLength(1);
});

test('an answer that did not come is asked for once more; a refusal is final', async () => {
  answers = () => (asked.length < 2 ? 'nobody' : { body: [{ id: 'ilva' }] });
  await expect(read(queries.people)).resolves.toEqual([{ id: 'ilva' }]);
  expect(asked).toHaveLength(2);

  answers = () => ({ status: 404, body: { status: 404, detail: 'There is no such formula.' } });
  await expect(read(queries.formula('gone'))).rejects.toThrow('There is no such formula.');
  expect(asked).toHaveLength(3);
});

test('a list that comes anew comes with as many pages as stood there', async () => {
  answers = (path) =>
    path.includes('before=7')
      ? { body: [{ id: 'b' }], headers: { 'x-total-count': '2' } }
      : {
          body: [{ id: 'a' }],
          headers: { 'x-total-count': '2', link: '</api/formulas?before=7>; rel="next"' },
        };
  await queryClient.fetchInfiniteQuery({ ...queries.formulas(''), pages: 2 });
  await api.forgetStock('cashew');
  asked.length = 0;
  const { pages } = await readList(queries.formulas(''));
  expect(pages.flatMap(({ entries }) => entries.map(({ id }) => id))).toEqual(['a', 'b']);
  expect(asked).toHaveLength(2);
});
