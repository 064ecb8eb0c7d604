import { createWriteStream, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Writable } from 'node:stream';
import { writeThrough } from './write-through.js';

/** Takes so many pieces, then does what it is made for. */
const taking = (count: number, then: (done: (error?: Error) => void) => void): Writable => {
  let taken = 0;
  return new Writable({
    highWaterMark: 8,
    write: (_chunk, _encoding, done) => (++taken > count ? then(done) : done()),
  });
};
const LONG = 'x'.repeat(100);

describe('a long text on its way', () => {
  const without = async (sink: Writable, pieces = 100): Promise<void> =>
    writeThrough(
      sink,
      async (write) => {
        for (let piece = 0; piece < pieces; piece++) await write(LONG);
      },
      150,
    );

  it('comes to its end', async () => {
    let length = 0;
    const sink = new Writable({
      write(chunk: Buffer, _encoding, done) {
        length += chunk.length;
        setImmediate(done);
      },
    });
    await without(sink);
    expect(length).toBe(100 * LONG.length);
  });

  it('ends the work when the other side leaves', async () => {
    const sink = taking(3, () => sink.destroy());
    await expectAsync(without(sink)).toBeRejectedWithError(/Premature close/);
  });

  it('ends the work when the disk is full, and no error goes unheard', async () => {
    const full = Object.assign(new Error('no space'), { code: 'ENOSPC' });
    await expectAsync(without(taking(3, (done) => done(full)))).toBeRejectedWithError('no space');
    const folder = mkdtempSync(join(tmpdir(), 'ypsigram-through-'));
    await expectAsync(
      without(createWriteStream(join(folder, 'no-such-folder', 'x'))),
    ).toBeRejectedWithError(/ENOENT/);
    rmSync(folder, { recursive: true });
  });

  it('ends the work when nothing is taken any more', async () => {
    const sink = taking(3, () => undefined);
    await expectAsync(without(sink)).toBeRejected();
    expect(sink.destroyed).toBeTrue();
  });

  it('lets the stream go when the work itself fails', async () => {
    const sink = taking(Infinity, () => undefined);
    await expectAsync(
      writeThrough(sink, () => Promise.reject(new Error('half way'))),
    ).toBeRejectedWithError('half way');
    expect(sink.destroyed).toBeTrue();
  });
});
