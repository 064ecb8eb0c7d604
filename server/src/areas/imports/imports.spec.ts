import {
  type Recipe,
  type RecipeImportReply,
  type RecipePage,
  RECIPE_WORDS,
} from '@ypsigram/contract';
import { readRecipeFile } from '@ypsigram/core/formats';
import { BUILT_IN_SHELF } from '@ypsigram/core/shelf';
import { startTestServer, type TestServer } from '../../testing/test-server.js';

const OATS = 'Oat slabs\nMakes 16\n\n3 cups rolled oats\n1 cup flour';
const RYE = 'Rye crispbread\n2 cups dark rye flour\n1 tbsp sea buckthorn';

describe('recipes out and in', () => {
  let server: TestServer;
  beforeEach(async () => {
    server = await startTestServer();
  });
  afterEach(() => server.close());

  const bring = async (recipes: object[], query = ''): Promise<RecipeImportReply> => {
    const { body } = await server.http.post(`/api/imports${query}`).send({ recipes }).expect(200);
    return body as RecipeImportReply;
  };
  const titles = async (): Promise<string[]> => {
    const { body } = await server.http.get('/api/recipes').expect(200);
    return (body as RecipePage).items.map(({ title }) => title);
  };
  const read = async (id: string | null): Promise<Recipe> => {
    const { body } = await server.http.get(`/api/recipes/${id}`).expect(200);
    return body as Recipe;
  };

  it('say what would come in, and change nothing', async () => {
    const { items, importId } = await bring([{ text: OATS }, { text: RYE }], '?dryRun=1');
    expect(items).toEqual([
      { title: 'Oat slabs', status: 'new', ingredientCount: 2, openCount: 0, recipeId: null },
      { title: 'Rye crispbread', status: 'new', ingredientCount: 2, openCount: 1, recipeId: null },
    ]);
    expect(importId).toBeNull();
    expect(await titles()).toEqual([]);
  });

  it('come in with all that their file says, and make the authors that are missing', async () => {
    const { items } = await bring([
      {
        text: OATS,
        author: 'Harbour notebook',
        standard: 'metric',
        factor: '3/2',
        methods: { 2: 'dipped' },
      },
      { text: RYE, author: 'harbour notebook' },
    ]);
    const oats = await read(items[0]!.recipeId);
    expect(oats.standard).toBe('metric');
    expect(oats.batch.factor).toBe('3/2');
    expect(oats.methods).toEqual({ 2: 'dipped' });
    expect((await read(items[1]!.recipeId)).authorId).toBe(oats.authorId);
    const { body } = await server.http.get('/api/authors').expect(200);
    expect((body as { items: { name: string }[] }).items.map(({ name }) => name)).toEqual([
      'Harbour notebook',
    ]);
  });

  it('tell what is new, the same and changed, and leave the same alone', async () => {
    const first = await bring([{ text: OATS }]);
    const changed = OATS.replace('3 cups', '4 cups');
    const again = await bring([{ text: OATS }, { text: RYE }]);
    expect(again.items.map(({ status }) => status)).toEqual(['same', 'new']);
    expect((await read(first.items[0]!.recipeId)).revision).toBe(1);
    const third = await bring([{ text: changed }]);
    expect(third.items[0]?.status).toBe('changed');
    const oats = await read(first.items[0]!.recipeId);
    expect(oats.text).toBe(changed);
    expect(oats.revision).toBe(2);
  });

  it('let a recipe of the same name by somebody else stand beside it', async () => {
    await bring([{ text: OATS, author: 'Harbour notebook' }]);
    const { items } = await bring([
      { text: OATS.replace('3 cups', '5 cups'), author: 'The blue binder' },
      { text: OATS.replace('3 cups', '4 cups'), author: 'harbour notebook' },
    ]);
    expect(items.map(({ status }) => status)).toEqual(['new', 'changed']);
    expect(await titles()).toEqual(['Oat slabs', 'Oat slabs']);
  });

  it('go out again together, and what was changed is as it was', async () => {
    const photos = [{ id: '6a1f5c0e-3d1b-4a52-9a53-0c7f1f3f3a01', lines: [] }];
    const first = await bring([{ text: OATS, photos }]);
    const id = first.items[0]!.recipeId;
    const second = await bring([
      { text: OATS.replace('3 cups', '4 cups'), photos: [] },
      { text: RYE },
    ]);
    expect((await read(id)).photos).toEqual([]);
    const { body } = await server.http.delete(`/api/imports/${second.importId}`).expect(200);
    expect(body).toEqual({ removed: 1, restored: 1, kept: 0 });
    expect(await titles()).toEqual(['Oat slabs']);
    expect(await read(id)).toEqual(jasmine.objectContaining({ text: OATS, photos }));
    await server.http.delete(`/api/imports/${second.importId}`).expect(404);
  });

  it('leave alone what was changed since', async () => {
    const { items, importId } = await bring([{ text: OATS }]);
    const oats = await read(items[0]!.recipeId);
    const { text, standard, batch, methods } = oats;
    await server.http
      .put(`/api/recipes/${oats.id}`)
      .send({ text: `${text}\n1 egg`, standard, batch, methods, revision: oats.revision })
      .expect(200);
    const { body } = await server.http.delete(`/api/imports/${importId}`).expect(200);
    expect(body).toEqual({ removed: 0, restored: 0, kept: 1 });
    expect(await titles()).toEqual(['Oat slabs']);
  });

  it('come in all or not at all', async () => {
    const { body } = await server.http
      .post('/api/imports')
      .send({ recipes: [{ text: OATS }, { text: '  ' }] })
      .expect(400);
    expect((body as { field: string }).field).toBe('recipes.1.text');
    expect(await titles()).toEqual([]);
    await server.http.post('/api/imports').send({ recipes: [] }).expect(400);
    await server.http
      .post('/api/imports')
      .send({ recipes: [{ text: OATS, answers: [{ note: 'nonsense' }] }] })
      .expect(400);
  });

  it('take more than the body of one recipe', async () => {
    const many = Array.from({ length: 300 }, (_, at) => ({
      text: `Slab ${at}\n${OATS}\n${'Stir once more.\n'.repeat(80)}`,
    }));
    const { items } = await bring(many);
    expect(items.length).toBe(300);
    const { body } = await server.http.get('/api/recipes').expect(200);
    expect((body as RecipePage).total).toBe(300);
  });

  for (const format of ['markdown', 'json-ld', 'csv']) {
    it(`come back from ${format} as they went out`, async () => {
      await bring([
        {
          text: OATS,
          author: 'Harbour notebook',
          standard: 'metric',
          factor: '2',
          methods: { 2: 'dipped' },
        },
        { text: RYE },
      ]);
      const { text, headers } = await server.http
        .get(`/api/exports?format=${format}`)
        .buffer(true)
        .parse((response, done) => {
          let content = '';
          response.setEncoding('utf8');
          response.on('data', (part: string) => (content += part));
          response.on('end', () => done(null, content));
        })
        .expect(200)
        .then((response) => ({
          text: response.body as string,
          headers: response.headers as Record<string, string>,
        }));
      expect(headers['content-disposition']).toContain('recipes.');
      const { recipes, problems } = readRecipeFile('', text, RECIPE_WORDS, BUILT_IN_SHELF);
      expect(problems).toEqual([]);
      const { items } = await bring(recipes as object[], '?dryRun=1');
      expect(items.map(({ status }) => status)).toEqual(['same', 'same']);
    });
  }

  it('go out one by one as well, under their name', async () => {
    const { items } = await bring([{ text: OATS }, { text: RYE }]);
    const { headers, text } = await server.http
      .get(`/api/exports?format=text&ids=${items[1]!.recipeId}`)
      .expect(200);
    expect((headers as Record<string, string>)['content-disposition']).toContain(
      'rye-crispbread.txt',
    );
    expect(text).toBe(RYE);
    await server.http.get('/api/exports?format=pdf').expect(400);
    await server.http
      .get('/api/exports?format=text&ids=00000000-0000-4000-8000-000000000000')
      .expect(404);
  });

  it('takes two recipes without a name for two, and the same text for the same', async () => {
    const server = await startTestServer();
    const recipes = ['1 cup flour', '2 cups oats'].map((text) => ({ text }));
    const send = async () =>
      (await server.http.post('/api/imports').send({ recipes }).expect(200))
        .body as RecipeImportReply;
    expect((await send()).items.map(({ status }) => status)).toEqual(['new', 'new']);
    expect((await send()).items.map(({ status }) => status)).toEqual(['same', 'same']);
    await server.close();
  });
});
