import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { chanceOf } from './chance';
import { type Finding, most, none } from './finding';
import { folderOf, memoryMB, startKitchen } from './kitchen';

interface Schema {
  readonly $ref?: string;
  readonly type?: string;
  readonly properties?: Readonly<Record<string, Schema>>;
  readonly required?: readonly string[];
  readonly items?: Schema;
  readonly enum?: readonly unknown[];
  readonly minimum?: number;
  readonly maximum?: number;
}

interface Operation {
  readonly requestBody?: {
    readonly content?: { readonly 'application/json'?: { readonly schema?: Schema } };
  };
}

interface OpenApi {
  readonly paths: Readonly<Record<string, Readonly<Record<string, Operation>>>>;
  readonly components: { readonly schemas: Readonly<Record<string, Schema>> };
}

const chance = chanceOf(2026);
const pick = <T>(list: readonly T[]): T => list[Math.floor(chance() * list.length)] as T;
const often = (share: number) => chance() < share;

/** Values that have no business anywhere. */
const odd: readonly (() => unknown)[] = [
  () => null,
  () => undefined,
  () => true,
  () => '',
  () => ' ',
  () => '\0',
  () => 'a\0b',
  () => [],
  () => {},
  () => ({}),
  () => [[]],
  () => [{}],
  () => [null],
  () => ({ a: { b: [[1]] } }),
  () => -1,
  () => 0,
  () => 1e308,
  () => -1e308,
  () => 1e-320,
  () => 0.1 + 0.2,
  () => 2 ** 53,
  () => '1e999',
  () => 'NaN',
  () => '💥'.repeat(30),
  () => '\ud800',
  () => 'x'.repeat(5000),
  () => '../../etc',
  () => "'; drop table formula; --",
  () => '__proto__',
  () => ({ __proto__: { a: 1 }, constructor: 1 }),
  () => Array.from({ length: 300 }, () => 1),
  () => new Date().toISOString(),
  () => 'own-',
  () => 'formula:x',
];
const words = [
  'cashew',
  'water',
  'salt',
  'g',
  'ml',
  'cup',
  'soaked',
  'pouring-sauce',
  'milk',
  'allergy',
  'allergen',
  'pinned',
  'fat',
  'Name',
  'body',
  'start',
];

function valueOf(schema: Schema | undefined, document: OpenApi, depth = 0): unknown {
  if (often(0.04)) return pick(odd)();
  if (!schema || depth > 6) return pick(words);
  if (schema.$ref)
    return valueOf(document.components.schemas[schema.$ref.split('/').at(-1) ?? ''], document, depth);
  if (schema.enum) return pick(schema.enum);
  switch (schema.type) {
    case 'object':
      return Object.fromEntries(
        Object.entries(schema.properties ?? {})
          .filter(([name]) => schema.required?.includes(name) || often(0.6))
          .map(([name, part]) => [name, valueOf(part, document, depth + 1)]),
      );
    case 'array':
      return Array.from({ length: Math.floor(chance() * 4) }, () =>
        valueOf(schema.items, document, depth + 1),
      );
    case 'number':
    case 'integer':
      return often(0.8)
        ? Math.round((schema.minimum ?? 0) + chance() * ((schema.maximum ?? 100) - (schema.minimum ?? 0)))
        : chance() * 1e6 - 1e5;
    case 'boolean':
      return often(0.5);
    default:
      return pick(words);
  }
}

/** A part of an address: half a letter cannot be one. */
const writable = (value: unknown): string => JSON.stringify(value ?? 'x').slice(0, 200);

/** Text of a body: mostly JSON, now and then cut, packed or none at all. */
function bodyOf(value: unknown): {
  readonly body: string | Buffer;
  readonly headers: Readonly<Record<string, string>>;
} {
  const text = JSON.stringify(value) ?? '';
  const json = { 'content-type': 'application/json' };
  if (often(0.02)) return { body: text.slice(0, Math.floor(chance() * text.length)), headers: json };
  if (often(0.02)) return { body: gzipSync(text), headers: { ...json, 'content-encoding': 'gzip' } };
  if (often(0.01))
    return { body: gzipSync(text).subarray(0, 12), headers: { ...json, 'content-encoding': 'gzip' } };
  if (often(0.01))
    return { body: text, headers: { ...json, 'content-encoding': pick(['gzip', 'br', 'deflate', 'zstd']) } };
  if (often(0.01))
    return {
      body: text,
      headers: {
        'content-type': pick([
          'application/json; charset=utf-7',
          'application/json; charset=latin1',
          'application/vnd.api+json',
          'text/json',
        ]),
      },
    };
  return { body: text, headers: json };
}

const queries = [
  '',
  '',
  '',
  '?search=',
  '?search=%00',
  '?search="*',
  '?limit=0',
  '?limit=9999999999999999999',
  '?before=-1',
  '?before=1',
  '?with=lines',
  '?search[a]=1',
  '?limit[]=1',
  '?search=a&search=b',
  '?version=x',
  '?mode=replace',
  `?search=${'x'.repeat(3000)}`,
];

/** Memory for the values of the server, MB: a third more than it needs, so that a leak of some kB a request ends it. */
const HEAP_MB = 96;

/** Requests that are not waited for one by one. */
const HANDS = 8;

/** Requests made from what the API says of itself, mostly well-formed, some wrong in every way that was thought of. */
export async function tryFuzz(requests: number): Promise<readonly Finding[]> {
  return folderOf(async (folder) => {
    const kitchen = await startKitchen(join(folder, 'kitchen.sqlite'), { demo: true, heapMB: HEAP_MB });
    const document = (await (await kitchen.ask('/api/docs-json')).json()) as OpenApi;
    const routes = Object.entries(document.paths).flatMap(([path, methods]) =>
      Object.entries(methods).map(([method, operation]) => ({
        path,
        method: method.toUpperCase(),
        operation,
      })),
    );
    const known: string[] = ((await (await kitchen.ask('/api/formulas')).json()) as { id: string }[]).map(
      ({ id }) => id,
    );
    const statuses = new Map<number, number>();
    const failures = new Set<string>();
    let hung = 0,
      memoryEarly = 0;
    const once = async () => {
      const { path, method, operation } = pick(routes);
      // Restoring replaces all of it and is tried on its own.
      const address =
        path.replace(/\{[^}]+\}/g, () =>
          encodeURIComponent(often(0.6) ? pick([...known, 'cashew', 'salt']) : writable(pick(odd)())),
        ) + pick(queries);
      const schema = operation.requestBody?.content?.['application/json']?.schema;
      const hasBody = method !== 'GET' && method !== 'HEAD' && (schema !== undefined || often(0.05));
      const { body, headers } = hasBody
        ? bodyOf(valueOf(schema, document))
        : { body: undefined, headers: {} };
      try {
        const answer = await kitchen.ask(address, {
          method: often(0.01) ? pick(['PATCH', 'OPTIONS', 'DELETE', 'PUT']) : method,
          headers: { ...headers, ...(often(0.02) ? { range: 'bytes=9-1' } : {}) },
          ...(body === undefined ? {} : { body }),
        });
        const text = await answer.text();
        statuses.set(answer.status, (statuses.get(answer.status) ?? 0) + 1);
        if (answer.status >= 500 && answer.status !== 503)
          failures.add(`${answer.status} ${method} ${path} ${String(body).slice(0, 160)}`);
        if (answer.status === 201 && path === '/api/formulas' && known.length < 300)
          known.push((JSON.parse(text) as { id: string }).id);
      } catch (error) {
        if (error instanceof Error && /timeout|aborted/i.test(error.name + error.message)) hung += 1;
        // What cannot be sent at all (a header that is none) is no answer of the server's.
      }
    };
    for (let done = 0; done < requests; done += HANDS * 10) {
      await Promise.all(
        Array.from({ length: HANDS }, async () => {
          for (let i = 0; i < 10; i++) await once();
        }),
      );
      if (memoryEarly === 0 && done > requests / 3) memoryEarly = await memoryMB(kitchen.process.pid ?? 0);
    }
    const memoryLate = await memoryMB(kitchen.process.pid ?? 0);
    for (const failure of [...failures].slice(0, 5)) console.log(`      ${failure}`);
    if (failures.size > 0) console.log(kitchen.said().slice(0, 3000));
    const bad = await Promise.all(
      known.slice(0, 100).map(async (id) => {
        const answer = await kitchen.ask(`/api/formulas/${id}`);
        return answer.status >= 500 ? 1 : /\\u0000/.test(await answer.text()) ? 1 : 0;
      }),
    );
    await kitchen.end('SIGTERM');
    const told = [...statuses]
      .sort(([a], [b]) => a - b)
      .map(([status, n]) => `${status}: ${n}`)
      .join(', ');
    return [
      none(
        'fuzz',
        `answers of 500 and above but 503, of ${requests} requests (${told})`,
        [...statuses]
          .filter(([status]) => status >= 500 && status !== 503)
          .reduce((sum, [, n]) => sum + n, 0),
      ),
      none('fuzz', 'requests that hung', hung),
      none(
        'fuzz',
        'things stored that cannot be read back, or hold NUL',
        bad.reduce((a, b) => a + b, 0),
      ),
      most(
        'fuzz',
        `memory in the last two thirds grew by, with ${HEAP_MB} MB for its values`,
        memoryLate / memoryEarly,
        1.5,
        'times',
      ),
    ];
  });
}
