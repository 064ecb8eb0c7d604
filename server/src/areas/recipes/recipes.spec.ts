import type { Recipe, RecipePage, RecipeVersion } from '@ypsigram/contract';
import { startTestServer, type TestServer } from '../../testing/test-server.js';

describe('recipes', () => {
  let server: TestServer;

  beforeEach(async () => {
    server = await startTestServer();
  });
  afterEach(() => server.close());

  const create = async (text: string): Promise<Recipe> => {
    const { body } = await server.http.post('/api/recipes').send({ text }).expect(201);
    return body as Recipe;
  };
  const list = async (query = ''): Promise<RecipePage> => {
    const { body } = await server.http.get(`/api/recipes?${query}`).expect(200);
    return body as RecipePage;
  };

  it('are kept as written, with their title', async () => {
    const saved = await create('Oat slabs\r\n\r\n 2 cups oats  \n');
    expect(saved.title).toBe('Oat slabs');
    expect(saved.text).toBe('Oat slabs\r\n\r\n 2 cups oats  \n');
    expect(saved.revision).toBe(1);
    const { body } = await server.http.get(`/api/recipes/${saved.id}`).expect(200);
    expect(body).toEqual(saved);
  });

  it('remember batch and methods', async () => {
    const saved = await create('2 cups flour');
    const { body } = await server.http
      .put(`/api/recipes/${saved.id}`)
      .send({
        text: saved.text,
        revision: 1,
        batch: { by: 'factor', factor: '3/2' },
        methods: { 0: 'dipped' },
      })
      .expect(200);
    const changed = body as Recipe;
    expect(changed.revision).toBe(2);
    expect(changed.batch).toEqual({ by: 'factor', factor: '3/2' });
    expect(changed.methods).toEqual({ 0: 'dipped' });
    expect(changed.createdAt).toBe(saved.createdAt);
  });

  it('have the photos that they were read from, until another change says otherwise', async () => {
    const saved = await create('2 cups flour');
    expect(saved.photos).toEqual([]);
    const photos = [
      {
        id: '6a1f5c0e-3d1b-4a52-9a53-0c7f1f3f3a01',
        lines: [
          {
            text: '2 cups fl0ur',
            unsure: [{ start: 7, end: 12, options: ['flour'] }],
            left: 0.1,
            top: 0.2,
            right: 0.6,
            bottom: 0.25,
          },
        ],
      },
    ];
    const put = async (change: object): Promise<Recipe> => {
      const { body } = await server.http.put(`/api/recipes/${saved.id}`).send(change).expect(200);
      return body as Recipe;
    };
    expect((await put({ text: saved.text, photos, revision: 1 })).photos).toEqual(photos);
    // A program that knows nothing of photos leaves them out.
    expect((await put({ text: '3 cups flour', revision: 2 })).photos).toEqual(photos);
    expect((await put({ text: '3 cups flour', photos: [], revision: 3 })).photos).toEqual([]);
    const beyond = [{ ...photos[0]!, lines: [{ ...photos[0]!.lines[0]!, right: 1.2 }] }];
    await server.http
      .put(`/api/recipes/${saved.id}`)
      .send({ text: '3 cups flour', photos: beyond, revision: 4 })
      .expect(400);
  });

  it('refuse a change based on an older revision, and lose neither version', async () => {
    const saved = await create('2 cups flour');
    const path = `/api/recipes/${saved.id}`;
    await server.http.put(path).send({ text: '3 cups flour', revision: 1 }).expect(200);
    const { body, type } = await server.http
      .put(path)
      .send({ text: '4 cups flour', revision: 1 })
      .expect(409);
    expect(type).toBe('application/problem+json');
    expect(body).toEqual(
      jasmine.objectContaining({
        yours: jasmine.objectContaining({ text: '4 cups flour', revision: 1 }),
        theirs: jasmine.objectContaining({ text: '3 cups flour', revision: 2 }),
      }),
    );
  });

  it('take a change once more whose answer was lost, and count it once', async () => {
    const { id } = await create('2 cups flour');
    const change = { text: '3 cups flour', methods: { 0: 'dipped' }, revision: 1 };
    const put = () => server.http.put(`/api/recipes/${id}`).send(change).expect(200);
    const { body: first } = await put();
    const { body: again } = await put();
    expect((first as Recipe).revision).toBe(2);
    expect(again).toEqual(first);
  });

  it('let only one of many simultaneous changes through', async () => {
    const saved = await create('2 cups flour');
    const statuses = await Promise.all(
      Array.from({ length: 12 }, async (_, index) => {
        const text = `${index + 1} cups flour`;
        const { status } = await server.http
          .put(`/api/recipes/${saved.id}`)
          .send({ text, revision: 1 });
        return status;
      }),
    );
    expect(statuses.filter((status) => status === 200).length).toBe(1);
    expect(statuses.filter((status) => status === 409).length).toBe(11);
  });

  it('keep every earlier text, and only texts', async () => {
    const { id, text } = await create('Buns\n2 cups flour');
    const put = (change: object) => server.http.put(`/api/recipes/${id}`).send(change).expect(200);
    await put({ text: 'Buns\n3 cups flour', revision: 1, standard: 'metric' });
    await put({ text: 'Buns\n3 cups flour', revision: 2, batch: { by: 'factor', factor: '2' } });
    await put({ text: 'Rolls\n3 cups flour', revision: 3 });
    // A change that is refused keeps nothing.
    await server.http.put(`/api/recipes/${id}`).send({ text: 'x', revision: 1 }).expect(409);
    const { body } = await server.http.get(`/api/recipes/${id}/versions`).expect(200);
    const { items } = body as { items: RecipeVersion[] };
    expect(items.map(({ revision, title, text: kept }) => [revision, title, kept])).toEqual([
      [3, 'Buns', 'Buns\n3 cups flour'],
      [1, 'Buns', text],
    ]);
    expect(items[1]?.standard).toBe('us-customary');
    await server.http.get('/api/recipes/00000000-0000-4000-8000-000000000000/versions').expect(404);
  });

  it('are deleted and brought back whole', async () => {
    const saved = await create('Buns\n2 cups flour');
    await server.http.delete(`/api/recipes/${saved.id}`).expect(204);
    await server.http.get(`/api/recipes/${saved.id}`).expect(404);
    expect((await list()).total).toBe(0);
    expect((await list('query=buns')).total).toBe(0);
    await server.http.delete(`/api/recipes/${saved.id}`).expect(404);
    const { body } = await server.http.post(`/api/recipes/${saved.id}/restore`).expect(200);
    expect(body).toEqual(saved);
    expect((await list('query=buns')).total).toBe(1);
  });

  it('are found by the beginnings of words in title and ingredients', async () => {
    await create('Crème knots\n2 cups strong flour');
    await create('Slabs\n1 cup porridge oats\n2 tbsp sea buckthorn');
    const titles = async (query: string): Promise<string[]> =>
      (await list(`query=${encodeURIComponent(query)}`)).items.map(({ title }) => title);
    expect(await titles('creme')).toEqual(['Crème knots']);
    expect(await titles('bread fl')).toEqual(['Crème knots']);
    expect(await titles('rolled oat')).toEqual(['Slabs']);
    expect(await titles('BUCKTH')).toEqual(['Slabs']);
    expect(await titles('')).toEqual(['Crème knots', 'Slabs']);
    expect(await titles('nothing')).toEqual([]);
    expect(await titles('" OR * --')).toEqual([]);
    expect(await titles('-- ;')).toEqual([]);
  });

  it('follow their text: a renamed recipe is found under its new name', async () => {
    const saved = await create('Old name\n2 cups flour');
    await server.http
      .put(`/api/recipes/${saved.id}`)
      .send({ text: 'New name\n1 cup honey', revision: 1 })
      .expect(200);
    expect((await list('query=old')).total).toBe(0);
    expect((await list('query=honey')).items[0]?.title).toBe('New name');
  });

  it('come in pages', async () => {
    for (let i = 1; i <= 7; i++) await create(`Recipe ${i}\n1 cup flour`);
    const page = await list('page=2&pageSize=3');
    expect(page.items.map(({ title }) => title)).toEqual(['Recipe 4', 'Recipe 5', 'Recipe 6']);
    expect(page.total).toBe(7);
    expect((await list('page=9')).items).toEqual([]);
  });

  it('say in the list what they weigh by both routes', async () => {
    await create('Buns\nMakes 8\n2 cups all-purpose flour\n1 cup sea buckthorn');
    const [summary] = (await list()).items;
    expect(summary).toEqual(
      jasmine.objectContaining({
        yield: 'Makes 8',
        ingredientCount: 2,
        openCount: 1,
        weighedGrams: 250,
      }),
    );
    expect(summary?.totalGrams).toBeCloseTo(250, 6);
    expect(summary?.measuredGrams).toBeCloseTo(250, 6);
  });

  const refused: readonly [string, object, string][] = [
    ['no text', {}, 'text'],
    ['blank text', { text: ' \n ' }, 'text'],
    ['text of a wrong type', { text: 5 }, 'text'],
    ['an unknown standard', { text: 'a', standard: 'martian' }, 'standard'],
    ['a factor of nothing', { text: 'a', batch: { by: 'factor', factor: '0' } }, 'batch.factor'],
    ['an unknown field', { text: 'a', tilte: 'x' }, ''],
    ['a name of blanks', { text: 'a', title: '  ' }, 'title'],
    ['a method that is none', { text: 'a', methods: { 0: 'thrown' } }, 'methods.0'],
  ];
  for (const [what, body, field] of refused) {
    it(`refuse ${what} with a sentence and the field`, async () => {
      const reply = await server.http.post('/api/recipes').send(body).expect(400);
      expect(reply.type).toBe('application/problem+json');
      expect((reply.body as { field: string }).field).toBe(field);
      expect((reply.body as { detail: string }).detail).toMatch(/^[A-Z].*\.$/);
      expect((await list()).total).toBe(0);
    });
  }

  it('are listed all the same where one of them is broken', async () => {
    await create('Buns\n2 cups flour');
    const { id } = await create('Knots\n2 cups flour');
    await server.database.sequelize.query(
      'UPDATE recipes SET balance = :balance, revision = 7 WHERE id = :id',
      { replacements: { id, balance: 'null' } },
    );
    const { body } = await server.http.get('/api/recipes').expect(200);
    const { items } = body as RecipePage;
    expect(items.length).toBe(2);
    expect(items.find((one) => one.id === id)!.problem).toContain('could not be worked out');
    expect(items.find((one) => one.id !== id)!.problem).toBeNull();
    expect(server.reported.splice(0).length).toBeGreaterThan(0);
  });
});
