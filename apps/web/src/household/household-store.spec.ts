import { useNotices } from '../notices/notices';
import { keepHousehold, loadHousehold, useHousehold } from './household-store';

interface Sent {
  readonly path: string;
  readonly body: unknown;
}
let sent: Sent[];
type Answer = object | Promise<never>;
let answers: (path: string) => Answer;
const json = (body: unknown, status = 200) => ({
  ok: status < 400,
  status,
  headers: new Headers({ 'content-type': 'application/json' }),
  text: () => Promise.resolve(JSON.stringify(body)),
});
const view = {
  law: 'eu',
  lawChosen: true,
  kitchen: null,
  evening: null,
  pots: [],
  dishes: [],
  versions: null,
};
const settled = () => new Promise((resolve) => setTimeout(resolve, 20));

beforeEach(() => {
  sent = [];
  answers = () => json(view);
  globalThis.fetch = ((path: string, init: RequestInit) => {
    sent.push({
      path,
      body: init.body === undefined ? undefined : (JSON.parse(init.body as string) as unknown),
    });
    return Promise.resolve(answers(path));
  }) as unknown as typeof fetch;
});

test('a choice shows at once and is sent', async () => {
  useHousehold.getState().chooseLaw('us');
  expect(useHousehold.getState().law).toBe('us');
  await settled();
  expect(sent).toEqual([{ path: '/api/household/law', body: { law: 'us' } }]);
  expect(useHousehold.getState().unkept).toBeUndefined();
});

test('while the server is away the last of what was chosen waits, and is sent when it is back', async () => {
  answers = () => Promise.reject(new TypeError('away'));
  const pot = (formula: string) => ({ formula, tools: [], washedBefore: false });
  useHousehold.getState().cook([pot('a')]);
  await settled();
  useHousehold.getState().cook([pot('a'), pot('b')]);
  await settled();
  expect(useHousehold.getState().pots.map(({ formula }) => formula)).toEqual(['a', 'b']);
  expect(useHousehold.getState().unkept).toContain('does not answer');
  // What is here and not kept yet is not written over by what was kept before.
  answers = (path) => (path === '/api/household' ? json(view) : Promise.reject(new TypeError('away')));
  await loadHousehold();
  await settled();
  expect(useHousehold.getState().pots).toHaveLength(2);
  answers = () => json(view);
  sent = [];
  await keepHousehold();
  expect(sent).toEqual([{ path: '/api/household/tonight', body: { pots: [pot('a'), pot('b')] } }]);
  expect(useHousehold.getState().unkept).toBeUndefined();
});

test('what is refused is told and not sent again', async () => {
  answers = () => json({ type: 'x', title: 'No', status: 400, detail: 'There is no formula “moon”.' }, 400);
  useHousehold.getState().divide({ base: 'moon', inBase: [], versions: [] });
  await settled();
  expect(useNotices.getState().notices.map(({ text }) => text)).toContain('There is no formula “moon”.');
  sent = [];
  await keepHousehold();
  expect(sent).toEqual([]);
});

test('a formula that was put away is no pot any more, and stays kept until something is chosen', async () => {
  const formula = { id: 'here', name: 'Here' };
  answers = (path) =>
    path === '/api/household'
      ? json({
          ...view,
          pots: [
            { formula: 'here', tools: ['jar'], washedBefore: true },
            { formula: 'away', tools: [], washedBefore: false },
          ],
        })
      : path.endsWith('/here')
        ? json(formula)
        : json({ status: 404, detail: 'gone' }, 404);
  await loadHousehold();
  expect(useHousehold.getState().pots).toEqual([{ formula: 'here', tools: ['jar'], washedBefore: true }]);
  expect(useHousehold.getState().named.get('here')?.name).toBe('Here');
  expect(sent.every(({ body }) => body === undefined)).toBe(true);
});

test('pots alone leave the dishes; a dish that waits to be said goes along with the pots said after it', async () => {
  const pot = { formula: 'a', tools: [], washedBefore: false };
  useHousehold.getState().cook([pot]);
  await settled();
  expect(sent.at(-1)?.body).toEqual({ pots: [pot] });
  answers = () => Promise.reject(new TypeError('away'));
  useHousehold.getState().cookDishes([{ dish: 'd', serveAt: 1110 }]);
  await settled();
  useHousehold.getState().cook([]);
  await settled();
  answers = () => json(view);
  sent = [];
  await keepHousehold();
  expect(sent.map(({ body }) => body)).toEqual([{ pots: [], dishes: [{ dish: 'd', serveAt: 1110 }] }]);
});

test('dishes of tonight come with what is in them; one that was put away is none', async () => {
  answers = (path) =>
    path === '/api/household'
      ? json({ ...view, dishes: [{ dish: 'bake' }, { dish: 'away' }] })
      : path.endsWith('/bake')
        ? json({ id: 'bake', name: 'Bake' })
        : json({ status: 404, detail: 'gone' }, 404);
  await loadHousehold();
  expect(useHousehold.getState().dishes).toEqual([{ dish: 'bake' }]);
  expect(useHousehold.getState().keptDishes.get('bake')?.name).toBe('Bake');
});

test('a change that was never kept is there after a reload of the page, over what the server has, and is sent', async () => {
  answers = () => Promise.reject(new TypeError('away'));
  useHousehold.getState().eatAt({ ...useHousehold.getState().evening, serveAt: 20 * 60 });
  await settled();
  jest.resetModules();
  const again = await import('./household-store');
  answers = (path) => (path === '/api/household' ? json(view) : Promise.reject(new TypeError('away')));
  await again.loadHousehold();
  expect(again.useHousehold.getState().evening.serveAt).toBe(20 * 60);
  expect(again.useHousehold.getState().unkept).toContain('does not answer');
  answers = () => json(view);
  sent = [];
  await again.keepHousehold();
  expect(sent).toMatchObject([{ path: '/api/household/evening', body: { serveAt: 20 * 60 } }]);
  expect(localStorage.getItem('alterum.household.waiting')).toBeNull();
});
