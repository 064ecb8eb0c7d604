import { randomUUID } from 'node:crypto';
import type { TimerList } from '@ypsigram/contract/oven';
import { timerService } from './service.js';
import { startTestServer, type TestServer } from '../../testing/test-server.js';

describe('timers over HTTP', () => {
  let server: TestServer;
  beforeEach(async () => {
    server = await startTestServer();
  });
  afterEach(() => server.close());

  const draft = (minutes: number, name = 'First look') => ({
    name,
    startedAt: '2026-03-14T09:00:00.000Z',
    endsAt: new Date(Date.UTC(2026, 2, 14, 9, minutes)).toISOString(),
  });
  const set = (id: string, body: object) => server.http.put(`/api/timers/${id}`).send(body);
  const list = async (): Promise<TimerList> =>
    (await server.http.get('/api/timers').expect(200)).body as TimerList;

  it('are end times, the next to ring first, with the clock of the server', async () => {
    await set(randomUUID(), draft(30, 'Late')).expect(200);
    await set(randomUUID(), draft(10, 'Soon')).expect(200);
    const { items, now } = await list();
    expect(items.map(({ name }) => name)).toEqual(['Soon', 'Late']);
    expect(Math.abs(Date.parse(now) - Date.now())).toBeLessThan(60_000);
  });

  it('are set anew by their id, and stopped for good', async () => {
    const id = randomUUID();
    await set(id, draft(10)).expect(200);
    await set(id, draft(15)).expect(200);
    expect((await list()).items).toEqual([
      jasmine.objectContaining({ id, endsAt: draft(15).endsAt }) as never,
    ]);
    await server.http.delete(`/api/timers/${id}`).expect(204);
    await server.http.delete(`/api/timers/${id}`).expect(204);
    expect((await list()).items).toEqual([]);
  });

  it('keep what they wait for', async () => {
    const awaits = { what: 'look', tray: 2 };
    const { body } = await set(randomUUID(), { ...draft(10), awaits }).expect(200);
    expect((body as { awaits: unknown }).awaits).toEqual(awaits);
    const [kept] = (await list()).items;
    expect(kept!.awaits as unknown).toEqual(awaits);
    await set(randomUUID(), { ...draft(10), awaits: { what: 'tea' } }).expect(400);
  });

  it('say what is wrong with one that can’t be set', async () => {
    const { body } = await set(randomUUID(), { ...draft(5), name: ' ' }).expect(400);
    expect((body as { detail: string }).detail).toContain('name');
    await set(randomUUID(), { ...draft(5), endsAt: 'soon' }).expect(400);
    await set('no-id', draft(5)).expect(404);
    await server.http.post('/api/timers').send({}).expect(405);
  });

  it('outlast the server that they were set on', async () => {
    const id = randomUUID();
    await set(id, draft(10)).expect(200);
    const again = timerService(server.database, () => new Date());
    expect((await again.list()).items.map((timer) => timer.id)).toEqual([id]);
  });

  /** Rings so many minutes from now; a negative one rings already. */
  const fromNow = (minutes: number) => ({
    ...draft(5),
    endsAt: new Date(Date.now() + minutes * 60_000).toISOString(),
  });

  it('run a hundred at once, and no more', async () => {
    for (let at = 0; at < 100; at++) await set(randomUUID(), fromNow(10 + at)).expect(200);
    const { body } = await set(randomUUID(), fromNow(5)).expect(422);
    expect((body as { detail: string }).detail).toContain('Stop one of them');
  });

  it('that rang, and nobody stopped, keep no new one out', async () => {
    for (let at = 0; at < 110; at++) await set(randomUUID(), fromNow(-1 - at)).expect(200);
    const id = randomUUID();
    await set(id, fromNow(5)).expect(200);
    const { items } = await list();
    expect(items.some((timer) => timer.id === id)).toBeTrue();
    expect(items.length).toBeLessThan(60);
  });

  it('that were stopped on one device are not started by what another sends late', async () => {
    const id = randomUUID();
    await set(id, fromNow(10)).expect(200);
    await server.http.delete(`/api/timers/${id}`).expect(204);
    await set(id, fromNow(15)).expect(410);
    // Stopped before it was ever heard of here.
    const unheard = randomUUID();
    await server.http.delete(`/api/timers/${unheard}`).expect(204);
    await set(unheard, fromNow(10)).expect(410);
    expect((await list()).items).toEqual([]);
  });

  it('are in the backup while they run', async () => {
    const [runs, stopped] = [randomUUID(), randomUUID()];
    await set(runs, fromNow(10)).expect(200);
    await set(stopped, fromNow(10)).expect(200);
    await server.http.delete(`/api/timers/${stopped}`).expect(204);
    // It had rung by the time that the backup is restored.
    await set(randomUUID(), fromNow(-5)).expect(200);
    const backup = (await server.http.get('/api/backup').expect(200)).body as object;
    const other = await startTestServer();
    await other.http.post('/api/backup').send(backup).expect(200);
    const { body } = await other.http.get('/api/timers').expect(200);
    expect((body as TimerList).items.map(({ id }) => id)).toEqual([runs]);
    await other.close();
  });
});
