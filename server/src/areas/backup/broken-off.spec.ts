import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { createServer, get, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { TASK } from '../../testing/class-task.js';
import { startTestServer, type TestServer } from '../../testing/test-server.js';
import { until } from '../../testing/until.js';

const SECRET = 'Kingfisher of the third lock';

describe('a backup that nobody takes to its end', () => {
  let server: TestServer;
  let listening: Server;
  beforeEach(async () => {
    server = await startTestServer();
    listening = createServer(server.app).listen(0, '127.0.0.1');
    const text = `Long\n${'Fold the dough, turn it, and fold it once again.\n'.repeat(4_000)}`;
    for (let count = 0; count < 25; count++) {
      await server.http.post('/api/recipes').send({ text }).expect(201);
    }
  });
  afterEach(async () => {
    listening.closeAllConnections();
    listening.close();
    await server.close();
  });

  /** Begins to take a backup; gives how to leave. */
  const begin = (): Promise<() => void> =>
    new Promise((begun) => {
      const { port } = listening.address() as AddressInfo;
      const asked = get({ port, path: '/api/backup' }, (answer) => {
        answer.once('data', () => {
          answer.pause();
          begun(() => asked.destroy());
        });
        answer.on('error', () => undefined);
      });
      asked.on('error', () => undefined);
    });
  const addClass = async (): Promise<string> => {
    const id = randomUUID();
    await server.http
      .put(`/api/classes/${id}`)
      .send({ name: 'c', tasks: [TASK] })
      .expect(200);
    const result = { taskId: TASK.id, name: SECRET, grams: 120, at: '2026-03-14T09:00:00Z' };
    await server.http.put(`/api/classes/${id}/results/${randomUUID()}`).send(result).expect(200);
    return id;
  };
  const isOnDisk = (): boolean =>
    ['', '-wal'].some((part) => readFileSync(`${server.file}${part}`).includes(SECRET));

  it('holds nothing open: what is to be forgotten is gone from the disk', async () => {
    for (let count = 0; count < 5; count++) (await begin())();
    const id = await addClass();
    expect(isOnDisk()).toBeTrue();
    await server.http.delete(`/api/classes/${id}`).expect(204);
    await until(() => !isOnDisk());
  });

  it('keeps what is to be forgotten no longer than it is read', async () => {
    const id = await addClass();
    const leave = await begin();
    await server.http.delete(`/api/classes/${id}`).expect(204);
    leave();
    await until(() => !isOnDisk());
  });
});
