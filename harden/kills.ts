import { join } from 'node:path';
import { chanceOf } from './chance';
import { type Finding, none } from './finding';
import { folderOf, type Kitchen, numbered, startKitchen } from './kitchen';

interface Written {
  readonly version: number;
  readonly grams: number;
}

interface View {
  readonly version: number;
  readonly note: string;
  readonly lines: readonly { readonly amount: number }[];
}

/** Hands that write at once. */
const HANDS = 4;

/** A formula is torn when its lines, its note and each other do not say the same. */
const isTorn = ({ note, lines }: View): boolean => {
  const grams = Number(note.slice('grams '.length));
  return lines.length !== 3 || lines[0]?.amount !== grams || lines[1]?.amount !== grams * 3;
};

/** Makes and changes formulas until the server is gone; remembers only what was acknowledged. */
async function writeOn(
  kitchen: Kitchen,
  acknowledged: Map<string, Written>,
  next: () => number,
): Promise<void> {
  let id: string | undefined;
  try {
    for (;;) {
      const n = next();
      const held = id === undefined ? undefined : acknowledged.get(id);
      if (id === undefined || held === undefined || n % 3 === 0) {
        const made = (await (await kitchen.send('POST', '/api/formulas', numbered(n))).json()) as {
          id: string;
        };
        id = made.id;
        acknowledged.set(id, { version: 1, grams: n });
      } else {
        const answer = await kitchen.send('PUT', `/api/formulas/${id}`, {
          ...numbered(n),
          version: held.version,
        });
        if (answer.ok) acknowledged.set(id, { version: held.version + 1, grams: n });
      }
    }
  } catch {
    // The server is gone.
  }
}

/** Kills the server in the middle of writing, again and again; looks afterwards whether everything acknowledged is there, whole. */
export async function tryKills(times: number): Promise<readonly Finding[]> {
  return folderOf(async (folder) => {
    const file = join(folder, 'kitchen.sqlite'),
      chance = chanceOf(11);
    const acknowledged = new Map<string, Written>();
    let counter = 1,
      lost = 0,
      torn = 0,
      failedStarts = 0;
    const next = () => (counter++ % 900) + 1;
    for (let i = 0; i < times; i++) {
      const kitchen = await startKitchen(file).catch(() => undefined);
      if (!kitchen) {
        failedStarts += 1;
        continue;
      }
      const hands = Array.from({ length: HANDS }, () => writeOn(kitchen, acknowledged, next));
      await new Promise((done) => setTimeout(done, 60 + chance() * 400));
      await kitchen.end('SIGKILL');
      await Promise.all(hands);
    }
    const kitchen = await startKitchen(file);
    for (const [id, written] of acknowledged) {
      const answer = await kitchen.ask(`/api/formulas/${id}`);
      if (!answer.ok) {
        lost += 1;
        continue;
      }
      const view = (await answer.json()) as View;
      if (isTorn(view)) torn += 1;
      // One more write may have been kept that was never answered.
      if (
        view.version < written.version ||
        (view.version === written.version && view.note !== `grams ${written.grams}`)
      )
        lost += 1;
    }
    const listed = await kitchen.ask('/api/formulas?search=number');
    const missing = Math.max(0, acknowledged.size - Number(listed.headers.get('x-total-count')));
    await kitchen.end('SIGTERM');
    const what = `of ${acknowledged.size} formulas, ${times} kills`;
    return [
      none('kill', `acknowledged writes lost, ${what}`, lost),
      none('kill', `formulas torn, ${what}`, torn),
      none('kill', 'formulas that the list and its search lack', missing),
      none('kill', 'starts that failed afterwards', failedStarts),
    ];
  });
}
