import type { PlanReply } from '@ypsigram/contract';
import { startTestServer, type TestServer } from '../testing/test-server.js';

describe('the interface over HTTP', () => {
  let server: TestServer;

  beforeAll(async () => {
    server = await startTestServer();
  });
  afterAll(() => server.close());

  const post = (body: string, type = 'application/json') =>
    server.http.post('/api/plans').set('Content-Type', type).send(body);
  const plan = (text: string, extra = ''): string =>
    `{"text":${JSON.stringify(text)},"batch":{"by":"factor","factor":"2"}${extra}}`;

  it('says that it runs', async () => {
    await server.http
      .get('/api/health')
      .expect(200, { status: 'ok', version: '9.9.9', page: null });
  });

  it('describes itself', async () => {
    const { body } = await server.http.get('/api/openapi.json').expect(200);
    expect((body as { openapi: string }).openapi).toBe('3.1.0');
    const areas = Object.keys((body as { paths: object }).paths).map((path) => path.split('/')[2]);
    expect([...new Set(areas)]).toEqual([
      'health',
      'readings',
      'conversions',
      'plans',
      'chances',
      'kitchen',
      'trials',
      'authors',
      'scale',
      'recipes',
      'exports',
      'imports',
      'web-pages',
      'backup',
      'bakes',
      'timers',
      'thermometer',
      'photos',
      'log',
      'practice',
      'classes',
      'house',
      'changes',
    ]);
  });

  const bad: readonly [string, () => ReturnType<typeof post>, number][] = [
    ['malformed JSON', () => post('{"text":'), 400],
    ['a list for an object', () => post('[]'), 400],
    ['a body that is not JSON', () => post('hello', 'text/plain'), 415],
    ['a million characters', () => post(plan('x'.repeat(1_000_000))), 413],
    ['ten thousand lines', () => post(plan('1 cup flour\n'.repeat(10_000))), 400],
    ['a prototype in the body', () => post(plan('a', ',"__proto__":{"text":"b"}')), 400],
    ['JSON in an odd encoding', () => post(plan('a')).set('Content-Encoding', 'rot13'), 415],
    ['an address that is none', () => server.http.get('/api/nothing'), 404],
    ['a broken address', () => server.http.get('/api/recipes/%E0%A4%A'), 400],
    ['a recipe id that is none', () => server.http.get('/api/recipes/1'), 404],
    ['a page number that is none', () => server.http.get('/api/recipes?page=x'), 400],
    ['a page below the first', () => server.http.get('/api/recipes?page=0'), 400],
    ['a method the address has not', () => server.http.patch('/api/recipes'), 405],
  ];
  for (const [what, send, status] of bad) {
    it(`answers ${what} with ${status} and a sentence`, async () => {
      const reply = await send().expect(status);
      expect(reply.type).toBe('application/problem+json');
      const { detail } = reply.body as { detail: string };
      expect(detail).toMatch(/^[A-Z].*\.$/);
    });
  }

  it('lets a prototype among the methods name no line', async () => {
    const body = plan('1 cup honey', ',"methods":{"__proto__":"level"}');
    const reply = await post(body).expect(200);
    expect((reply.body as PlanReply).lines[0]?.measure?.method).toBe('poured');
  });

  it('answers strange texts well', async () => {
    const texts = [
      '',
      '\u0000',
      '½'.repeat(5000),
      '(('.repeat(5000),
      '1/'.repeat(90_000),
      '🥚\ud800',
      'ａ'.repeat(399),
    ];
    for (const text of texts) await post(plan(text)).expect(200);
  });

  it('answers only under its own name', async () => {
    await server.http.get('/api/health').set('Host', 'elsewhere.example').expect(403);
    await server.http.get('/api/health').set('Host', 'localhost:4310').expect(200);
    await server.http.get('/api/health').set('Host', '[::1]:4310').expect(200);
  });

  it('answers only its own pages', async () => {
    const from = (origin: string) =>
      server.http.get('/api/health').set('Host', '127.0.0.1:4310').set('Origin', origin);
    await from('http://elsewhere.example').expect(403);
    await from('null').expect(403);
    await from('http://127.0.0.1:9999').expect(403);
    await from('http://127.0.0.1:4310').expect(200);
  });

  it('lets a page load nothing from elsewhere', async () => {
    const { headers } = await server.http.get('/api/health');
    const policy = headers['content-security-policy'] as string;
    expect(policy).toContain("default-src 'none'");
    expect(policy).not.toMatch(/'unsafe-/);
    expect(policy).not.toContain('http');
  });
});
