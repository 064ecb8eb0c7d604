import type { WebPageReply, WebPagesState } from '@ypsigram/contract';
import { openStandInWeb, type StandInWeb } from '../../devices/index.js';
import { startTestServer, type TestServer } from '../../testing/test-server.js';
import { isPublicAddress, literalAddress } from './public-address.js';

describe('recipes of web pages', () => {
  let web: StandInWeb;
  let server: TestServer;

  beforeAll(async () => {
    web = await openStandInWeb();
  });
  afterAll(() => web.close());
  beforeEach(async () => {
    server = await startTestServer(undefined, web);
  });
  afterEach(() => server.close());

  const get = (address: string) => server.http.post('/api/web-pages').send({ address });
  const refusal = async (path: string): Promise<{ status: number; detail: string }> => {
    const { status, body } = await get(`${web.origin}${path}`);
    return { status, detail: (body as { detail: string }).detail };
  };

  it('are got from every page of the stand-in, however the page tells of them', async () => {
    const { body } = await server.http.get('/api/web-pages').expect(200);
    const { isOn, samples } = body as WebPagesState;
    expect(isOn).toBe(true);
    expect(samples.length).toBe(20);
    for (const { title, address } of samples) {
      const reply = await get(address).expect(200);
      const { recipes } = reply.body as WebPageReply;
      expect(recipes.length).withContext(title).toBe(1);
      const { text } = recipes[0]!;
      expect(text.split('\n')[0]).toBe(title);
      expect(text)
        .withContext(title)
        .not.toMatch(/You may like|About the boat|made up|<li>/);
      const planned = await server.http.post('/api/readings').send({ text }).expect(200);
      const { lines } = planned.body as { lines: { ingredientId: string | null }[] };
      const known = lines.filter(({ ingredientId }) => ingredientId !== null);
      expect(known.length).withContext(title).toBeGreaterThanOrEqual(4);
    }
  });

  it('are followed where the page has moved, and read in its own letters', async () => {
    const moved = (await get(`${web.origin}/moved`).expect(200)).body as WebPageReply;
    expect(moved.address).toBe(`${web.origin}/hatch-granola`);
    const latin = (await get(`${web.origin}/latin`).expect(200)).body as WebPageReply;
    expect(latin.recipes[0]!.text).toContain('3 éufs');
  });

  it('are never looked for on this machine or in a private network', async () => {
    for (const address of [
      'http://127.0.0.1:1/',
      'http://localhost/',
      'http://2130706433/',
      'http://0x7f.1/',
      'http://[::1]/',
      'http://[::ffff:10.0.0.1]/',
      'http://192.168.1.1/router',
      'http://169.254.169.254/latest/meta-data',
      'http://0.0.0.0/',
      `${web.origin.replace('127.0.0.1', 'localhost')}/hatch-granola`,
    ]) {
      const { status, body } = await get(address);
      expect(status).withContext(address).toBe(400);
      expect((body as { detail: string }).detail).toContain('own network');
    }
    expect((await refusal('/to-this-machine')).detail).toContain('own network');
    expect((await refusal('/to-a-file')).detail).toContain('not in the web');
  });

  it('are refused with a sentence where a page is no page, too large, too slow or goes in circles', async () => {
    expect(await refusal('/nothing')).toEqual({
      status: 424,
      detail: 'There is no such page (404). Check the address.',
    });
    expect((await refusal('/picture')).detail).toContain('(image/png)');
    expect((await refusal('/endless')).detail).toContain('more than 5 MB');
    expect((await refusal('/packed')).detail).toContain('more than 5 MB');
    expect((await refusal('/round-and-round')).detail).toContain('more than 3 times');
    expect((await refusal('/hours')).status).toBe(422);
    expect((await refusal('/never')).status).toBe(424);
  });

  it('are asked for by an address of the web, with or without its beginning', async () => {
    for (const address of [
      '',
      'javascript:alert(1)',
      'file:///etc/passwd',
      'http://',
      'not an address',
    ]) {
      const { status } = await get(address);
      expect(status).withContext(address).toBe(400);
    }
    const { status, body } = await get('towpath.invalid/rye');
    expect(status).toBe(424);
    expect((body as { detail: string }).detail).toContain('can’t be reached');
  });

  it('are not got where the kitchen has switched it off', async () => {
    const kitchen = await server.areas.kitchen.read();
    await server.areas.kitchen.replace({ ...kitchen, getsWebPages: false });
    expect((await server.http.get('/api/web-pages')).body).toEqual(
      jasmine.objectContaining({ isOn: false }),
    );
    await get(`${web.origin}/hatch-granola`).expect(403);
  });
});

describe('a public address', () => {
  it('is one of the web, in any way of writing it', () => {
    for (const address of ['93.184.216.34', '2606:2800:220:1::1']) {
      expect(isPublicAddress(address)).withContext(address).toBe(true);
    }
    for (const address of [
      ...[
        '10.1.2.3',
        '172.16.0.1',
        '100.64.0.1',
        '127.8.8.8',
        '0.0.0.0',
        '224.0.0.1',
        '255.255.255.255',
      ],
      ...[
        '::',
        '::1',
        'fe80::1',
        'fc00::1',
        '::ffff:192.168.0.1',
        '64:ff9b::7f00:1',
        '2002:7f00:1::',
      ],
      'a name',
    ]) {
      expect(isPublicAddress(address)).withContext(address).toBe(false);
    }
    expect(literalAddress('[::1]')).toBe('::1');
    expect(literalAddress('towpath.example')).toBeNull();
  });
});
