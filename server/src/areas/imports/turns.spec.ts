import { startTestServer, type TestServer } from '../../testing/test-server.js';

const LINES = '2 cups flour\n1 cup sugar\n1/2 cup butter\n2 eggs\n1 tsp salt\nMix.\nBake.';

/** An import of many recipes that has begun, and whether it has come to its end. */
function importMany({ http }: TestServer): { end: Promise<void>; isDone(): boolean } {
  const recipes = Array.from({ length: 1500 }, (_, at) => ({ text: `Batch ${at}\n${LINES}` }));
  let isDone = false;
  const end = http
    .post('/api/imports')
    .send({ recipes })
    .expect(200)
    .then(() => {
      isDone = true;
    });
  return { end, isDone: () => isDone };
}

describe('a large import', () => {
  it('lets others read, and others write right after it', async () => {
    const server = await startTestServer();
    const importing = importMany(server);
    let served = 0;
    let longest = 0;
    while (!importing.isDone()) {
      const from = performance.now();
      await server.http.get('/api/health').expect(200);
      longest = Math.max(longest, performance.now() - from);
      served++;
    }
    await importing.end;
    // In slices of milliseconds: whoever asks is answered many times before the import is done.
    expect(served).toBeGreaterThan(10);
    expect(longest).toBeLessThan(1000);
    await server.http.post('/api/recipes').send({ text: 'Buns\n2 cups flour' }).expect(201);
    await server.close();
  });

  it('lets others write while it comes in', async () => {
    const server = await startTestServer();
    const importing = importMany(server);
    let written = 0;
    while (!importing.isDone()) {
      await server.http
        .post('/api/recipes')
        .send({ text: `Buns ${written}\n${LINES}` })
        .expect(201);
      written++;
    }
    await importing.end;
    expect(written).toBeGreaterThan(20);
    const { body } = await server.http.get('/api/recipes?pageSize=1').expect(200);
    expect((body as { total: number }).total).toBe(1500 + written);
    await server.close();
  });

  it('of the same file twice at once brings each recipe in once', async () => {
    const server = await startTestServer();
    const recipes = Array.from({ length: 60 }, (_, at) => ({ text: `Batch ${at}\n${LINES}` }));
    const send = () => server.http.post('/api/imports').send({ recipes }).expect(200);
    await Promise.all([send(), send(), send()]);
    const { body } = await server.http.get('/api/recipes?pageSize=1').expect(200);
    expect((body as { total: number }).total).toBe(60);
    await server.close();
  });

  it('waits its turn beside other writers, and nobody is turned away', async () => {
    const server = await startTestServer();
    const importOf = (name: string) =>
      server.http.post('/api/imports').send({
        recipes: Array.from({ length: 40 }, (_, at) => ({ text: `${name} ${at}\n${LINES}` })),
      });
    const replies = await Promise.all([
      ...Array.from({ length: 8 }, (_, at) => importOf(`Import ${at}`)),
      ...Array.from({ length: 20 }, (_, at) =>
        server.http.post('/api/recipes').send({ text: `Single ${at}\n${LINES}` }),
      ),
    ]);
    expect(replies.filter(({ status }) => status >= 400)).toEqual([]);
    const { body } = await server.http.get('/api/recipes?pageSize=1').expect(200);
    expect((body as { total: number }).total).toBe(8 * 40 + 20);
    await server.close();
  });
});
