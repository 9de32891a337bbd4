import type { BackupDocument, FormulaView } from '@alterum/contract';
import { cashewSauce, type KitchenServer } from '../kitchen-server.fixture.js';

const label = { perG: 100, fat: 40, carbohydrate: 20, protein: 15, salt: 0.2 };
const asText = (response: unknown, done: (error: Error | null, text: string) => void) => {
  let text = '';
  (response as NodeJS.ReadableStream)
    .on('data', (part: Buffer) => (text += part.toString()))
    .on('end', () => done(null, text));
};
export { asText };
export const documentOf = (text: string) => JSON.parse(text) as BackupDocument;
/** Everything but the moment it was made. */
export const content = (text: string) => ({ ...documentOf(text), madeAt: '' });

/** What a test does with a kitchen whose backups it tries. @param server the one that runs now */
export function backupsOf(server: () => KitchenServer) {
  const ask = () => server().ask();
  const make = async (body: object = {}) =>
    (
      await ask()
        .post('/api/formulas')
        .send({ ...cashewSauce, ...body })
        .expect(201)
    ).body as FormulaView;
  const backup = async () =>
    (await ask().get('/api/backup').buffer(true).parse(asText).expect(200)).body as string;
  const send = (address: string, body: unknown) =>
    ask()
      .post(address)
      .set('Content-Type', 'application/json')
      .send(typeof body === 'string' ? body : JSON.stringify(body));

  /** A kitchen with something of everything, put away things included. */
  async function fill(): Promise<{ kept: FormulaView; away: FormulaView }> {
    const own = (
      await ask()
        .post('/api/own-ingredients')
        .send({ name: 'Nut butter of the corner shop', label, contains: ['peanut'], density: 1.1 })
        .expect(201)
    ).body as { id: string };
    await ask().post('/api/own-ingredients').send({ name: 'No longer bought', label }).expect(201);
    const all = (await ask().get('/api/own-ingredients').expect(200)).body as { id: string; name: string }[];
    await ask()
      .delete(`/api/own-ingredients/${all.find(({ name }) => name === 'No longer bought')?.id}`)
      .expect(204);
    await ask()
      .post('/api/eaters')
      .send({
        name: 'Ane',
        needs: [
          { kind: 'allergen', allergen: 'peanut', strictness: 'allergy', traces: true },
          { kind: 'salt-limit', gramsPerPortion: 0.6 },
          { kind: 'rule', rule: 'mild' },
        ],
      })
      .expect(201);
    const gone = (
      await ask().post('/api/eaters').send({ name: 'Bo', guest: true, eatsTonight: false }).expect(201)
    ).body as { id: string };
    await ask().delete(`/api/eaters/${gone.id}`).expect(204);
    await ask()
      .put('/api/labels/cashew')
      .send({ text: 'Ingredients: water, oats. May contain almonds.' })
      .expect(200);
    await ask().put('/api/stock/cashew').send({ grams: 250 }).expect(200);
    await ask().put('/api/words/zorblax').send({ means: 'celery' }).expect(200);
    await ask().put('/api/household/law').send({ law: 'us' }).expect(200);
    await ask().put('/api/household/kitchen').send({ kitchen: 'metric' }).expect(200);
    await ask()
      .post('/api/briefs')
      .send({ name: 'For pasta', wishes: [{ rail: 'fat', low: 5, high: 15, weight: 2, pinned: true }] })
      .expect(201);
    const kept = await make({
      name: 'With everything',
      note: 'A note',
      brief: [{ rail: 'salt', low: 0.5, high: 1 }],
      process: { maxTemperatureC: 80 },
      lines: [
        ...cashewSauce.lines,
        {
          id: 'd',
          ingredient: own.id,
          amount: null,
          unit: 'g',
          hold: { kind: 'bounded', leastG: 5, mostG: 40 },
        },
      ],
    });
    await ask()
      .post(`/api/formulas/${kept.id}/versions`)
      .send({ name: 'First', why: 'It was good' })
      .expect(201);
    const dropped = (
      await ask().post(`/api/formulas/${kept.id}/versions`).send({ name: 'Second' }).expect(201)
    ).body as { id: string };
    await ask().delete(`/api/formulas/${kept.id}/versions/${dropped.id}`).expect(204);
    const away = await make({ name: 'Put away' });
    await ask().delete(`/api/formulas/${away.id}`).expect(204);
    await make({ name: 'Last' });
    const pots = [{ formula: kept.id, tools: ['jar'], washedBefore: false }];
    const tin = { name: 'Blue tin', shape: 'round', diameterCm: 26, depthCm: 5 };
    await ask().post('/api/vessels').send(tin).expect(201);
    const dish = async (name: string) =>
      (
        await ask()
          .post('/api/dishes')
          .send({
            name,
            vessel: tin,
            parts: [
              { id: 'sauce', formula: kept.id, grams: 300 },
              { id: 'leek', ingredient: 'leek', grams: null, ready: [{ kind: 'fry', minutes: 6 }] },
            ],
            layers: [
              { id: '1', component: 'leek' },
              { id: '2', component: 'sauce', mm: 4 },
            ],
          })
          .expect(201)
      ).body as { id: string };
    const bake = await dish('Leek bake'),
      old = await dish('Old bake');
    await ask().delete(`/api/dishes/${old.id}`).expect(204);
    const dishes = [{ dish: bake.id, serveAt: 1150 }];
    await ask().put('/api/household/tonight').send({ pots, dishes }).expect(200);
    const evening = { serveAt: 1150, burners: 3, ovens: 1, blenders: 1, cooks: 1, keepWarmMin: 20 };
    const keepEvening = (name: string) =>
      ask().post('/api/evenings').send({ name, evening, tonight: { pots, dishes } });
    await keepEvening('Fridays').expect(201);
    const noMore = (await keepEvening('Mondays').expect(201)).body as { id: string };
    await ask().delete(`/api/evenings/${noMore.id}`).expect(204);
    const versions = {
      base: kept.id,
      inBase: [],
      versions: [{ name: 'Hot', added: [{ ingredient: 'cayenne', grams: 0.4 }] }],
    };
    await ask().put('/api/household/versions').send(versions).expect(200);
    return { kept, away };
  }

  return { ask, make, backup, send, fill };
}
