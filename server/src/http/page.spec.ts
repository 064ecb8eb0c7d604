import { createHash } from 'node:crypto';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliCompressSync } from 'node:zlib';
import express from 'express';
import request from 'supertest';
import { pageRoutes } from './page.js';
import { answerErrors } from './answer-errors.js';
import { makeNonce, pagePolicy } from './security.js';

describe('the page', () => {
  let folder: string;

  beforeAll(() => {
    folder = mkdtempSync(join(tmpdir(), 'ypsigram-page-'));
    writeFileSync(join(folder, 'index.html'), '<yg-root ngCspNonce="__NONCE__"></yg-root>');
    writeFileSync(join(folder, 'main-ABCD1234.js'), 'export {};');
    writeFileSync(join(folder, 'chunk--xcy_2F8.js'), 'export {}; // long');
    writeFileSync(join(folder, 'chunk--xcy_2F8.js.br'), brotliCompressSync('export {}; // long'));
    writeFileSync(join(folder, 'favicon.svg'), '<svg xmlns="http://www.w3.org/2000/svg"/>');
  });
  afterAll(() => rmSync(folder, { recursive: true }));

  const site = (from = folder) => {
    const app = express();
    app.use(makeNonce, pagePolicy());
    app.use(pageRoutes(from));
    app.use(answerErrors('kitchen.sqlite'));
    return request(app);
  };

  it('comes with a nonce of its own each time, the one its policy allows', async () => {
    const nonces = new Set<string>();
    for (let i = 0; i < 3; i++) {
      const { text, headers } = await site().get('/book').set('Accept', 'text/html').expect(200);
      const nonce = /ngCspNonce="([^"]+)"/.exec(text)![1]!;
      expect(headers['content-security-policy']).toContain(`'nonce-${nonce}'`);
      nonces.add(nonce);
    }
    expect(nonces.size).toBe(3);
  });

  it('is kept by a browser as it was sent: the list of what is kept knows its fingerprint', async () => {
    const list = { index: '/index.html', hashTable: { '/index.html': 'built', '/a.js': 'b' } };
    writeFileSync(join(folder, 'ngsw.json'), JSON.stringify(list));
    const at = site();
    const document = await at.get('/index.html').expect(200);
    const nonce = /ngCspNonce="([^"]+)"/.exec(document.text)![1]!;
    expect(document.headers['content-security-policy']).toContain(`'nonce-${nonce}'`);
    const { body } = await at.get('/ngsw.json').expect(200);
    expect(body).toEqual({
      index: '/index.html',
      hashTable: {
        '/index.html': createHash('sha1').update(document.text).digest('hex'),
        '/a.js': 'b',
      },
    });
  });

  it('is the same document at every place, and never kept by the browser', async () => {
    const { headers } = await site()
      .get('/recipes/1/balance')
      .set('Accept', 'text/html')
      .expect(200);
    expect(headers['cache-control']).toBe('no-store');
  });

  it('lets the browser keep what carries its own fingerprint', async () => {
    const script = await site().get('/main-ABCD1234.js').expect(200);
    expect(script.headers['cache-control']).toContain('immutable');
    const chunk = await site().get('/chunk--xcy_2F8.js').set('Accept-Encoding', '').expect(200);
    expect(chunk.headers['cache-control']).toContain('immutable');
    const icon = await site().get('/favicon.svg').expect(200);
    expect(icon.headers['cache-control']).not.toContain('immutable');
  });

  it('sends what was packed beforehand as it is, to those who can unpack it', async () => {
    const packed = await site()
      .get('/chunk--xcy_2F8.js')
      .set('Accept-Encoding', 'gzip, br')
      .expect(200);
    expect(packed.headers['content-encoding']).toBe('br');
    expect(packed.headers['content-type']).toContain('javascript');
    expect(packed.headers['cache-control']).toContain('immutable');
    const plain = await site().get('/chunk--xcy_2F8.js').set('Accept-Encoding', 'gzip').expect(200);
    expect(plain.headers['content-encoding']).toBeUndefined();
    expect(plain.text).toBe('export {}; // long');
  });

  it('does not answer a missing file with the document', async () => {
    await site().get('/missing.js').set('Accept', 'text/html').expect(404);
    await site().get('/data').set('Accept', 'application/json').expect(404);
  });

  it('says when it has not been built', async () => {
    const { body } = await site(join(folder, 'nowhere'))
      .get('/')
      .set('Accept', 'text/html')
      .expect(404);
    expect((body as { detail: string }).detail).toContain('npm start');
  });
});
