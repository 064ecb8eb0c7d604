import type { Recipe } from '@ypsigram/contract';
import type { Areas } from '../all-areas.js';
import { startTestServer, type TestServer } from '../../testing/test-server.js';
import { importService, type ImportService } from './service.js';

const SIXTY = Array.from({ length: 60 }, (_, at) => ({
  text: `Batch ${at}\n2 cups flour`,
  author: 'Harbour notebook',
  title: null,
  standard: null,
  factor: null,
  methods: null,
  balance: null,
  answers: null,
  photos: null,
  proven: null,
}));

describe('an import that breaks off half way', () => {
  let server: TestServer;
  let areas: Areas;
  beforeEach(async () => {
    server = await startTestServer();
    ({ areas } = server);
    await server.http.post('/api/recipes').send({ text: 'Batch 0\n1 cup rye flour' }).expect(201);
  });
  afterEach(() => server.close());

  /** Imports whose second part can't be written; nor, where that is so, be taken back. */
  const breaking = (canTakeBack: boolean): ImportService => {
    const { recipes, authors } = areas;
    let parts = 0;
    return importService(server.database, {
      now: () => new Date(),
      shelf: async () => (await areas.kitchenContext()).shelf,
      authors,
      recipes: {
        ...recipes,
        createAll: (drafts) =>
          ++parts === 2 ? Promise.reject(new Error('broken')) : recipes.createAll(drafts),
        removeAll: (some) =>
          canTakeBack ? recipes.removeAll(some) : Promise.reject(new Error('cut off')),
      },
    });
  };
  const texts = async (): Promise<string[]> =>
    (await areas.recipes.all()).map(({ text }: Recipe) => text);

  it('leaves no recipe behind', async () => {
    await expectAsync(breaking(true).importAll(SIXTY)).toBeRejectedWithError('broken');
    expect(await texts()).toEqual(['Batch 0\n1 cup rye flour']);
  });

  it('is taken back at the next start where it could not be at once', async () => {
    await expectAsync(breaking(false).importAll(SIXTY)).toBeRejectedWithError('cut off');
    expect((await texts()).length).toBe(20);
    await areas.imports.takeBackUnfinished();
    expect(await texts()).toEqual(['Batch 0\n1 cup rye flour']);
    // And there is nothing left that stands in the way of the same again.
    const { importId } = await areas.imports.importAll(SIXTY);
    expect((await texts()).length).toBe(60);
    expect(await areas.imports.undo(importId!)).toEqual({ removed: 59, restored: 1, kept: 0 });
    expect(await texts()).toEqual(['Batch 0\n1 cup rye flour']);
  });
});
