import { get } from 'node:http';
import type { AddressInfo } from 'node:net';
import { createServer } from 'node:http';
import { ovenOffset } from '@ypsigram/core/baking';
import { SimulatedOven } from '../../devices/simulated/oven.js';
import { startTestServer } from '../../testing/test-server.js';

/** Heats an oven and lets so many minutes go by; what its thermometer showed, minute by minute. */
function heated(oven: SimulatedOven, dial: number, minutes: number, isFan = false): number[] {
  oven.set(dial, isFan);
  return Array.from({ length: minutes }, () => {
    oven.pass(60);
    return oven.latest().celsius;
  });
}

describe('the simulated oven', () => {
  const open = () => new SimulatedOven(7, { offsetCelsius: 12, slope: 0, fanCelsius: 6 });

  it('warms up, overshoots, and then cycles around what its dial means to it', () => {
    const shown = heated(open(), 180, 60);
    expect(shown[0]!).toBeLessThan(100);
    const late = shown.slice(30);
    const mean = late.reduce((sum, one) => sum + one, 0) / late.length;
    expect(mean).toBeGreaterThan(186);
    expect(mean).toBeLessThan(198);
    expect(Math.max(...shown)).toBeGreaterThan(mean + 3);
    expect(Math.max(...late) - Math.min(...late)).toBeGreaterThan(3);
  });

  it('says that it has settled only once it does not rise any more', () => {
    const oven = open();
    heated(oven, 180, 8);
    expect(oven.latest().isSettled).toBeFalse();
    heated(oven, 180, 60);
    expect(oven.latest().isSettled).toBeTrue();
    oven.set(220, false);
    oven.pass(30);
    expect(oven.latest().isSettled).toBeFalse();
  });

  it('is found out by its thermometer: the offset is what it was made with', () => {
    const readings = [150, 180, 210].map((dial) => {
      const late = heated(open(), dial, 90).slice(40);
      const readCelsius = late.reduce((sum, one) => sum + one, 0) / late.length;
      return { setCelsius: dial, readCelsius, isFan: false };
    });
    expect(Math.abs(ovenOffset(readings, false)!.offsetCelsius - 12)).toBeLessThan(3);
  });

  it('is hotter with its fan, colder with its door open, and cold in the end', () => {
    const oven = open();
    const plain = heated(oven, 180, 60).at(-1)!;
    const fan = heated(oven, 180, 40, true).slice(-20);
    expect(Math.max(...fan)).toBeGreaterThan(plain);
    oven.openDoor();
    oven.pass(20);
    expect(oven.latest().celsius).toBeLessThan(plain - 4);
    oven.turnOff();
    oven.pass(4 * 3600);
    expect(oven.latest().celsius).toBeLessThan(40);
  });
});

describe('the thermometer over HTTP', () => {
  it('streams its readings, and takes what is done to its oven', async () => {
    const server = await startTestServer();
    const listening = createServer(server.app).listen(0, '127.0.0.1');
    try {
      await server.http
        .post('/api/thermometer/simulation')
        .send({ do: 'set', dialCelsius: 200, isFan: true })
        .expect(200, { isOn: true, dialCelsius: 200, isFan: true, times: 1 });
      await server.http
        .post('/api/thermometer/simulation')
        .send({ do: 'hurry', times: 600 })
        .expect(200);
      const { port } = listening.address() as AddressInfo;
      const first = await new Promise<string>((resolve, reject) => {
        const request = get(
          { port, path: '/api/thermometer/stream', headers: { host: '127.0.0.1' } },
          (response) => {
            let text = '';
            response.on('data', (data: Buffer) => {
              text += String(data);
              if (text.split('event: reading').length < 3) return;
              request.destroy();
              resolve(text);
            });
          },
        );
        request.once('error', reject);
      });
      expect(first).toContain('"celsius":');
      await server.http
        .post('/api/thermometer/simulation')
        .send({ do: 'set', dialCelsius: 900, isFan: false })
        .expect(400);
    } finally {
      listening.closeAllConnections();
      listening.close();
      await server.close();
    }
  });
});
