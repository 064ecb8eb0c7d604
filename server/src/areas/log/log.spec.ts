import { randomUUID } from 'node:crypto';
import type { Bake, BakeSummary, PlanReply, RecipePage } from '@ypsigram/contract';
import type { BakeOutcomeReply, LearnedReply } from '@ypsigram/contract/log';
import type { Act } from '@ypsigram/core/bench';
import sharp from 'sharp';
import { startTestServer, type TestServer } from '../../testing/test-server.js';

const TEXT =
  'Lock buns\nMakes 12 buns\n\n2 cups flour\n1 tsp salt\n1 cup milk\n\nBake at 180 °C for 20 minutes.';

describe('the log over HTTP', () => {
  let server: TestServer;
  let recipeId: string;

  beforeEach(async () => {
    server = await startTestServer();
    const saved = await server.http.post('/api/recipes').send({ text: TEXT }).expect(201);
    recipeId = (saved.body as { id: string }).id;
  });
  afterEach(() => server.close());

  const send = (id: string, ...acts: readonly Act[]) => {
    const now = new Date().toISOString();
    const readings = acts.map((act) => ({
      id: randomUUID(),
      at: now,
      device: 'tablet',
      handId: null,
      act,
    }));
    return server.http.post(`/api/bakes/${id}/readings`).send({ sentAt: now, readings });
  };
  const begin = async (change: object = {}): Promise<Bake> => {
    const draft = { id: randomUUID(), recipeId, handId: null, ...change };
    return (await server.http.post('/api/bakes').send(draft).expect(201)).body as Bake;
  };
  const RESULT: Act = {
    do: 'result',
    rating: 5,
    symptoms: [],
    note: 'Soft on the towpath.',
    isWasted: false,
  };
  const weighAll = ({ plan }: Bake, times: number): Act[] =>
    plan.lines.map(({ id, intendedGrams }) => ({
      do: 'weigh',
      line: id,
      route: 'container',
      grams: intendedGrams! * times,
      scale: 'kitchen scale',
    }));
  const goodBake = async (times: number): Promise<Bake> => {
    const bake = await begin();
    await send(bake.id, ...weighAll(bake, times), { do: 'stage', stage: 'log' }, RESULT, {
      do: 'good',
      isGood: true,
    }).expect(201);
    return bake;
  };
  const list = async (query = ''): Promise<BakeSummary[]> => {
    const { body } = await server.http.get(`/api/bakes${query}`).expect(200);
    return (body as { items: BakeSummary[] }).items;
  };
  const learned = async (): Promise<LearnedReply> =>
    (await server.http.get(`/api/log/learned/${recipeId}`).expect(200)).body as LearnedReply;
  const flourOfPlan = async (): Promise<PlanReply['lines'][number]> => {
    const { body } = await server.http.post('/api/plans').send({ recipeId }).expect(200);
    return (body as PlanReply).lines.find(({ written }) => written.includes('flour'))!;
  };

  it('lists how a bake turned out, and finds it by title and note', async () => {
    await goodBake(1);
    const [bake] = await list();
    expect(bake).toEqual(
      jasmine.objectContaining({
        stage: 'log',
        rating: 5,
        isGood: true,
        isWasted: false,
        note: 'Soft on the towpath.',
      }) as never,
    );
    expect((await list('?search=towpath')).length).toBe(1);
    expect((await list('?search=LOCK')).length).toBe(1);
    expect(await list('?search=100%25')).toEqual([]);
    expect(await list(`?before=${bake!.begunAt}`)).toEqual([]);
  });

  it('holds a bake done on paper at its day, never in the future', async () => {
    const paper = await begin({ bakedAt: '2026-02-14T09:00:00.000Z' });
    expect(paper.begunAt).toBe('2026-02-14T09:00:00.000Z');
    const future = await begin({ bakedAt: '2999-01-01T00:00:00.000Z' });
    expect(Date.parse(future.begunAt)).toBeLessThanOrEqual(Date.now());
    expect((await list()).every(({ stage }) => stage === 'log')).toBeTrue();
  });

  it('proves weights: the next plans are the mean of good bakes, until they are taken back', async () => {
    const before = (await flourOfPlan()).intended!;
    await goodBake(1.02);
    const second = await goodBake(1);
    const { proven, bakes, good } = await learned();
    expect([bakes, good]).toEqual([2, 2]);
    // The second was planned by the first.
    const mean = before.grams * 1.02;
    expect(proven[0]!.grams).toBeCloseTo(mean, 4);
    const { intended, weight } = await flourOfPlan();
    expect(intended).toEqual(
      jasmine.objectContaining({ basis: 'proven', source: { from: 'bakes', bakes: 2 } }) as never,
    );
    expect(weight!.grams).toBe(Math.round(mean));
    const { body } = await server.http.get('/api/recipes').expect(200);
    expect((body as RecipePage).items[0]!.totalGrams).toBeGreaterThan(before.grams);
    const csv = await server.http.get('/api/exports?format=json-ld').expect(200);
    expect(JSON.stringify(csv.body)).toContain(mean.toFixed(4).slice(0, 6));

    for (const { id } of await list()) await send(id, { do: 'good', isGood: false }).expect(201);
    expect((await flourOfPlan()).intended!.basis).not.toBe('proven');
    await send(second.id, { do: 'good', isGood: true }).expect(201);
    await server.http.delete(`/api/bakes/${second.id}`).expect(204);
    expect((await learned()).proven).toEqual([]);
  });

  it('learns what the recipe forgives, and plans and chances go by it from three bakes on', async () => {
    for (const [times, rating] of [
      [0.82, 5],
      [1.2, 4],
      [1.18, 5],
    ] as const) {
      const bake = await begin();
      const [flour, ...others] = weighAll(bake, 1);
      const off = { ...(flour as Extract<Act, { do: 'weigh' }>) };
      await send(
        bake.id,
        { ...off, grams: off.grams * times },
        ...others,
        { do: 'stage', stage: 'log' },
        { ...RESULT, rating } as Act,
      ).expect(201);
    }
    const { limits, kind } = await learned();
    const water = limits.find(({ part }) => part === 'water')!;
    expect(water.limit).toBeGreaterThan(water.usual);
    const { body } = await server.http.post('/api/plans').send({ recipeId }).expect(200);
    const reply = body as PlanReply;
    expect(reply.forgives['water']).toBeCloseTo(water.limit, 9);
    // As another kind of bake nothing is learned yet.
    expect(kind).toBe(reply.kind);
    const other = await server.http.post('/api/plans').send({ recipeId, kind: 'airy' }).expect(200);
    expect((other.body as PlanReply).forgives['water']).toBeCloseTo(0.06, 9);
  });

  it('goes out as CSV and JSON', async () => {
    await goodBake(1.1);
    const csv = await server.http.get('/api/log/export?format=csv').expect(200);
    const [head, row] = csv.text.split(/\r?\n/);
    expect(head).toContain('kept as good');
    expect(row).toContain('Lock buns');
    const json = await server.http.get('/api/log/export?format=json').expect(200);
    expect((json.body as { items: BakeOutcomeReply[] }).items[0]!.rating).toBe(5);
    await server.http.get('/api/log/export?format=pdf').expect(400);
  });

  it('refuses a result that is none', async () => {
    const bake = await begin();
    for (const wrong of [
      { ...RESULT, rating: 6 },
      { ...RESULT, symptoms: ['delicious'] },
      { do: 'answer', question: 'who', answer: 'yes' },
      { do: 'look', tray: 0, found: 'wet' },
    ]) {
      await send(bake.id, wrong as Act).expect(400);
    }
  });

  it('keeps when the oven is taken beside the bake that is planned backwards', async () => {
    const bake = await begin();
    await send(bake.id, {
      do: 'ready-by',
      readyAt: '2026-12-24T15:00:00.000Z',
      minutes: {},
    }).expect(201);
    const [found] = await list();
    expect(found!.readyAt).toBe('2026-12-24T15:00:00.000Z');
    expect(found!.oven!.to).toBe('2026-12-24T15:00:00.000Z');
    expect(Date.parse(found!.oven!.to) - Date.parse(found!.oven!.from)).toBe(40 * 60_000);
  });
});

describe('photos over HTTP', () => {
  let server: TestServer;
  beforeEach(async () => {
    server = await startTestServer();
  });
  afterEach(() => server.close());

  /** A picture that says where it was taken and lies on its side. */
  const picture = (width = 2400, height = 1200): Promise<Buffer> =>
    sharp({ create: { width, height, channels: 3, background: '#b57a35' } })
      .withExif({ IFD0: { Copyright: 'SECRET-PLACE' } })
      .withMetadata({ orientation: 6 })
      .jpeg()
      .toBuffer();
  const add = async (bytes: Buffer, type = 'image/jpeg') =>
    server.http.post('/api/photos').set('Content-Type', type).send(bytes);

  it('are resized, upright, and without what a camera adds', async () => {
    const { status, body } = await add(await picture());
    expect(status).toBe(201);
    const { id, width, height } = body as { id: string; width: number; height: number };
    expect([width, height]).toEqual([800, 1600]);
    const large = await server.http.get(`/api/photos/${id}`).buffer(true).expect(200);
    const bytes = large.body as Buffer;
    const meta = await sharp(bytes).metadata();
    expect(meta.exif).toBeUndefined();
    expect(bytes.includes('SECRET-PLACE')).toBeFalse();
    const small = await server.http.get(`/api/photos/${id}?size=small`).buffer(true).expect(200);
    expect((await sharp(small.body as Buffer).metadata()).height).toBe(320);
  });

  it('come as JPEG, PNG or WebP, and as nothing else', async () => {
    const plain = sharp({ create: { width: 20, height: 20, channels: 4, background: '#fff' } });
    expect((await add(await plain.clone().png().toBuffer(), 'image/png')).status).toBe(201);
    expect((await add(await plain.clone().webp().toBuffer(), 'image/webp')).status).toBe(201);
    expect((await add(Buffer.from('no picture'))).status).toBe(422);
    expect((await add(Buffer.from('<svg/>'), 'image/svg+xml')).status).toBe(415);
    expect((await add(Buffer.alloc(21 * 1024 * 1024))).status).toBe(413);
    await server.http.get(`/api/photos/${randomUUID()}`).expect(404);
  });

  it('are in the backup, and back', async () => {
    const { body } = await add(await picture(640, 480));
    const { id } = body as { id: string };
    const backup = await server.http.get('/api/backup').expect(200);
    const other = await startTestServer();
    try {
      const restored = await other.http
        .post('/api/backup')
        .send(backup.body as object)
        .expect(200);
      expect((restored.body as { coming: { photos: number } }).coming.photos).toBe(1);
      await other.http.get(`/api/photos/${id}`).expect(200);
    } finally {
      await other.close();
    }
  });
});
