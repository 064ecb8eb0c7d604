import { createServer, get, type IncomingMessage, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { USUAL_KITCHEN, type ScaleReadingReply, type SimulationState } from '@ypsigram/contract';
import { startTestServer, type TestServer } from '../../testing/test-server.js';

describe('the scale over HTTP', () => {
  let server: TestServer;
  let listening: Server;

  beforeEach(async () => {
    server = await startTestServer();
    listening = createServer(server.app);
    await new Promise<void>((resolve) => listening.listen(0, '127.0.0.1', resolve));
  });
  afterEach(async () => {
    listening.closeAllConnections();
    listening.close();
    await server.close();
  });

  const simulate = (command: object) => server.http.post('/api/scale/simulation').send(command);
  const stateAfter = async (command: object): Promise<SimulationState> =>
    (await simulate(command).expect(200)).body as SimulationState;

  /** Opens the stream and collects readings until there are `count`. */
  const listen = (count: number, lastEventId?: number): Promise<ScaleReadingReply[]> =>
    new Promise((resolve, reject) => {
      const { port } = listening.address() as AddressInfo;
      const headers = lastEventId === undefined ? {} : { 'Last-Event-ID': String(lastEventId) };
      const request = get(
        { port, host: '127.0.0.1', path: '/api/scale/stream', headers },
        (response: IncomingMessage) => {
          expect(response.headers['content-type']).toMatch(/^text\/event-stream/);
          expect(response.headers['content-encoding']).toBeUndefined();
          let text = '';
          response.on('data', (data) => {
            text += String(data);
            const found = [...text.matchAll(/^data: (.*)\n\n/gm)].map(
              ([, json]) => JSON.parse(json!) as ScaleReadingReply,
            );
            if (found.length < count) return;
            request.destroy();
            resolve(found);
          });
        },
      );
      request.on('error', (error: NodeJS.ErrnoException) => {
        if (error.code !== 'ECONNRESET') reject(error);
      });
    });

  it('streams readings, numbered one after another', async () => {
    const readings = await listen(6);
    const numbers = readings.map(({ sequence }) => sequence);
    expect(numbers).toEqual(numbers.map((_, index) => numbers[0]! + index));
    expect(readings[0]?.unit).toBe('g');
  });

  it('gives somebody who comes back what was missed', async () => {
    const readings = await listen(10);
    const last = readings[4]!.sequence;
    const [next] = await listen(1, last);
    expect(next?.sequence).toBe(last + 1);
  });

  it('feels what is put on it, by the gram, and forgets what is taken off', async () => {
    await stateAfter({ do: 'put-container', name: 'bowl', grams: 300 });
    const { loads } = await stateAfter({ do: 'put', ingredientId: 'honey', grams: 40 });
    expect(loads.map(({ name, grams }) => [name, grams])).toEqual([
      ['bowl', 300],
      ['Honey', 40],
    ]);
    const readings = await listen(50);
    expect(Math.abs(readings.at(-1)!.grams! - 340)).toBeLessThanOrEqual(1);
    await server.http.post('/api/scale').send({ do: 'tare' }).expect(200);
    const { loads: left } = await stateAfter({ do: 'take-off', id: loads[0]!.id });
    expect(left.length).toBe(1);
    await simulate({ do: 'take-off', id: loads[0]!.id }).expect(422);
    expect((await stateAfter({ do: 'clear' })).loads).toEqual([]);
  });

  it('draws the same typical fills from the same seed', async () => {
    const fill = {
      do: 'typical-fill',
      handId: null,
      ingredientId: 'flour-wheat-all-purpose',
      form: null,
      method: 'spooned',
      tool: '1 cup',
    };
    const three = async (seed: number): Promise<number[]> => {
      await stateAfter({ do: 'clear' });
      await stateAfter({ do: 'seed', seed });
      await stateAfter(fill);
      await stateAfter(fill);
      const state = await stateAfter(fill);
      expect(state.seed).toBe(seed);
      expect(state.fills).toBe(3);
      return state.loads.map(({ grams }) => grams);
    };
    const first = await three(7);
    expect(await three(7)).toEqual(first);
    expect(await three(8)).not.toEqual(first);
    for (const grams of first) {
      expect(grams).toBeGreaterThan(95);
      expect(grams).toBeLessThan(160);
    }
    await simulate({ ...fill, tool: 'bucket' }).expect(422);
    await simulate({ ...fill, ingredientId: 'moon-dust' }).expect(422);
  });

  it('becomes another scale of the drawer, but never a beam', async () => {
    expect((await stateAfter({ do: 'use', scale: 'fine scale' })).scale.gridGrams).toBe(0.1);
    await simulate({ do: 'use', scale: 'bathroom scale' }).expect(422);
    const beam = { ...USUAL_KITCHEN.scales[0]!, name: 'beam', kind: 'beam', units: ['oz'] };
    await server.http
      .put('/api/kitchen')
      .send({ ...USUAL_KITCHEN, scales: [beam] })
      .expect(200);
    await simulate({ do: 'use', scale: 'beam' }).expect(422);
  });

  it('refuses what no scale does', async () => {
    await server.http.post('/api/scale').send({ do: 'explode' }).expect(400);
    await server.http.post('/api/scale').send({ do: 'unit', unit: 'stone' }).expect(400);
    await simulate({ do: 'put', ingredientId: null, grams: -3 }).expect(400);
    await simulate({ do: 'put', ingredientId: 'moon-dust', grams: 3 }).expect(422);
  });
});
