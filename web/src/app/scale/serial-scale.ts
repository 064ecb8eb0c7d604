import type { ScaleReading, ScaleUnit } from '@ypsigram/core/bench';
import { readScaleLine } from '@ypsigram/core/bench/devices';
import type { ScaleConnection, ScaleEvents } from './scale-connection';

/** What is used of a serial port. */
export type UsedPort = Pick<SerialPort, 'open' | 'close' | 'readable' | 'writable'>;

const BAUD_RATE = 9600;
const LINE_END = /\r\n|\r|\n/;
/** A line longer than this is no reading: something else talks there. */
const LONGEST_LINE = 200;
/** What kitchen and shop scales with a serial line take for a press of tare. */
const TARE_COMMAND = 'T\r\n';

/**
 * A real scale on a serial line: it sends readings such as `ST,GS,+0123.4 g` by itself. Its step
 * is taken from the digits it sends; its units are chosen on the scale.
 */
export class SerialScale implements ScaleConnection {
  private reader: ReadableStreamDefaultReader<Uint8Array> | null = null;
  private events: ScaleEvents | null = null;
  private gridGrams: number | null = null;

  constructor(private readonly port: UsedPort) {}

  open(events: ScaleEvents): void {
    this.events = events;
    void this.listen();
  }

  tare(): void {
    void this.write(TARE_COMMAND);
  }

  setUnit(_unit: ScaleUnit): void {
    // Its own button does that: there is no common command for it.
  }

  wake(): void {
    // A real scale is switched on at the scale.
  }

  close(): void {
    this.events = null;
    // A scale that was unplugged can't be let go of any more: its reading ends with an error of its own.
    void this.reader?.cancel().catch((error: unknown) => console.debug('the scale is gone', error));
  }

  private async listen(): Promise<void> {
    try {
      await this.port.open({ baudRate: BAUD_RATE });
      if (!this.port.readable) throw new Error('not readable');
      this.reader = this.port.readable.getReader();
      await this.readLines(this.reader);
      this.reader.releaseLock();
      await this.port.close();
      this.events?.lost('The scale has stopped sending. Is it still plugged in?');
    } catch (error) {
      console.warn('The serial scale could not be read.', error);
      this.events?.lost('The scale can’t be read. Unplug it, plug it in and connect it again.');
    }
  }

  private async readLines(reader: ReadableStreamDefaultReader<Uint8Array>): Promise<void> {
    const decoder = new TextDecoder();
    let rest = '';
    for (;;) {
      const { done, value } = await reader.read();
      if (done || !this.events) return;
      const lines = (rest + decoder.decode(value, { stream: true })).split(LINE_END);
      // The last one may not have arrived whole.
      rest = lines.pop()!.slice(-LONGEST_LINE);
      for (const line of lines) this.take(line);
    }
  }

  private take(line: string): void {
    const reading = readScaleLine(line);
    if (!reading) return;
    this.describe(reading);
    this.events?.read(reading);
  }

  /** The step is what its last digit counts. */
  private describe({ shown, unit, grams }: ScaleReading): void {
    if (grams === null || unit !== 'g') return;
    const digits = /\.(\d+)$/.exec(shown)?.[1]?.length ?? 0;
    const gridGrams = 10 ** -digits;
    if (this.gridGrams === gridGrams) return;
    this.gridGrams = gridGrams;
    this.events?.described({ name: 'serial scale', gridGrams, units: [], isSimulated: false });
  }

  private async write(command: string): Promise<void> {
    const writer = this.port.writable?.getWriter();
    if (!writer) return;
    try {
      await writer.write(new TextEncoder().encode(command));
    } catch (error) {
      console.warn('The serial scale took no command.', error);
      this.events?.refused('The scale did not take the command. Press tare on the scale itself.');
    } finally {
      writer.releaseLock();
    }
  }
}
