import type { Backup, Kitchen as Household, RecipePage, RestoreReply } from '@ypsigram/contract';
import { startTestServer, type TestServer } from '../../testing/test-server.js';

describe('a backup', () => {
  let server: TestServer;
  beforeEach(async () => {
    server = await startTestServer();
  });
  afterEach(() => server.close());

  const make = async (of = server): Promise<Backup> => {
    const { body } = await of.http.get('/api/backup').expect(200);
    return body as Backup;
  };
  const restore = async (backup: unknown, query = '', of = server): Promise<RestoreReply> => {
    const { body } = await of.http
      .post(`/api/backup${query}`)
      .send(backup as object)
      .expect(200);
    return body as RestoreReply;
  };
  const titles = async (of = server): Promise<string[]> => {
    const { body } = await of.http.get('/api/recipes').expect(200);
    return (body as RecipePage).items.map(({ title }) => title);
  };

  /** A kitchen with a bit of everything in it. */
  const fill = async (): Promise<void> => {
    const { body: before } = await server.http.get('/api/kitchen').expect(200);
    const hand = '6a1f5c0e-3d1b-4a52-9a53-0c7f1f3f3a01';
    await server.http
      .put('/api/kitchen')
      .send({
        ...(before as Household),
        hands: [{ id: hand, name: 'Coot' }],
        handId: hand,
        containers: [{ name: 'blue bowl', grams: 212 }],
      })
      .expect(200);
    await server.http
      .post('/api/trials')
      .send({
        handId: hand,
        ingredientId: 'flour-wheat-all-purpose',
        form: null,
        method: 'spooned',
        tool: '1 cup',
        millilitres: 236.6,
        grams: 131,
        at: '2026-03-14T09:30:00Z',
        source: 'typed',
      })
      .expect(201);
    const { body: author } = await server.http
      .post('/api/authors')
      .send({ name: 'The blue binder' })
      .expect(201);
    const { body: saved } = await server.http
      .post('/api/recipes')
      .send({
        text: 'Oat slabs\n3 cups oats',
        authorId: (author as { id: string }).id,
        photos: [{ id: '6a1f5c0e-3d1b-4a52-9a53-0c7f1f3f3a02', lines: [] }],
      })
      .expect(201);
    const { id, standard, batch, methods, authorId } = saved as Backup['recipes'][number];
    await server.http
      .put(`/api/recipes/${id}`)
      .send({ text: 'Oat slabs\n4 cups oats', standard, batch, methods, authorId, revision: 1 })
      .expect(200);
  };

  it('has everything in it, and gives it all back in another kitchen', async () => {
    await fill();
    const backup = await make();
    expect(backup.recipes[0]!.versions.map(({ text }) => text)).toEqual(['Oat slabs\n3 cups oats']);
    const other = await startTestServer();
    await restore(backup, '', other);
    const again = await make(other);
    expect({ ...again, madeAt: '' }).toEqual({ ...backup, madeAt: '' });
    expect(await titles(other)).toEqual(['Oat slabs']);
    // The search finds what came in.
    const { body } = await other.http.get('/api/recipes?query=oats').expect(200);
    expect((body as RecipePage).total).toBe(1);
    await other.close();
  });

  it('says what it would do, and does nothing', async () => {
    await fill();
    const backup = await make();
    const other = await startTestServer();
    const reply = await restore(backup, '?dryRun=1', other);
    expect(reply.coming).toEqual(jasmine.objectContaining({ recipes: 1, authors: 1, trials: 1 }));
    expect(reply.going).toEqual(jasmine.objectContaining({ recipes: 0, authors: 0, trials: 0 }));
    expect(reply.safetyCopyId).toBeNull();
    expect(await titles(other)).toEqual([]);
    await other.close();
  });

  it('takes the place of what is here, which can be had back', async () => {
    const empty = await make();
    await fill();
    const full = await make();
    const { safetyCopyId } = await restore(empty);
    expect(await titles()).toEqual([]);
    await server.http.post(`/api/backup/${safetyCopyId}/restore`).expect(200);
    const { kitchen: household, ...rest } = await make();
    expect({ ...rest, madeAt: '' } as unknown).toEqual({
      ...Object.fromEntries(Object.entries(full).filter(([name]) => name !== 'kitchen')),
      madeAt: '',
    });
    expect({ ...household, revision: 0 }).toEqual({ ...full.kitchen, revision: 0 });
    await server.http.post('/api/backup/00000000-0000-4000-8000-000000000000/restore').expect(404);
  });

  it('is refused as a whole where it is none, or has no kitchen', async () => {
    await fill();
    const backup = await make();
    const wrong: [object, string][] = [
      [{ ...backup, version: 99 }, 'newer version'],
      [{ ...backup, format: 'something-else' }, 'not a backup'],
      [{ ...backup, kitchen: null }, ''],
      [{}, ''],
    ];
    for (const [document, words] of wrong) {
      const { body } = await server.http.post('/api/backup').send(document).expect(400);
      expect((body as { detail: string }).detail).toContain(words);
    }
    expect({ ...(await make()), madeAt: '' }).toEqual({ ...backup, madeAt: '' });
  });

  it('leaves no page of the old kitchen up to date', async () => {
    await fill();
    const backup = await make();
    await restore(backup);
    await server.http
      .put('/api/kitchen')
      .send({ ...backup.kitchen, currency: '£' })
      .expect(409);
  });
});
