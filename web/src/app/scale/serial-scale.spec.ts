import { until } from '../testing/until';
import type { ScaleReading } from '@ypsigram/core/bench';
import type { ConnectedScale } from './scale-connection';
import { SerialScale, type UsedPort } from './serial-scale';

/** A port at whose other end the test sits. */
class FakePort implements UsedPort {
  readonly written: string[] = [];
  opened: number | null = null;
  closed = false;
  private controller!: ReadableStreamDefaultController<Uint8Array>;
  readonly readable = new ReadableStream<Uint8Array>({
    start: (controller) => (this.controller = controller),
  });
  readonly writable = new WritableStream<Uint8Array>({
    write: (chunk) => void this.written.push(new TextDecoder().decode(chunk)),
  });

  open({ baudRate }: { baudRate: number }): Promise<void> {
    this.opened = baudRate;
    return Promise.resolve();
  }

  close(): Promise<void> {
    this.closed = true;
    return Promise.resolve();
  }

  send(text: string): void {
    this.controller.enqueue(new TextEncoder().encode(text));
  }

  unplug(): void {
    this.controller.close();
  }
}

describe('a scale on a serial line', () => {
  let port: FakePort;
  let scale: SerialScale;
  let readings: ScaleReading[];
  let descriptions: ConnectedScale[];
  let losses: (string | null)[];

  beforeEach(async () => {
    port = new FakePort();
    scale = new SerialScale(port);
    readings = [];
    descriptions = [];
    losses = [];
    scale.open({
      described: (description) => descriptions.push(description),
      read: (reading) => readings.push(reading),
      lost: (problem) => losses.push(problem),
      refused: (problem) => losses.push(problem),
    });
    await until(() => port.opened !== null);
  });

  it('is opened and read line by line, however the lines arrive', async () => {
    expect(port.opened).toBe(9600);
    port.send('ST,GS,+01');
    port.send('23.4 g\r\nUS,NT,+0');
    await until(() => readings.length > 0);
    expect(readings.map(({ grams, isStable }) => [grams, isStable])).toEqual([[123.4, true]]);
    port.send('125.0 g\r\n');
    await until(() => readings.length > 1);
    expect(readings[1]).toEqual(
      jasmine.objectContaining({ grams: 125, isStable: false, tareGrams: null }),
    );
  });

  it('takes its step from the digits it is sent', async () => {
    port.send('ST,GS,+0123.4 g\nST,GS,+0124.0 g\n');
    await until(() => readings.length === 2);
    expect(descriptions.map(({ gridGrams }) => gridGrams)).toEqual([0.1]);
    expect(descriptions[0]?.isSimulated).toBeFalse();
  });

  it('passes over what is no reading', async () => {
    port.send('hello\r\n' + 'x'.repeat(5000) + '\r\nST,GS,+0001 g\r\n');
    await until(() => readings.length > 0);
    expect(readings.map(({ grams }) => grams)).toEqual([1]);
  });

  it('is tared by a command', async () => {
    scale.tare();
    await until(() => port.written.length > 0);
    expect(port.written).toEqual(['T\r\n']);
  });

  it('says when it is unplugged', async () => {
    port.unplug();
    await until(() => port.closed);
    expect(losses[0]).toContain('stopped sending');
    expect(port.closed).toBeTrue();
  });

  it('says nothing more once it was closed here', async () => {
    port.send('ST,GS,+00');
    scale.close();
    await until(() => port.closed);
    expect(readings).toEqual([]);
    expect(losses).toEqual([]);
  });
});
