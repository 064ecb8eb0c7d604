import type { Recipe, RecipeVersion } from '@ypsigram/contract';
import { startTestServer } from '../../testing/test-server.js';

describe('the versions of a recipe', () => {
  it('are kept in full while they are new, and one a day of the old ones', async () => {
    const server = await startTestServer();
    const { body } = await server.http
      .post('/api/recipes')
      .send({ text: 'Buns\n1 cup flour' })
      .expect(201);
    let saved = body as Recipe;
    // Sixty versions of one old day, and five of another: as if they had been written then.
    for (const [day, count, from] of [
      ['2026-01-05', 60, -100],
      ['2026-01-06', 5, -40],
    ] as const) {
      for (let at = 0; at < count; at++) {
        await server.database.sequelize.query(
          `INSERT INTO recipe_versions (recipe_id, revision, title, text, standard, saved_at)
            VALUES (:id, :revision, 'Buns', :text, 'metric', :savedAt)`,
          {
            replacements: {
              id: saved.id,
              revision: from + at,
              text: `old ${at}`,
              savedAt: `${day}T10:00:${String(at).padStart(2, '0')}Z`,
            },
          },
        );
      }
    }
    for (let at = 2; at <= 120; at++) {
      const { standard, authorId, batch, methods, balance, answers, revision } = saved;
      const change = { standard, authorId, batch, methods, balance, answers, revision };
      const { body: next } = await server.http
        .put(`/api/recipes/${saved.id}`)
        .send({ ...change, text: `Buns\n${at} cups flour` })
        .expect(200);
      saved = next as Recipe;
    }
    const { body: list } = await server.http.get(`/api/recipes/${saved.id}/versions`).expect(200);
    const { items } = list as { items: RecipeVersion[] };
    expect(items.slice(0, 100).map(({ revision }) => revision)).toEqual(
      Array.from({ length: 100 }, (_, at) => 119 - at),
    );
    const old = items.filter(({ savedAt }) => savedAt.startsWith('2026-01'));
    expect(old.map(({ text }) => text)).toEqual(['old 4', 'old 59']);
    await server.close();
  });
});
