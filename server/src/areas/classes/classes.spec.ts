import { randomUUID } from 'node:crypto';
import { once } from 'node:events';
import { readFileSync, readdirSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { join } from 'node:path';
import type { BakingClass, ClassEvent, ClassList, JoinedClass } from '@ypsigram/contract/practice';
import { makeCopy } from '../../database/copies.js';
import { copiesFolder } from '../../database/copy-list.js';
import { endEventStreams } from '../../http/event-stream.js';
import { TASK } from '../../testing/class-task.js';
import { startTestServer, type TestServer } from '../../testing/test-server.js';

const CLASS = { name: 'Towpath morning', tasks: [TASK] };
const AT = '2026-03-14T09:30:00.000Z';

describe('a class over HTTP', () => {
  let server: TestServer;
  beforeEach(async () => {
    server = await startTestServer();
  });
  afterEach(() => server.close());

  const start = async (id: string = randomUUID(), draft: object = CLASS): Promise<BakingClass> =>
    (await server.http.put(`/api/classes/${id}`).send(draft).expect(200)).body as BakingClass;
  const read = async (id: string): Promise<BakingClass> =>
    (await server.http.get(`/api/classes/${id}`).expect(200)).body as BakingClass;
  const handIn = (code: string, name: string, grams: number, id: string = randomUUID()) =>
    server.http
      .put(`/api/classes/joined/${code}/results/${id}`)
      .send({ taskId: TASK.id, name, grams, at: AT });

  const detail = async (request: Promise<{ body: unknown }>): Promise<string> =>
    ((await request).body as { detail: string }).detail;

  it('is started with a code, and joined by it however it is typed', async () => {
    const { code, id } = await start();
    expect(code).toMatch(/^[A-Z0-9]{7}$/);
    const typed = `${code.slice(0, 2)}-${code.slice(2)}`.toLowerCase();
    const { body } = await server.http.get(`/api/classes/joined/${typed}`).expect(200);
    expect(body as JoinedClass).toEqual({ code, name: CLASS.name, tasks: [TASK] });
    await handIn(typed, ' Teal ', 131).expect(200);
    expect((await read(id)).results).toEqual([
      jasmine.objectContaining({ name: 'Teal', grams: 131, taskId: TASK.id }) as never,
    ]);
  });

  it('does not show results to those who join', async () => {
    const { code } = await start();
    await handIn(code, 'Teal', 131).expect(200);
    const { text } = await server.http.get(`/api/classes/joined/${code}`).expect(200);
    expect(text).not.toContain('Teal');
    await server.http.get('/api/classes/joined/QQQQQQQ').expect(404);
    await server.http.get('/api/classes/joined/ACDEFHJ').expect(404);
  });

  it('of thirty that hand in at once loses nothing and counts nothing twice', async () => {
    const { code, id } = await start();
    const people = Array.from({ length: 30 }, (_, at) => ({
      id: randomUUID(),
      name: `Person ${at + 1}`,
    }));
    // Everybody sends theirs twice, as a shaky connection would.
    await Promise.all(
      [...people, ...people].map((person, at) =>
        handIn(code, person.name, 110 + (at % 30), person.id).expect(200),
      ),
    );
    const { results } = await read(id);
    expect(results.length).toBe(30);
    expect(new Set(results.map(({ name }) => name)).size).toBe(30);
    const grams = results.map((result) => result.grams).sort((a, b) => a - b);
    expect(grams).toEqual(people.map((_, at) => 110 + at));
  });

  it('tells what comes in while somebody looks, and what is taken back', async () => {
    const { classes } = server.areas;
    const { id, code } = await classes.keep(randomUUID(), { name: 'c', tasks: [TASK] });
    const heard: ClassEvent[] = [];
    const stop = classes.listen(id, (event) => heard.push(event));
    const draft = { taskId: TASK.id, name: 'Teal', grams: 131, at: AT };
    const result = await classes.addResult(await classes.idOf(code), randomUUID(), draft);
    await classes.addResult(id, result.id, draft);
    await classes.removeResult(id, result.id);
    stop();
    await classes.addResult(id, randomUUID(), draft);
    expect(heard).toEqual([
      { event: 'result', result },
      { event: 'taken-back', id: result.id },
    ]);
  });

  it('streams to the page', async () => {
    const { id, code } = await start();
    const listening = server.app.listen(0, '127.0.0.1');
    await once(listening, 'listening');
    const { port } = listening.address() as AddressInfo;
    const stream = await fetch(`http://127.0.0.1:${port}/api/classes/${id}/stream`);
    const reader = stream.body!.getReader();
    let text = '';
    const more = async (): Promise<void> => {
      text += new TextDecoder().decode((await reader.read()).value);
    };
    await more();
    await handIn(code, 'Coot', 118).expect(200);
    while (!text.includes('Coot')) await more();
    expect(text).toContain('event: class');
    await reader.cancel();
    endEventStreams();
    listening.close();
    await server.http.get(`/api/classes/${randomUUID()}/stream`).expect(404);
  });

  it('changes its tasks and keeps its code and results', async () => {
    const { id, code } = await start();
    await handIn(code, 'Teal', 131).expect(200);
    const second = { ...TASK, id: randomUUID(), method: 'dipped' };
    const changed = await start(id, { name: 'Afternoon', tasks: [TASK, second] });
    expect(changed).toEqual(jasmine.objectContaining({ code, name: 'Afternoon' }));
    expect(changed.results.length).toBe(1);
    expect(changed.tasks.length).toBe(2);
    const { body } = await server.http.get('/api/classes').expect(200);
    expect((body as ClassList).items).toEqual([
      jasmine.objectContaining({ id, name: 'Afternoon', tasks: 2, people: 1 }) as never,
    ]);
  });

  it('says what is wrong in a sentence', async () => {
    const put = (body: object) => server.http.put(`/api/classes/${randomUUID()}`).send(body);
    expect(await detail(put({ name: '', tasks: [TASK] }).expect(400))).toContain('a name');
    expect(await detail(put({ name: 'x', tasks: [] }).expect(400))).toContain('Add a task');
    const { code } = await start();
    expect(await detail(handIn(code, '  ', 120).expect(400))).toContain('Write a name');
    expect(await detail(handIn(code, 'Teal', -3).expect(400))).toContain('grams');
    const other = { taskId: randomUUID(), name: 'Teal', grams: 120, at: AT };
    const wrong = server.http
      .put(`/api/classes/joined/${code}/results/${randomUUID()}`)
      .send(other);
    expect(await detail(wrong.expect(422))).toContain('no such task');
  });

  it('is removed with one act: its names are in no table, file or copy any more', async () => {
    const name = 'Name-that-is-to-be-forgotten';
    const { id, code } = await start();
    await handIn(code, name, 131).expect(200);
    await makeCopy(server.database, 'daily', new Date());
    // The copy goes without; what is here stays.
    expect((await read(id)).results.length).toBe(1);
    await server.http.delete(`/api/classes/${id}`).expect(204);
    await server.http.get(`/api/classes/${id}`).expect(404);
    await server.http.get(`/api/classes/joined/${code}`).expect(404);
    await handIn(code, 'Late', 120).expect(404);
    await server.http.delete(`/api/classes/${id}`).expect(404);
    const { file } = server.database;
    const copies = copiesFolder(file);
    const files = [file, `${file}-wal`, ...readdirSync(copies).map((one) => join(copies, one))];
    expect(files.length).toBeGreaterThan(2);
    for (const one of files) {
      expect(readFileSync(one).includes(name)).withContext(one).toBe(false);
    }
  });

  it('has so many people, and so many results of each, and no more', async () => {
    const { id } = await start();
    // At this machine nothing is limited but the class itself.
    const own = (name: string) =>
      server.http
        .put(`/api/classes/${id}/results/${randomUUID()}`)
        .send({ taskId: TASK.id, name, grams: 120, at: '2026-03-14T09:00:00Z' });
    for (let at = 0; at < 60; at++) await own(`Heron ${at}`).expect(200);
    expect(await detail(own('One more').expect(422))).toContain('full');
    for (let at = 1; at < 100; at++) await own('Heron 0').expect(200);
    expect(await detail(own('Heron 0').expect(422))).toContain('enough');
    await own('Heron 1').expect(200);
  });

  it('takes no result that belongs to another class', async () => {
    const [one, other] = [await start(), await start()];
    const result = randomUUID();
    await handIn(one.code, 'Teal', 131, result).expect(200);
    expect(await detail(handIn(other.code, 'Teal', 131, result).expect(422))).toContain(
      'another class',
    );
  });
});
