import express from 'express';
import request from 'supertest';
import { answerErrors } from './answer-errors.js';
import { onlyOwnHost } from './own-host.js';

describe('only own hosts', () => {
  const app = express();
  app.use(onlyOwnHost(() => ['192.0.2.7', '2001:db8::7', 'Kitchen.local']));
  app.get('/', (_request, response) => {
    response.send('in');
  });
  app.use(answerErrors('kitchen.sqlite'));
  const ask = (host: string, origin?: string) => {
    const asked = request(app).get('/').set('Host', host);
    return origin === undefined ? asked : asked.set('Origin', origin);
  };

  it('are this machine by its usual names, with any port', async () => {
    for (const host of ['127.0.0.1', 'localhost:4310', '[::1]:4310', 'LOCALHOST']) {
      await ask(host).expect(200);
    }
  });

  it('are those it is told, the longer kind of address in brackets', async () => {
    for (const host of ['192.0.2.7:4311', '[2001:db8::7]', 'kitchen.local']) {
      await ask(host).expect(200);
    }
  });

  it('are no others, however alike', async () => {
    for (const host of ['elsewhere.example', 'localhost.elsewhere.example', '192.0.2.70', '']) {
      await ask(host).expect(403);
    }
  });

  it('answer no page of another site, nor one of another door', async () => {
    await ask('localhost:4310', 'http://localhost:4310').expect(200);
    for (const origin of ['http://elsewhere.example', 'https://localhost:4310', 'null']) {
      await ask('localhost:4310', origin).expect(403);
    }
  });
});
