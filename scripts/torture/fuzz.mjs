// Bodies made from the OpenAPI document, most of them wrong in some way: nothing ends in a 5xx.
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { newFolder, randomFrom, send, startServer } from './server.mjs';

const LANES = 8;
const STRINGS = [
  '',
  ' ',
  '0',
  '-1',
  '1/2',
  '1 1/2',
  '999999999999',
  'NaN',
  'null',
  '\u0000',
  '\uD800',
  '\u202E',
  '½',
  '2 cups flour',
  'Buns\n2 cups flour\n1 tsp salt',
  '__proto__',
  'constructor',
  '../../etc',
  "'; DROP TABLE recipes; --",
  '6a1f5c0e-3d1b-4a52-9a53-0c7f1f3f3a01',
  '2026-03-14T09:30:00Z',
];
const MOMENTS = ['2026-03-14T09:30:00Z', '9999-12-31T23:59:59Z', '0001-01-01T00:00:00Z'];
const NUMBERS = [0, -0, 1, -1, 0.5, 1e-9, 1e9, 1e308, -1e308, 2 ** 53, 2 ** 31, 3.3333];

/** What goes on for as long as somebody listens. */
const isStream = (method, path) =>
  method === 'get' && (path.endsWith('/stream') || path === '/api/changes');

function maker(document, random, anyId) {
  const pick = (list) => list[Math.floor(random() * list.length)];
  const resolve = (schema) =>
    schema.$ref
      ? schema.$ref
          .slice(2)
          .split('/')
          .reduce((at, key) => at?.[key], document)
      : schema;
  const anything = (depth) => {
    const kind = Math.floor(random() * 7);
    if (kind === 0) return pick(STRINGS);
    if (kind === 1) return pick(NUMBERS);
    if (kind === 2) return null;
    if (kind === 3) return random() < 0.5;
    if (kind === 4) return 'x'.repeat(Math.floor(random() * 5000));
    if (depth > 3) return [];
    return kind === 5
      ? Array.from({ length: Math.floor(random() * 4) }, () => anything(depth + 1))
      : { [pick(STRINGS)]: anything(depth + 1) };
  };
  const make = (raw, depth = 0) => {
    const schema = resolve(raw ?? {}) ?? {};
    // One in twelve is something else altogether.
    if (random() < 1 / 12 || depth > 8) return anything(depth);
    const options = schema.anyOf ?? schema.oneOf;
    if (options) return make(pick(options), depth + 1);
    if (schema.const !== undefined) return schema.const;
    if (schema.enum) return pick(schema.enum);
    switch (Array.isArray(schema.type) ? pick(schema.type) : schema.type) {
      case 'object': {
        const made = {};
        for (const [key, value] of Object.entries(schema.properties ?? {})) {
          const isWanted = schema.required?.includes(key) ? 0.97 : 0.5;
          if (random() < isWanted) made[key] = make(value, depth + 1);
        }
        if (schema.additionalProperties && typeof schema.additionalProperties === 'object') {
          for (let count = Math.floor(random() * 3); count > 0; count--) {
            made[pick(['0', '1', '2', '99', ...STRINGS])] = make(
              schema.additionalProperties,
              depth + 1,
            );
          }
        }
        if (random() < 0.03) made[pick(STRINGS)] = anything(depth + 1);
        return made;
      }
      case 'array':
        return Array.from({ length: Math.floor(random() * 4) }, () =>
          make(schema.items, depth + 1),
        );
      case 'integer':
        return random() < 0.5 ? Math.floor(random() * 12) : pick(NUMBERS);
      case 'number':
        return random() < 0.5 ? random() * 500 : pick(NUMBERS);
      case 'boolean':
        return random() < 0.5;
      case 'string':
        // An id that there is leads further than one that there is not.
        if (schema.format === 'uuid' && random() < 0.6) return anyId();
        if (schema.format === 'date-time' && random() < 0.6) return pick(MOMENTS);
        return pick(STRINGS);
      default:
        return anything(depth);
    }
  };
  return make;
}

/** Ids of every kind that there is, by what stands before them in an address. */
async function idPool(address) {
  const known = new Map();
  const add = (of, ids) => known.set(of, [...(known.get(of) ?? []), ...ids].slice(-200));
  const { body } = await send(address, 'GET', '/api/backup');
  const idsOf = (rows) => rows.map(({ id }) => id);
  for (const list of ['recipes', 'authors', 'trials', 'bakes', 'photos', 'timers']) {
    add(list, idsOf(body[list]));
  }
  add('practice', idsOf(body.tries));
  add(
    'readings',
    body.bakes.flatMap(({ readings }) => idsOf(readings)),
  );
  const { body: restored } = await send(address, 'POST', '/api/backup', body);
  add('backup', [restored.safetyCopyId]);
  const pick = (list, random) => list[Math.floor(random() * list.length)];
  return {
    draw(of, random) {
      const dice = random();
      const own = known.get(of) ?? [];
      if (dice < 0.7 && own.length > 0) return pick(own, random);
      const some = [...known.values()].filter(({ length }) => length > 0);
      if (dice < 0.9) return pick(pick(some, random), random);
      return pick(STRINGS, random);
    },
    note(path, answer) {
      const of = path.split('/')[2];
      for (const key of ['id', 'importId', 'safetyCopyId']) {
        if (typeof answer?.[key] === 'string') add(of, [answer[key]]);
      }
      if (typeof answer?.code === 'string') add('joined', [answer.code]);
      if (answer?.results) add('results', idsOf(answer.results));
    },
  };
}

/** What makes the server ask somebody else: nobody is to be asked for made-up things. */
const asksOthers = (method, path) => method === 'post' && path === '/api/web-pages';

/** So many requests: how many of them were taken, refused, and ended in a fault of the server. */
export async function fuzz(count, seed = 1) {
  const folder = newFolder();
  const server = await startServer(join(folder, 'kitchen.sqlite'), { demo: true });
  const { body: document } = await send(server.address, 'GET', '/api/openapi.json');
  const pool = await idPool(server.address);
  const acts = Object.entries(document.paths).flatMap(([path, methods]) =>
    Object.entries(methods).flatMap(([method, act]) => {
      const schema = act.requestBody?.content?.['application/json']?.schema;
      return isStream(method, path) ||
        asksOthers(method, path) ||
        (method === 'get' && path.includes('scale'))
        ? []
        : [{ method: method.toUpperCase(), path, schema }];
    }),
  );
  const totals = { requests: 0, taken: 0, refused: 0, '5xx': 0, unanswered: 0 };
  const faults = new Map();
  const lane = async (number) => {
    const random = randomFrom(seed * 1000 + number);
    const make = maker(document, random, () => pool.draw('any', random));
    while (totals.requests < count) {
      totals.requests++;
      // Bodies are what is tested: three in four acts have one.
      const bodied = acts.filter(({ schema }) => schema);
      const from = random() < 0.75 ? bodied : acts;
      const { method, path, schema } = from[Math.floor(random() * from.length)];
      const address = path.replaceAll(/([a-z]+)\/\{[^}]+\}/g, (_, of) => {
        const id = pool.draw(of, random);
        return `${of}/${encodeURIComponent(id.toWellFormed())}`;
      });
      const { status, body, why } = await send(
        server.address,
        method,
        address,
        schema ? make(schema) : undefined,
      );
      pool.note(path, body);
      const tell = (what) => {
        const fault = `${method} ${path}: ${what}`;
        faults.set(fault, (faults.get(fault) ?? 0) + 1);
      };
      if (status === 0) {
        totals.unanswered++;
        tell(`no answer, ${why}`);
      } else if (status >= 500 && status !== 503) {
        totals['5xx']++;
        tell(body?.detail);
      } else if (status >= 400) totals.refused++;
      else totals.taken++;
    }
  };
  await Promise.all(Array.from({ length: LANES }, (_, number) => lane(number)));
  for (const [fault, times] of faults) console.error(`${times} × ${fault}`);
  await server.stop();
  rmSync(folder, { recursive: true });
  return totals;
}
