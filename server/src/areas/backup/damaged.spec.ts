import { randomUUID } from 'node:crypto';
import { readdirSync, readFileSync, rmSync, truncateSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import sharp from 'sharp';
import type { Bake, Backup, RestoreReply } from '@ypsigram/contract';
import { startTestServer, type TestServer } from '../../testing/test-server.js';

describe('a damaged backup', () => {
  let server: TestServer;
  let other: TestServer;
  beforeEach(async () => {
    server = await startTestServer();
    other = await startTestServer();
  });
  afterEach(async () => {
    await server.close();
    await other.close();
  });

  const make = async (of = server): Promise<Backup> =>
    (await of.http.get('/api/backup').expect(200)).body as Backup;
  const post = (body: string | object, query = '') =>
    other.http.post(`/api/backup${query}`).set('content-type', 'application/json').send(body);
  /** What the dry run says, after what the real one did was found to be just that. */
  const restored = async (body: string | object): Promise<RestoreReply> => {
    const dry = (await post(body, '?dryRun=1').expect(200)).body as RestoreReply;
    const real = (await post(body).expect(200)).body as RestoreReply;
    expect(real.coming).toEqual(dry.coming);
    expect(real.notes).toEqual(dry.notes);
    return dry;
  };
  const addRecipe = async (text: string): Promise<string> => {
    const { body } = await server.http.post('/api/recipes').send({ text }).expect(201);
    return (body as { id: string }).id;
  };
  const addPhoto = async (background: string): Promise<string> => {
    const picture = sharp({ create: { width: 400, height: 300, channels: 3, background } });
    const { body } = await server.http
      .post('/api/photos')
      .set('Content-Type', 'image/jpeg')
      .send(await picture.jpeg().toBuffer())
      .expect(201);
    return (body as { id: string }).id;
  };
  const addBake = async (): Promise<Bake> => {
    const recipeId = await addRecipe('Buns\n2 cups flour\n1 tsp salt');
    const { body } = await server.http
      .post('/api/bakes')
      .send({ id: randomUUID(), recipeId, handId: null })
      .expect(201);
    const bake = body as Bake;
    const at = new Date().toISOString();
    const act = {
      do: 'weigh',
      route: 'container',
      line: bake.plan.lines[0]!.id,
      grams: 250,
      scale: 's',
    };
    await server.http
      .post(`/api/bakes/${bake.id}/readings`)
      .send({ sentAt: at, readings: [{ id: randomUUID(), at, device: 'a', handId: null, act }] })
      .expect(201);
    return bake;
  };

  it('gives back all but the picture that is truncated, damaged or no picture', async () => {
    await addRecipe('Oat slabs\n3 cups oats');
    for (const colour of ['#b57a35', '#335577', '#ffffff', '#000000']) await addPhoto(colour);
    const backup = await make();
    const [one, two, three] = backup.photos;
    const half = one!.jpeg.slice(0, Math.floor(one!.jpeg.length / 8) * 4);
    const { sha256: _, ...older } = three!;
    const damaged = {
      ...backup,
      photos: [
        { ...one!, jpeg: half },
        { ...two!, jpeg: Buffer.from('no picture').toString('base64') },
        // Of before pictures had a name to go by: opened to its end.
        { ...older, jpeg: three!.jpeg.slice(0, Math.floor(three!.jpeg.length / 8) * 4) },
        backup.photos[3]!,
      ],
    };
    const { notes, coming } = await restored(damaged);
    expect(coming.photos).toBe(1);
    expect(notes.join()).toContain('3 photos can’t be read and will be left out');
    await other.http.get(`/api/photos/${backup.photos[3]!.id}`).expect(200);
    await other.http.get(`/api/photos/${one!.id}`).expect(404);
  });

  it('gives back all but a step of a bake that makes no sense, or is there twice', async () => {
    await addBake();
    const backup = await make();
    const [bake] = backup.bakes;
    const [reading] = bake!.readings;
    const late = { ...reading!, id: randomUUID(), at: '+012026-03-14T09:00:00.000Z' };
    const { notes, coming } = await restored({
      ...backup,
      bakes: [{ ...bake!, readings: [reading!, reading!, late] }],
    });
    expect(coming.bakes).toBe(1);
    expect(notes.join()).toContain('2 steps of the bake “Buns” can’t be read');
    expect((await make(other)).bakes[0]!.readings.length).toBe(1);
  });

  it('gives back all but a row that is wrong, and says which and why', async () => {
    await addRecipe('Oat slabs\n3 cups oats');
    await addRecipe('Rye rounds\n3 cups rye flour');
    const backup = await make();
    const [one, two] = backup.recipes;
    const { notes, coming } = await restored({
      ...backup,
      recipes: [{ ...one!, revision: -1 }, two!, two!],
    });
    expect(coming.recipes).toBe(1);
    expect(notes.join()).toMatch(/2 recipes can’t be read.*“.*”.*revision.*twice/);
  });

  it('that breaks off gives back what stands before the break, and says so first', async () => {
    for (let at = 0; at < 8; at++) await addRecipe(`Oat slabs ${at}\n3 cups oats`);
    const whole = JSON.stringify(await make());
    const cut = whole.slice(0, whole.indexOf('Oat slabs 4'));
    const { notes, coming } = await restored(cut);
    expect(notes[0]).toContain('breaks off before its end');
    expect(coming.recipes).toBeGreaterThan(0);
    expect(coming.recipes).toBeLessThan(8);
    expect((await make(other)).recipes.length).toBe(coming.recipes);
  });

  it('is told when it is made: pictures that are gone, cut or unreadable', async () => {
    const ids = [await addPhoto('#b57a35'), await addPhoto('#335577'), await addPhoto('#ffffff')];
    const folder = `${server.file}-photos`;
    const [gone, cut] = readdirSync(folder).filter((name) => !name.includes('small'));
    rmSync(join(folder, gone!));
    truncateSync(join(folder, cut!), 500);
    const backup = await make();
    expect(backup.photos.length).toBe(1);
    expect(backup.leftOut?.length).toBe(2);
    const { body } = await server.http.get('/api/backup/gaps').expect(200);
    expect(body).toEqual({ leftOut: backup.leftOut });
    expect((await restored(backup)).notes).toEqual(backup.leftOut!);
    const statuses = await Promise.all(
      ids.map(async (id) => (await server.http.get(`/api/photos/${id}?size=large`)).status),
    );
    expect(statuses.filter((status) => status === 200).length).toBeGreaterThanOrEqual(1);
  });

  it('keeps every picture to the byte, out and in again', async () => {
    await addPhoto('#b57a35');
    const backup = await make();
    await restored(backup);
    expect((await make(other)).photos).toEqual(backup.photos);
    // A restore of a smaller picture under the same id leaves the larger one as it is.
    const folder = `${other.file}-photos`;
    const name = readdirSync(folder).find((one) => !one.includes('small'))!;
    const before = readFileSync(join(folder, name));
    const tiny = await sharp({ create: { width: 30, height: 30, channels: 3, background: '#fff' } })
      .jpeg()
      .toBuffer();
    const { sha256: _, ...photo } = backup.photos[0]!;
    await restored({ ...backup, photos: [{ ...photo, jpeg: tiny.toString('base64') }] });
    expect(readFileSync(join(folder, name))).toEqual(before);
  });

  it('that is no backup at all changes nothing', async () => {
    for (const wrong of ['', 'hello', '[1]', '{"format":"ypsi', '{}']) {
      const { status } = await post(wrong);
      expect(status).withContext(wrong).toBe(400);
    }
    expect(() => readdirSync(`${other.file}-copies`)).toThrow();
  });

  it('leaves nothing of what was sent behind', async () => {
    await restored(await make());
    expect(readdirSync(`${other.file}-coming`)).toEqual([]);
    writeFileSync(join(`${other.file}-coming`, 'left-by-a-kill'), 'x');
  });
});
