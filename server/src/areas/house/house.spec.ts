import { randomUUID } from 'node:crypto';
import { dirname, join } from 'node:path';
import request from 'supertest';
import type { Device, House } from '@ypsigram/contract/house';
import type { BakingClass } from '@ypsigram/contract/practice';
import { HouseDoor as Door, namesNow, removedDevices } from '../../house/index.js';
import { TASK } from '../../testing/class-task.js';
import { startTestServer, type TestServer } from '../../testing/test-server.js';

const PAIR = '/api/house/devices';
const CLASS = { name: 'Towpath morning', tasks: [TASK] };

describe('the house over TLS', () => {
  let server: TestServer;
  let ca: string;
  beforeEach(async () => {
    server = await startTestServer();
  });
  afterEach(() => server.close());

  const open = async (): Promise<House> => {
    const { body } = await server.http.put('/api/house').send({ isOpen: true }).expect(200);
    ca = server.house.authority!.certificate;
    return body as House;
  };
  const door = () => server.house.addresses()[0]!;
  /** Asks as a device that trusts the house's certificate. */
  const ask = (method: 'get' | 'put' | 'post' | 'delete', path: string, cookie = '') =>
    request(door())[method](path).ca(ca).set('Cookie', cookie);
  const pair = (passcode: string, name = 'Tablet') => ask('post', PAIR).send({ passcode, name });
  const paired = async (name = 'Tablet'): Promise<{ cookie: string; device: Device }> => {
    const answer = await pair(server.house.passcode!.shown, name).expect(201);
    const [cookie = ''] = answer.get('Set-Cookie') ?? [];
    return { cookie: cookie.split(';')[0]!, device: answer.body as Device };
  };

  it('is closed until it is opened at this machine', async () => {
    const { body } = await server.http.get('/api/house').expect(200);
    expect(body).toEqual({
      isOpen: false,
      isHere: true,
      addresses: [],
      passcode: null,
      fingerprint: null,
      devices: [],
    });
    const opened = await open();
    expect(opened.addresses).toEqual([jasmine.stringMatching(/^https:\/\/127\.0\.0\.1:\d+$/)]);
    expect(opened.passcode).toMatch(/^\d{4} \d{4}$/);
    expect(opened.fingerprint).toMatch(/^(?:[0-9A-F]{2}:){31}[0-9A-F]{2}$/);
  });

  it('lets nobody read or write without pairing, whatever the address', async () => {
    await open();
    for (const path of [
      'kitchen',
      'recipes',
      'bakes',
      'trials',
      'changes',
      'backup',
      'openapi.json',
    ]) {
      const { body } = await ask('get', `/api/${path}`).expect(401);
      expect((body as { detail: string }).detail).toContain('not paired');
    }
    await ask('post', '/api/recipes').send({ text: '1 cup flour' }).expect(401);
    await ask('get', '/api/house').expect(401);
    await ask('post', '/api/house/passcode').expect(401);
    await ask('delete', `${PAIR}/${randomUUID()}`).expect(401);
    await ask('get', '/api/nothing-here').expect(401);
    const { body } = await server.http.get('/api/recipes').expect(200);
    expect((body as { total: number }).total).toBe(0);
  });

  it('lets a device in with the passcode, for as long as it keeps its cookie', async () => {
    await open();
    const { cookie, device } = await paired();
    expect(device).toEqual(jasmine.objectContaining({ name: 'Tablet', isThis: true }));
    await ask('get', '/api/kitchen', cookie).expect(200);
    await ask('post', '/api/recipes', cookie).send({ text: 'Buns\n1 cup flour' }).expect(201);
    const { body } = await ask('get', '/api/house', cookie).expect(200);
    expect((body as House).isHere).toBeFalse();
    expect((body as House).devices).toEqual([
      jasmine.objectContaining({ id: device.id, isThis: true }),
    ]);
  });

  it('gives a cookie that only the server reads, over TLS only, for this host only', async () => {
    await open();
    const answer = await pair(server.house.passcode!.shown).expect(201);
    const [cookie = ''] = answer.get('Set-Cookie') ?? [];
    expect(cookie).toMatch(/^__Host-/);
    for (const part of ['HttpOnly', 'Secure', 'SameSite=Strict', 'Path=/']) {
      expect(cookie).toContain(part);
    }
    expect(cookie).not.toContain('Domain');
  });

  it('keeps of a key only its hash, and takes no other', async () => {
    await open();
    const { cookie, device } = await paired();
    const token = cookie.split('.')[1]!;
    const [rows] = await server.database.sequelize.query('SELECT * FROM devices');
    expect(JSON.stringify(rows)).not.toContain(token);
    const name = cookie.split('=')[0]!;
    for (const key of [
      `${device.id}.wrong`,
      `${device.id}.`,
      device.id,
      '',
      `${randomUUID()}.${token}`,
    ]) {
      await ask('get', '/api/kitchen', `${name}=${key}`).expect(401);
    }
  });

  it('refuses wrong passcodes, then all of them for a minute', async () => {
    await open();
    const wrong = server.house.passcode!.shown === '0000 0000' ? '1111 1111' : '0000 0000';
    for (let tries = 0; tries < 5; tries++) {
      const { body } = await pair(wrong).expect(403);
      expect(body).toEqual(jasmine.objectContaining({ field: 'passcode' }));
    }
    const { body } = await pair(server.house.passcode!.shown).expect(429);
    expect((body as { detail: string }).detail).toContain('Wait a minute');
  });

  it('takes the digits of a passcode however they are grouped', async () => {
    await open();
    await pair(server.house.passcode!.shown.replace(' ', '')).expect(201);
    await pair(server.house.passcode!.shown.replace(' ', '-')).expect(201);
    await pair(server.house.passcode!.shown.slice(0, 7)).expect(403);
  });

  it('refuses a device that was removed, until that is undone', async () => {
    await open();
    const { cookie, device } = await paired();
    await server.http.delete(`${PAIR}/${device.id}`).expect(204);
    await ask('get', '/api/kitchen', cookie).expect(401);
    await server.http.post(`${PAIR}/${device.id}/restore`).expect(200);
    await ask('get', '/api/kitchen', cookie).expect(200);
    await server.http.delete(`${PAIR}/${randomUUID()}`).expect(404);
  });

  it('tells no device the passcode, and lets none remove or bring back another', async () => {
    await open();
    const [one, other] = [await paired('Tablet'), await paired('Phone')];
    const { body } = await ask('get', '/api/house', one.cookie).expect(200);
    expect((body as House).passcode).toBeNull();
    await ask('delete', `${PAIR}/${other.device.id}`, one.cookie).expect(403);
    await ask('get', '/api/kitchen', other.cookie).expect(200);
    await server.http.delete(`${PAIR}/${other.device.id}`).expect(204);
    await ask('post', `${PAIR}/${other.device.id}/restore`, one.cookie).expect(403);
    await ask('get', '/api/kitchen', other.cookie).expect(401);
    // It may go by itself.
    await ask('delete', `${PAIR}/${one.device.id}`, one.cookie).expect(204);
    await ask('get', '/api/kitchen', one.cookie).expect(401);
  });

  it('has another passcode once a device was removed: it may have read the old one', async () => {
    await open();
    const before = server.house.passcode!.shown;
    const { device } = await paired();
    await server.http.delete(`${PAIR}/${device.id}`).expect(204);
    await pair(before).expect(403);
  });

  it('lets a removed device in by no copy of before', async () => {
    await open();
    const { cookie, device } = await paired();
    await server.http.delete(`${PAIR}/${device.id}`).expect(204);
    // As a copy of the database has it that was made before.
    await server.database.sequelize.query('UPDATE devices SET deleted_at = NULL');
    await ask('get', '/api/kitchen', cookie).expect(401);
    const { body } = await server.http.get('/api/house').expect(200);
    expect((body as House).devices).toEqual([]);
    // Nor by another process that finds what is kept beside it.
    const again = removedDevices(join(dirname(server.file), 'house'));
    expect(await again.has(device.id)).toBeTrue();
  });

  it('ends the streams that a device is just opening while it is removed', async () => {
    await open();
    const { cookie, device } = await paired();
    const streams = Array.from({ length: 30 }, async () => {
      const stream = ask('get', '/api/changes', cookie).buffer(true);
      // Ended by the server, whether it was let in before or not; one that survives never ends.
      return (await stream.then((answer) => answer)).status;
    });
    await server.http.delete(`${PAIR}/${device.id}`).expect(204);
    expect((await Promise.all(streams)).every((status) => [200, 401].includes(status))).toBeTrue();
    await ask('get', '/api/changes', cookie).expect(401);
  });

  it('locks nobody out: after many wrong passcodes there is another one', async () => {
    await open();
    const folder = join(dirname(server.file), 'other-house');
    const settings = { host: '127.0.0.1', port: 0, folder, mostWrong: 20 };
    const house = new Door(settings, () => new Date());
    await house.openFor(server.app);
    const before = house.passcode!.shown;
    const wrong = before === '0000 0000' ? '1111 1111' : '0000 0000';
    for (let tries = 0; tries < 19; tries++) expect(await house.isPasscode(wrong)).toBeFalse();
    expect(house.passcode!.shown).toBe(before);
    await house.isPasscode(wrong);
    expect(house.passcode!.shown).not.toBe(before);
    expect(await house.isPasscode(house.passcode!.shown)).toBeTrue();
    await house.close();
  });

  it('keeps browsers to TLS under its name, and never at this machine', async () => {
    await open();
    const named = await ask('get', '/api/house/certificate').set('Host', namesNow().at(-1)!);
    const name = namesNow().at(-1)!;
    if (name !== 'localhost') {
      expect(named.headers['strict-transport-security']).toContain('max-age');
    }
    const own = await ask('get', '/api/house/certificate').expect(200);
    expect(own.headers['strict-transport-security']).toBeUndefined();
  });

  it('ends the streams of a device that is removed', async () => {
    await open();
    const { cookie, device } = await paired();
    const stream = ask('get', '/api/changes', cookie);
    let removed: Promise<unknown> | null = null;
    const ended = new Promise<void>((resolve) => {
      stream.buffer(false).parse((response, done) => {
        response.on('data', () => {
          removed ??= server.http.delete(`${PAIR}/${device.id}`).expect(204).then();
        });
        response.on('end', () => {
          done(null, null);
          resolve();
        });
      });
    });
    void stream.then(() => undefined);
    await ended;
    await removed;
    await ask('get', '/api/changes', cookie).expect(401);
  });

  it('is opened and closed at this machine only, and stays so over a restart', async () => {
    await open();
    const { cookie } = await paired();
    await ask('put', '/api/house', cookie).send({ isOpen: false }).expect(403);
    await ask('post', '/api/house/passcode', cookie).expect(403);
    const [before] = await server.database.sequelize.query('SELECT is_open FROM house');
    expect(before).toEqual([{ is_open: 1 }]);
    await server.http.put('/api/house').send({ isOpen: false }).expect(200);
    expect(server.house.isOpen).toBeFalse();
    const [after] = await server.database.sequelize.query('SELECT is_open FROM house');
    expect(after).toEqual([{ is_open: 0 }]);
  });

  it('has another passcode when it is asked for one; the devices stay', async () => {
    await open();
    const before = server.house.passcode!.shown;
    const { cookie } = await paired();
    const { body } = await server.http.post('/api/house/passcode').expect(200);
    expect((body as House).passcode).not.toBe(before);
    await pair(before).expect(403);
    await ask('get', '/api/kitchen', cookie).expect(200);
  });

  it('shows whoever has the code of a class that class, and nothing else', async () => {
    await open();
    const id = randomUUID();
    const { body } = await server.http.put(`/api/classes/${id}`).send(CLASS).expect(200);
    const { code } = body as BakingClass;
    const joined = await ask('get', `/api/classes/joined/${code}`).expect(200);
    expect(Object.keys(joined.body as object).sort()).toEqual(['code', 'name', 'tasks']);
    await ask('get', `/api/classes/${id}`).expect(401);
    await ask('get', '/api/classes').expect(401);
    for (let tries = 0; tries < 10; tries++)
      await ask('get', '/api/classes/joined/QQQQQQQ').expect(404);
    await ask('get', '/api/classes/joined/QQQQQQQ').expect(429);
  });

  it('gives its certificate to who asks, and answers no other site', async () => {
    await open();
    const { text, body } = await ask('get', '/api/house/certificate').expect(200);
    expect(text ?? String(body)).toContain('BEGIN CERTIFICATE');
    await ask('get', '/api/house/certificate')
      .set('Origin', 'https://elsewhere.example')
      .expect(403);
  });
});
