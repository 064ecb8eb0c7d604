import type { Author, Backup, Recipe, RecipePage, RestoreReply } from '@ypsigram/contract';
import { startTestServer, type TestServer } from '../../testing/test-server.js';

describe('a backup that something is wrong with', () => {
  let server: TestServer;
  beforeEach(async () => {
    server = await startTestServer();
  });
  afterEach(() => server.close());

  const make = async (): Promise<Backup> =>
    (await server.http.get('/api/backup').expect(200)).body as Backup;
  const post = (body: string | object, query = '') =>
    server.http.post(`/api/backup${query}`).set('content-type', 'application/json').send(body);
  const addAuthor = async (): Promise<Author> =>
    (await server.http.post('/api/authors').send({ name: 'Tide book' }).expect(201)).body as Author;
  const addRecipe = async (more: object = {}): Promise<Recipe> =>
    (
      await server.http
        .post('/api/recipes')
        .send({ text: 'Oat slabs\n3 cups oats', ...more })
        .expect(201)
    ).body as Recipe;

  it('restores once its author was deleted', async () => {
    const author = await addAuthor();
    await addRecipe({ authorId: author.id });
    await server.http.delete(`/api/authors/${author.id}`).expect(204);
    const backup = await make();
    expect(backup.recipes[0]!.authorId).toBeNull();
    await post(backup).expect(200);
  });

  it('is mended where a recipe names an author who is not in it, and says so', async () => {
    await addRecipe();
    const backup = await make();
    const authorId = '6a1f5c0e-3d1b-4a52-9a53-0c7f1f3f3a01';
    const orphaned = { ...backup, recipes: backup.recipes.map((one) => ({ ...one, authorId })) };
    const { body: preview } = await post(orphaned, '?dryRun=1').expect(200);
    expect((preview as RestoreReply).notes.join()).toContain('1 recipe belongs to an author');
    await post(orphaned).expect(200);
    expect((await make()).recipes[0]!.authorId).toBeNull();
  });

  it('comes in whatever order its parts stand in', async () => {
    const author = await addAuthor();
    await addRecipe({ authorId: author.id });
    const { recipes, authors, trials, kitchen, ...head } = await make();
    await post({ recipes, trials, authors, kitchen, ...head }).expect(200);
    expect((await make()).recipes[0]!.authorId).toBe(author.id);
  });

  it('brings deleted recipes back when it is undone', async () => {
    const empty = await make();
    const { id } = await addRecipe();
    await server.http.delete(`/api/recipes/${id}`).expect(204);
    const { body } = await post(empty).expect(200);
    await server.http.post(`/api/recipes/${id}/restore`).expect(404);
    const { safetyCopyId } = body as RestoreReply;
    await server.http.post(`/api/backup/${safetyCopyId}/restore`).expect(200);
    await server.http.post(`/api/recipes/${id}/restore`).expect(200);
    const { body: page } = await server.http.get('/api/recipes').expect(200);
    expect((page as RecipePage).total).toBe(1);
  });

  it('keeps what was saved while it was restored: before or after, never in between', async () => {
    for (let at = 0; at < 30; at++) await addRecipe({ text: `Old ${at}\n1 cup oats` });
    const backup = await make();
    const restoring = post(backup).expect(200);
    const written = Array.from({ length: 10 }, async (_, at) => {
      const answer = await server.http.post('/api/recipes').send({ text: `New ${at}\n1 cup oats` });
      // Told at once that it has to wait, or saved.
      if (answer.status === 503) {
        expect(answer.headers['retry-after']).toBeDefined();
        expect((answer.body as { detail: string }).detail).toContain('is being restored');
        return [];
      }
      expect(answer.status).toBe(201);
      return [answer.body as Recipe];
    });
    const [{ body }, ...answers] = await Promise.all([restoring, ...written]);
    const saved = answers.flat();
    const here = new Set((await make()).recipes.map(({ id }) => id));
    const { safetyCopyId } = body as RestoreReply;
    await server.http.post(`/api/backup/${safetyCopyId}/restore`).expect(200);
    const before = new Set((await make()).recipes.map(({ id }) => id));
    for (const { id } of saved) expect(here.has(id) || before.has(id)).toBeTrue();
  });

  it('can be larger than any request may be else', async () => {
    for (let at = 0; at < 4; at++) {
      await addRecipe({
        text: `Long ${at}\n${'Fold the dough, turn it, and fold it once again.\n'.repeat(4_000)}`,
      });
    }
    const backup = await make();
    expect(JSON.stringify(backup).length).toBeGreaterThan(256 * 1024);
    await post(backup).expect(200);
    expect((await make()).recipes.length).toBe(4);
  });
});
