import type { Author, PlanReply, Problem, ReadingReply, Recipe } from '@ypsigram/contract';
import { startTestServer, type TestServer } from '../../testing/test-server.js';

const CUP = 236.5882365;
const FLOUR = 'flour-wheat-all-purpose';

describe('authors', () => {
  let server: TestServer;

  beforeEach(async () => {
    server = await startTestServer();
  });
  afterEach(() => server.close());

  const create = async (draft: object): Promise<Author> =>
    (await server.http.post('/api/authors').send(draft).expect(201)).body as Author;
  const read = async (id: string): Promise<Author> =>
    (await server.http.get(`/api/authors/${id}`).expect(200)).body as Author;
  const recipe = async (text: string, authorId: string | null): Promise<Recipe> =>
    (await server.http.post('/api/recipes').send({ text, authorId }).expect(201)).body as Recipe;
  const intended = async (request: object): Promise<PlanReply['lines'][number]['intended']> => {
    const batch = { by: 'factor', factor: '1' };
    const { body } = await server.http
      .post('/api/plans')
      .send({ batch, ...request })
      .expect(200);
    return (body as PlanReply).lines[0]!.intended;
  };
  const given = (grams: number) => ({
    ingredientId: FLOUR,
    form: null,
    method: 'spooned',
    gramsPerMillilitre: grams / CUP,
  });

  it('are added, changed, deleted and brought back', async () => {
    const author = await create({ name: 'Harbour notebook', kind: 'notebook' });
    expect(author.standard).toBe('us-customary');
    const change = { name: 'Harbour notebook', kind: 'book', standard: 'metric' };
    const put = (revision: number) =>
      server.http.put(`/api/authors/${author.id}`).send({ ...change, revision });
    await put(1).expect(200);
    const { body } = await put(1).expect(409);
    expect((body as { theirs: Author }).theirs.standard).toBe('metric');
    await server.http.delete(`/api/authors/${author.id}`).expect(204);
    await server.http.get(`/api/authors/${author.id}`).expect(404);
    await server.http.post(`/api/authors/${author.id}/restore`).expect(200);
    expect((await read(author.id)).kind).toBe('book');
  });

  it('mean by their cup what they say it weighs', async () => {
    const { id } = await create({ name: 'Harbour notebook', conventions: [given(140)] });
    const saved = await recipe('2 cups flour', id);
    const mass = await intended({ recipeId: saved.id });
    expect(mass?.grams).toBeCloseTo(280, 9);
    expect(mass?.basis).toBe('author');
    expect(mass?.source).toEqual({ from: 'author', author: 'Harbour notebook' });
    expect((await intended({ text: '2 cups flour' }))?.grams).toBeCloseTo(250, 9);
    expect((await intended({ text: '2 cups flour', authorId: id }))?.grams).toBeCloseTo(280, 9);
    const { body } = await server.http
      .post('/api/readings')
      .send({ text: '2 cups flour', authorId: id });
    expect((body as ReadingReply).lines[0]?.intended?.basis).toBe('author');
  });

  it('show by their recipes what their cup weighs, a slip of the pen left out', async () => {
    const { id } = await create({ name: 'The blue binder' });
    await recipe('One\n2 cups (280 g) flour', id);
    expect((await read(id)).inferred[0]?.gramsPerMillilitre).toBeNull();
    const second = await recipe('Two\n1 cup (140 g) flour\n3 cups (240 g) flour', id);
    await recipe('Somebody else\n1 cup (120 g) flour', null);
    const author = await read(id);
    expect(author.recipeCount).toBe(2);
    const flour = author.inferred[0]!;
    expect(flour.gramsPerMillilitre! * CUP).toBeCloseTo(140, 6);
    expect(flour.lines.map(({ recipe: title, agrees }) => [title, agrees])).toEqual([
      ['One', true],
      ['Two', true],
      ['Two', false],
    ]);
    expect((await intended({ text: '1 cup flour', authorId: id }))?.basis).toBe('author');
    await server.http.delete(`/api/recipes/${second.id}`).expect(204);
    expect((await read(id)).inferred[0]?.gramsPerMillilitre).toBeNull();
  });

  it('that are gone leave their recipes to the tables', async () => {
    const { id } = await create({ name: 'Harbour notebook', conventions: [given(140)] });
    const saved = await recipe('2 cups flour', id);
    await server.http.delete(`/api/authors/${id}`).expect(204);
    expect((await intended({ recipeId: saved.id }))?.basis).toBe('reference');
  });

  it('are not needed to see where the words of a recipe come from', async () => {
    const text = '200 g caster sugar\nGas mark 4';
    const { body } = await server.http.post('/api/readings').send({ text }).expect(200);
    const { origin, standard } = body as ReadingReply;
    expect(origin).toEqual({ standard: 'british', signs: ['caster sugar', 'Gas mark 4'] });
    expect(standard).toBe('us-customary');
  });

  it('need a name', async () => {
    const { body } = await server.http.post('/api/authors').send({ name: ' ' }).expect(400);
    expect((body as Problem).detail).toContain('Give the author a name');
  });
});
