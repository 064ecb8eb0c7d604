import { countStatements } from '../testing/count-statements.js';
import { startTestServer, type TestServer } from '../testing/test-server.js';

const TEXT = 'Makes 8\n2 cups (250 g) all-purpose flour\n1 cup milk\n2 eggs';
/** What each list may send, whatever its length: counters, rows, how many there are, latest bakes. */
const MOST_STATEMENTS = 13;

describe('a list', () => {
  let server: TestServer;

  beforeEach(async () => {
    server = await startTestServer();
  });
  afterEach(() => server.close());

  const fill = async (from: number, to: number): Promise<void> => {
    for (let at = from; at < to; at++) {
      const { body } = await server.http
        .post('/api/authors')
        .send({ name: `Author ${at}`, kind: 'book' })
        .expect(201);
      const { id: authorId } = body as { id: string };
      await server.http
        .post('/api/recipes')
        .send({ text: `Bun ${at}\n${TEXT}`, authorId })
        .expect(201);
    }
  };
  const statements = (path: string): Promise<number> =>
    countStatements(server.database, () => server.http.get(path).expect(200));

  for (const path of ['/api/recipes?pageSize=50', '/api/authors']) {
    it(`of ${path} sends no more statements for thirty rows than for two`, async () => {
      await fill(0, 2);
      const few = await statements(path);
      await fill(2, 30);
      expect(await statements(path)).toBeLessThanOrEqual(few);
      expect(few).toBeLessThanOrEqual(MOST_STATEMENTS);
    });
  }

  it('that is asked for again knows what was changed in between', async () => {
    await fill(0, 2);
    await server.http.get('/api/recipes').expect(200);
    await server.http.post('/api/recipes').send({ text: 'Late bun\n1 cup milk' }).expect(201);
    const { body } = await server.http.get('/api/recipes').expect(200);
    const titles = (body as { items: { title: string }[] }).items.map(({ title }) => title);
    expect(titles).toContain('Late bun');
  });
});
