import type { Problem, Recipe } from '@ypsigram/contract';
import { startTestServer, type TestServer } from '../testing/test-server.js';

describe('hostile requests', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await startTestServer();
  });
  afterAll(() => server.close());

  const detail = (body: unknown): string => (body as Problem).detail;

  it('lose their NUL and their half characters, and come back as they are kept', async () => {
    const text = 'Bu\u0000ns \uD800\n2 cups flour\uDC00';
    const { body } = await server.http.post('/api/recipes').send({ text }).expect(201);
    const saved = body as Recipe;
    expect(saved.text).toBe('Buns \uFFFD\n2 cups flour\uFFFD');
    const { body: again } = await server.http.get(`/api/recipes/${saved.id}`).expect(200);
    expect((again as Recipe).text).toBe(saved.text);
    await server.http.get('/api/backup').expect(200);
    await server.http
      .post('/api/imports')
      .send({ recipes: [{ text }] })
      .expect(200);
  });

  it('are told no more than helps, however many fields are wrong', async () => {
    const keys = Array.from({ length: 20_000 }, (_, at) => [`k${at}`, 1] as const);
    const { body, text } = await server.http
      .post('/api/recipes')
      .send({ text: 'Buns', ...Object.fromEntries(keys) })
      .expect(400);
    expect(text.length).toBeLessThan(5_000);
    expect(detail(body)).toContain('and 19995 more');
  });

  it('are refused where they are nested deeper than anything here', async () => {
    const deep = `{"text":"Buns","answers":${'['.repeat(5_000)}${']'.repeat(5_000)}}`;
    const { body } = await server.http
      .post('/api/recipes')
      .set('content-type', 'application/json')
      .send(deep)
      .expect(400);
    expect(detail(body)).toContain('nested too deep');
  });

  it('may not name an author who was never here', async () => {
    const authorId = '6a1f5c0e-3d1b-4a52-9a53-0c7f1f3f3a01';
    const { body } = await server.http
      .post('/api/recipes')
      .send({ text: 'Buns\n2 cups flour', authorId })
      .expect(422);
    expect((body as Problem).field).toBe('authorId');
  });

  it('ask for no more bakes than a processor has time for', async () => {
    const text = Array.from({ length: 400 }, (_, at) => `${at + 1} cups flour`).join('\n');
    const { body } = await server.http
      .post('/api/chances')
      .send({ text, batch: { by: 'factor', factor: '1' }, bakes: 200_000 })
      .expect(422);
    expect(detail(body)).toContain('at most 50000 bakes');
  });

  it('can’t take the Book down with one batch', async () => {
    const { body: kitchen } = await server.http.get('/api/kitchen').expect(200);
    const { tools, ...rest } = kitchen as { tools: { kind: string }[] };
    await server.http
      .put('/api/kitchen')
      .send({ ...rest, tools: tools.filter(({ kind }) => kind !== 'jug') })
      .expect(200);
    const { body } = await server.http
      .post('/api/recipes')
      .send({
        text: 'Knots\n4 cups bread flour\n1 1/4 cups milk\n2 1/4 tsp yeast',
        batch: { by: 'factor', factor: '300' },
      })
      .expect(201);
    const { id } = body as Recipe;
    await server.http.get('/api/recipes').expect(200);
    await server.http.post('/api/plans').send({ recipeId: id }).expect(200);
    await server.http
      .post('/api/plans')
      .send({
        text: '3 cups flour',
        batch: { by: 'factor', factor: '4' },
        choices: { 0: { tools: ['1/8 tsp'] } },
      })
      .expect(200);
  });
});
