import { randomUUID } from 'node:crypto';
import type { Backup } from '@ypsigram/contract';
import type { PracticeTryRecord } from '@ypsigram/contract/practice';
import { startTestServer, type TestServer } from '../../testing/test-server.js';

describe('practice over HTTP', () => {
  let server: TestServer;
  beforeEach(async () => {
    server = await startTestServer();
  });
  afterEach(() => server.close());

  const spooned = (change: object = {}) => ({
    handId: null,
    skill: { kind: 'fill', class: 'powder', method: 'spooned' },
    ingredientId: 'flour-wheat-all-purpose',
    at: '2026-03-14T09:30:00.000Z',
    off: 0.04,
    tolerance: 0.06,
    isGood: true,
    ...change,
  });
  const put = (id: string, body: object) => server.http.put(`/api/practice/${id}`).send(body);
  const list = async (): Promise<PracticeTryRecord[]> =>
    ((await server.http.get('/api/practice').expect(200)).body as { items: PracticeTryRecord[] })
      .items;

  it('keeps tries in the order of time, whatever they are of', async () => {
    const [late, early, asked] = [randomUUID(), randomUUID(), randomUUID()];
    await put(late, spooned({ at: '2026-03-15T09:30:00.000Z' })).expect(200);
    await put(early, spooned()).expect(200);
    const question = {
      skill: { kind: 'question', topic: 'ounces' },
      off: null,
      tolerance: null,
      ingredientId: null,
      at: '2026-03-16T09:30:00.000Z',
    };
    await put(asked, spooned(question)).expect(200);
    expect((await list()).map(({ id }) => id)).toEqual([early, late, asked]);
    expect((await list())[0]).toEqual({ id: early, ...spooned() } as PracticeTryRecord);
  });

  it('keeps a try once that was sent twice, and takes it back', async () => {
    const id = randomUUID();
    await put(id, spooned()).expect(200);
    const { body } = await put(id, spooned({ off: 0.01 })).expect(200);
    expect((body as PracticeTryRecord).off).toBe(0.04);
    expect((await list()).length).toBe(1);
    await server.http.delete(`/api/practice/${id}`).expect(204);
    await server.http.delete(`/api/practice/${id}`).expect(204);
    expect(await list()).toEqual([]);
  });

  it('refuses what contradicts itself, or is no skill', async () => {
    const { body } = await put(randomUUID(), spooned({ off: 0.4 })).expect(400);
    expect((body as { detail: string }).detail).toContain('within the tolerance');
    await put(randomUUID(), spooned({ skill: { kind: 'fill', class: 'powder' } })).expect(400);
    await put(randomUUID(), spooned({ skill: { kind: 'jug', task: 'juggle' } })).expect(400);
    await put(randomUUID(), spooned({ off: -2, isGood: false })).expect(400);
    await put('no-id', spooned()).expect(404);
    await server.http.post('/api/practice').send(spooned()).expect(405);
  });

  it('is in the backup, and comes back out of it', async () => {
    const id = randomUUID();
    await put(id, spooned()).expect(200);
    const backup = (await server.http.get('/api/backup').expect(200)).body as Backup;
    expect(backup.tries.map((one) => one.id)).toEqual([id]);
    await put(randomUUID(), spooned()).expect(200);
    await server.http.post('/api/backup').send(backup).expect(200);
    expect((await list()).map((one) => one.id)).toEqual([id]);
    const { tries: _, ...older } = backup;
    await server.http.post('/api/backup').send(older).expect(200);
    expect(await list()).toEqual([]);
  });
});
