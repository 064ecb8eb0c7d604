import { randomUUID } from 'node:crypto';
import type { ChangeEvent } from '@ypsigram/contract/house';
import { startTestServer, type TestServer } from '../../testing/test-server.js';
import { toldChanges } from './told-changes.js';

describe('changes', () => {
  let server: TestServer;
  beforeEach(async () => {
    server = await startTestServer();
  });
  afterEach(() => server.close());

  /** What a page hears; `next` waits for the event after those that were waited for. */
  const listening = () => {
    const heard: ChangeEvent[] = [];
    let waited = 0;
    let told: () => void = () => undefined;
    const stop = toldChanges(server.database, (error) => fail(error)).listen((event) => {
      heard.push(event);
      told();
    });
    const next = async (): Promise<ChangeEvent> => {
      while (heard.length <= waited) await new Promise<void>((resolve) => (told = resolve));
      return heard[waited++]!;
    };
    return { heard, next, stop };
  };
  const recipe = (text: string, page = '') =>
    server.http.post('/api/recipes').set('X-Page', page).send({ text }).expect(201);

  it('begin with how it stands, then tell the area and who wrote', async () => {
    const { next, stop } = listening();
    const first = await next();
    expect(first.areas).toEqual([]);
    const page = randomUUID();
    await recipe('Buns\n1 cup flour', page);
    const second = await next();
    expect(second.areas).toEqual(['recipes']);
    expect(second.by).toBe(page);
    expect(second.changes.recipes).toBeGreaterThan(first.changes.recipes);
    stop();
  });

  it('that come together are told once, with all that was written', async () => {
    const { heard, next, stop } = listening();
    await next();
    const timer = {
      name: 'Rise',
      startedAt: '2026-03-14T09:00:00.000Z',
      endsAt: '2026-03-14T10:00:00.000Z',
    };
    await Promise.all([
      recipe('Buns\n1 cup flour', randomUUID()),
      recipe('Rolls\n1 cup flour', randomUUID()),
      server.http.put(`/api/timers/${randomUUID()}`).send(timer).expect(200),
    ]);
    const areas = new Set<string>();
    let last = await next();
    for (const area of last.areas) areas.add(area);
    while (areas.size < 2) {
      last = await next();
      for (const area of last.areas) areas.add(area);
    }
    expect([...areas].sort()).toEqual(['recipes', 'timers']);
    expect(heard.length).toBeLessThanOrEqual(4);
    stop();
  });

  it('are told of every area that a page shows', async () => {
    const { next, stop } = listening();
    await next();
    const { body: kitchen } = await server.http.get('/api/kitchen').expect(200);
    await server.http
      .put('/api/kitchen')
      .send({ ...(kitchen as object), currency: 'kr' })
      .expect(200);
    expect((await next()).areas).toEqual(['kitchen']);
    await server.http
      .post('/api/authors')
      .send({ name: 'The blue binder', kind: 'book' })
      .expect(201);
    expect((await next()).areas).toEqual(['authors']);
    const skill = { kind: 'jug', task: 'pour' };
    await server.http
      .put(`/api/practice/${randomUUID()}`)
      .send({
        handId: null,
        skill,
        ingredientId: null,
        at: '2026-03-14T09:00:00.000Z',
        off: 0.1,
        tolerance: 0.03,
        isGood: false,
      })
      .expect(200);
    expect((await next()).areas).toEqual(['practice']);
    stop();
  });

  it('are not told where nothing was changed, nor to who has left', async () => {
    const { heard, next, stop } = listening();
    await next();
    await server.http.get('/api/recipes').expect(200);
    await server.http.post('/api/readings').send({ text: '1 cup flour' }).expect(200);
    stop();
    await recipe('Buns\n1 cup flour');
    const again = listening();
    expect((await again.next()).changes.recipes).toBeGreaterThan(0);
    expect(heard.length).toBe(1);
    again.stop();
  });
});
