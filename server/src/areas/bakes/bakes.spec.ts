import { createServer, get, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { randomUUID } from 'node:crypto';
import type { Bake, BakeReadingReply } from '@ypsigram/contract';
import { bakeState, type Act } from '@ypsigram/core/bench';
import { startTestServer, type TestServer } from '../../testing/test-server.js';

const TEXT = 'Buns\nMakes 12 buns\n\n2 cups flour\n1 tsp salt\n1 cup milk\n';

describe('bakes over HTTP', () => {
  let server: TestServer;
  let recipeId: string;

  beforeEach(async () => {
    server = await startTestServer();
    recipeId = await recipe(TEXT);
  });
  afterEach(() => server.close());

  const recipe = async (text: string): Promise<string> => {
    const saved = await server.http
      .post('/api/recipes')
      .send({ text, standard: 'us-customary' })
      .expect(201);
    return (saved.body as { id: string }).id;
  };
  const begin = async (change: object = {}): Promise<Bake> => {
    const draft = { id: randomUUID(), recipeId, handId: null, ...change };
    return (await server.http.post('/api/bakes').send(draft).expect(201)).body as Bake;
  };
  const read = async (id: string): Promise<Bake> =>
    (await server.http.get(`/api/bakes/${id}`).expect(200)).body as Bake;
  const reading = (act: Act, change: object = {}) => ({
    id: randomUUID(),
    at: new Date().toISOString(),
    device: 'tablet',
    handId: null,
    act,
    ...change,
  });
  const send = (id: string, readings: readonly object[], sentAt = new Date().toISOString()) =>
    server.http.post(`/api/bakes/${id}/readings`).send({ sentAt, readings });
  const weigh = (bake: Bake, grams: number, at = 0): Act => ({
    do: 'weigh',
    route: 'container',
    line: bake.plan.lines[at]!.id,
    grams,
    scale: 'kitchen scale',
  });

  it('begins one from the plan of a recipe as it is now, and only once by its id', async () => {
    const id = randomUUID();
    const bake = await begin({ id });
    expect(bake.plan.lines.map(({ name }) => name)).toEqual([
      'All-purpose wheat flour',
      'Fine table salt',
      'Whole milk',
    ]);
    expect([bake.makes, bake.ready, bake.of, bake.stage]).toEqual([
      { count: '12', noun: 'buns', written: 12 },
      0,
      3,
      'bench',
    ]);
    await begin({ id });
    const { body } = await server.http.get('/api/bakes').expect(200);
    const { items } = body as { items: Bake[] };
    expect(items.map(({ makes }) => makes)).toEqual([bake.makes]);
  });

  it('keeps the plan whatever becomes of the recipe, and takes in the new text when asked', async () => {
    const bake = await begin();
    await send(bake.id, [reading(weigh(bake, 250))]).expect(201);
    const before = (await server.http.get(`/api/recipes/${recipeId}`).expect(200)).body as object;
    const { title, createdAt, updatedAt, deletedAt, id, ...rest } = before as Record<
      string,
      unknown
    >;
    void [title, createdAt, updatedAt, deletedAt, id];
    const text = TEXT.replace('1 cup milk', '2 cups milk');
    await server.http
      .put(`/api/recipes/${recipeId}`)
      .send({ ...rest, text })
      .expect(200);
    const old = await read(bake.id);
    expect(old.plan).toEqual(bake.plan);
    await server.http.post(`/api/bakes/${bake.id}/plan`).expect(201);
    const now = await read(bake.id);
    const { lines, ready, revision } = bakeState(now.plan, now.readings);
    expect(lines[2]!.wantedGrams).toBeCloseTo(2 * bake.plan.lines[2]!.intendedGrams!, 6);
    expect(lines[0]!.weighedGrams).toBe(250);
    expect([ready, revision]).toEqual([1, 2]);
  });

  it('keeps what was done once, however often it is sent', async () => {
    const bake = await begin();
    const one = reading(weigh(bake, 250));
    await send(bake.id, [one]).expect(201);
    const again = (await send(bake.id, [one, one, reading(weigh(bake, 6, 1))]).expect(201))
      .body as {
      items: BakeReadingReply[];
    };
    expect(again.items.length).toBe(2);
    const now = await read(bake.id);
    expect(now.readings.length).toBe(2);
    expect(now.ready).toBe(2);
    const { items } = (
      await server.http
        .get(`/api/bakes/${bake.id}/readings?after=${now.readings[0]!.sequence}`)
        .expect(200)
    ).body as { items: BakeReadingReply[] };
    expect(items.map(({ act }) => act.do === 'weigh' && act.grams)).toEqual([6]);
  });

  it('keeps the order in which a device did things, though the first was long on its way', async () => {
    const bake = await begin();
    // Both were done ten seconds ago; the first counts as of when it arrived, without its age.
    await send(bake.id, [reading(weigh(bake, 100), { age: 0 })]).expect(201);
    await send(bake.id, [reading(weigh(bake, 200), { age: 10_000 })]).expect(201);
    const { plan, readings } = await read(bake.id);
    expect(bakeState(plan, readings).lines[0]!.weighedGrams).toBe(200);
  });

  it('never rewrites a reading: what is wrong is taken back by another', async () => {
    const bake = await begin();
    const wrong = reading(weigh(bake, 900));
    await send(bake.id, [wrong]).expect(201);
    await send(bake.id, [reading({ do: 'undo', reading: wrong.id })]).expect(201);
    const now = await read(bake.id);
    expect(now.ready).toBe(0);
    expect(now.readings.length).toBe(2);
    await expectAsync(
      server.database.sequelize.query("UPDATE bake_readings SET device = 'another'"),
    ).toBeRejected();
  });

  it('refuses what is no act, a line it never had, and what belongs to another bake', async () => {
    const [bake, other] = [await begin(), await begin()];
    await send(bake.id, [reading({ do: 'explode' } as never)]).expect(400);
    await send(bake.id, [reading(weigh(bake, -3))]).expect(400);
    await send(bake.id, []).expect(400);
    await send(bake.id, [reading({ do: 'finish', line: 'line-77' })]).expect(422);
    await send(bake.id, [reading({ do: 'replan', plan: bake.plan, revision: 9 })]).expect(400);
    const one = reading(weigh(bake, 250));
    await send(bake.id, [one]).expect(201);
    await send(other.id, [one]).expect(422);
    await send(randomUUID(), [one]).expect(404);
    expect((await read(bake.id)).readings.length).toBe(1);
  });

  it('begins none of what is not there or has nothing to measure', async () => {
    const empty = await recipe('Notes\n');
    const draft = (of: string) => ({ id: randomUUID(), recipeId: of, handId: null });
    await server.http.post('/api/bakes').send(draft(empty)).expect(422);
    await server.http.post('/api/bakes').send(draft(randomUUID())).expect(404);
    await server.http
      .post('/api/bakes')
      .send({ ...draft(recipeId), handId: randomUUID() })
      .expect(400);
  });

  it('is listed by recipe and stage, deleted and brought back', async () => {
    const bake = await begin();
    await send(bake.id, [reading({ do: 'stage', stage: 'oven' })]).expect(201);
    const list = async (query: string): Promise<number> =>
      ((await server.http.get(`/api/bakes?${query}`).expect(200)).body as { items: unknown[] })
        .items.length;
    expect(await list('stage=oven')).toBe(1);
    expect(await list('stage=bench')).toBe(0);
    expect(await list(`recipeId=${recipeId}`)).toBe(1);
    expect(await list(`recipeId=${randomUUID()}`)).toBe(0);
    await server.http.delete(`/api/bakes/${bake.id}`).expect(204);
    expect(await list('')).toBe(0);
    await server.http.get(`/api/bakes/${bake.id}`).expect(404);
    const back = await server.http.post(`/api/bakes/${bake.id}/restore`).expect(200);
    expect((back.body as Bake).readings.length).toBe(1);
  });

  it('goes out with a backup and comes back with everything that was done', async () => {
    const bake = await begin();
    await send(bake.id, [reading(weigh(bake, 250)), reading(weigh(bake, 6, 1))]).expect(201);
    const backup = (await server.http.get('/api/backup').expect(200)).text;
    await server.http.delete(`/api/bakes/${bake.id}`).expect(204);
    const restored = await server.http
      .post('/api/backup')
      .set('Content-Type', 'application/json')
      .send(backup)
      .expect(200);
    expect((restored.body as { coming: { bakes: number } }).coming.bakes).toBe(1);
    const now = await read(bake.id);
    expect(now.plan).toEqual(bake.plan);
    expect([now.ready, now.readings.length]).toEqual([2, 2]);
  });

  it('goes on from what a backup put in the place of what was known', async () => {
    const bake = await begin();
    const act = async (grams: number): Promise<void> => {
      await send(bake.id, [reading(weigh(bake, grams))]).expect(201);
    };
    const grams = async (): Promise<unknown[]> =>
      (await read(bake.id)).readings.map(({ act }) => (act as { grams?: number }).grams);
    await act(1);
    await act(2);
    const { body: backup } = await server.http.get('/api/backup').expect(200);
    await act(3);
    await act(4);
    await server.http
      .post('/api/backup')
      .send(backup as object)
      .expect(200);
    await act(5);
    expect(await grams()).toEqual([1, 2, 5]);
    // Nor is what came before the first act, or after a refused one, lost or told twice.
    await send(bake.id, [reading({ ...weigh(bake, 6), line: 'none' } as Act)]).expect(422);
    await act(7);
    const { body } = await server.http.get(`/api/bakes/${bake.id}/readings`).expect(200);
    expect((body as { items: unknown[] }).items.length).toBe(4);
    expect(await grams()).toEqual([1, 2, 5, 7]);
  });

  it('is streamed to everybody who looks, and what was missed comes first', async () => {
    const bake = await begin();
    const first = reading(weigh(bake, 250));
    await send(bake.id, [first]).expect(201);
    const listening: Server = createServer(server.app);
    await new Promise<void>((resolve) => listening.listen(0, '127.0.0.1', resolve));
    try {
      const { port } = listening.address() as AddressInfo;
      const seen: string[] = [];
      const both = new Promise<void>((resolve, reject) => {
        const request = get(
          { port, host: '127.0.0.1', path: `/api/bakes/${bake.id}/stream` },
          (response) => {
            let text = '';
            response.on('data', (data) => {
              text += String(data);
              const ids = [...text.matchAll(/"id":"([\w-]+)"/g)].map(([, id]) => id!);
              seen.splice(0, seen.length, ...ids);
              if (ids.length < 2) return;
              request.destroy();
              resolve();
            });
          },
        );
        request.on('error', (error: NodeJS.ErrnoException) => {
          if (error.code !== 'ECONNRESET') reject(error);
        });
      });
      const second = reading(weigh(bake, 6, 1));
      while (seen.length === 0) await new Promise((resolve) => setTimeout(resolve, 10));
      await send(bake.id, [second]).expect(201);
      await both;
      expect(seen).toEqual([first.id, second.id]);
    } finally {
      listening.closeAllConnections();
      listening.close();
    }
    await server.http.get(`/api/bakes/${randomUUID()}/stream`).expect(404);
  });

  it('sets a wrong clock right, so that it wins no longer than it should', async () => {
    const bake = await begin();
    const ahead = (minutes: number): string =>
      new Date(Date.now() + minutes * 60_000).toISOString();
    await send(
      bake.id,
      [reading(weigh(bake, 300), { at: ahead(60), device: 'phone' })],
      ahead(60),
    ).expect(201);
    await new Promise((resolve) => setTimeout(resolve, 5));
    await send(bake.id, [reading(weigh(bake, 250))]).expect(201);
    const now = await read(bake.id);
    expect(bakeState(now.plan, now.readings).lines[0]!.weighedGrams).toBe(250);
  });

  it('keeps what was done at a bake that was deleted meanwhile, and gives it back with it', async () => {
    const bake = await begin();
    await server.http.delete(`/api/bakes/${bake.id}`).expect(204);
    await send(bake.id, [reading(weigh(bake, 250))]).expect(201);
    await server.http.get(`/api/bakes/${bake.id}`).expect(404);
    await server.http.post(`/api/bakes/${bake.id}/restore`).expect(200);
    expect((await read(bake.id)).readings.length).toBe(1);
    await send(randomUUID(), [reading(weigh(bake, 250))]).expect(404);
  });

  it('sends a batch of a hundred, and no more at a time', async () => {
    const bake = await begin();
    const many = (count: number) => Array.from({ length: count }, () => reading(weigh(bake, 1)));
    await send(bake.id, many(100)).expect(201);
    await send(bake.id, many(101)).expect(400);
  });
});
