import { existsSync, mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { deflateSync, crc32 } from 'node:zlib';
import sharp from 'sharp';
import { picturesBeside } from './pictures.js';

/** A PNG that claims so many pixels and has hardly any bytes. */
function bomb(width: number, height: number): Buffer {
  const chunk = (type: string, data: Buffer): Buffer => {
    const body = Buffer.concat([Buffer.from(type), data]);
    const [length, sum] = [Buffer.alloc(4), Buffer.alloc(4)];
    length.writeUInt32BE(data.length);
    sum.writeUInt32BE((crc32 as (bytes: Buffer) => number)(body));
    return Buffer.concat([length, body, sum]);
  };
  const head = Buffer.alloc(13);
  head.writeUInt32BE(width, 0);
  head.writeUInt32BE(height, 4);
  head.set([8, 6, 0, 0, 0], 8);
  return Buffer.concat([
    Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]),
    chunk('IHDR', head),
    chunk('IDAT', deflateSync(Buffer.alloc(1000))),
    chunk('IEND', Buffer.alloc(0)),
  ]);
}

describe('pictures of a kitchen', () => {
  let folder: string;
  beforeEach(() => {
    folder = mkdtempSync(join(tmpdir(), 'ypsigram-pictures-'));
  });
  afterEach(() => rmSync(folder, { recursive: true }));
  const pictures = () => picturesBeside(join(folder, 'kitchen.sqlite'));
  const plain = (width = 60, height = 40) =>
    sharp({ create: { width, height, channels: 3, background: '#b57a35' } });
  const asFile = (bytes: Buffer): string => {
    const file = join(folder, 'coming');
    writeFileSync(file, bytes);
    return file;
  };
  const kept = (): string[] => readdirSync(join(folder, 'kitchen.sqlite-photos')).sort();

  it('are named by what is in them: the same twice is one', async () => {
    const bytes = await plain().jpeg().toBuffer();
    const [one, again] = [await pictures().add(asFile(bytes)), await pictures().add(asFile(bytes))];
    expect(again).toEqual(one);
    expect(kept()).toEqual([`${one.name}-small.jpg`, `${one.name}.jpg`]);
    const large = readFileSync(join(folder, 'kitchen.sqlite-photos', `${one.name}.jpg`));
    expect(await pictures().keep(large)).toBe(one.name);
  });

  it('that were damaged are not read, and are mended by the same bytes', async () => {
    const { name } = await pictures().add(asFile(await plain().jpeg().toBuffer()));
    const path = join(folder, 'kitchen.sqlite-photos', `${name}.jpg`);
    const whole = readFileSync(path);
    writeFileSync(path, whole.subarray(0, 100));
    expect(await pictures().read(name)).toBeNull();
    await pictures().keep(whole);
    expect(await pictures().read(name)).toEqual(whole);
  });

  it('have the small one made again where it is missing', async () => {
    const { name } = await pictures().add(asFile(await plain(900, 900).jpeg().toBuffer()));
    const small = (await pictures().find(name, 'small'))!;
    rmSync(small);
    expect(await pictures().find(name, 'small')).toBe(small);
    expect(existsSync(small)).toBeTrue();
    expect(await pictures().find('0'.repeat(64), 'small')).toBeNull();
  });

  it('are refused where they claim more pixels than a camera has, before any is opened', async () => {
    for (const wide of [bomb(30_000, 30_000), bomb(65_000, 1200)]) {
      await expectAsync(pictures().add(asFile(wide))).toBeRejectedWithError(/too large/);
    }
    const progressive = await plain(6500, 6500).jpeg({ progressive: true, quality: 1 }).toBuffer();
    await expectAsync(pictures().add(asFile(progressive))).toBeRejectedWithError(/too large/);
    const { width } = await pictures().add(asFile(await plain(6500, 6500).jpeg().toBuffer()));
    expect(width).toBe(1600);
  });

  it('are known by their bytes, whatever they are called', async () => {
    const svg = '<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>';
    const gif = await plain().gif().toBuffer();
    const tiff = await plain().tiff().toBuffer();
    for (const other of [Buffer.from(svg), gif, tiff, Buffer.alloc(0)]) {
      await expectAsync(pictures().add(asFile(other))).toBeRejectedWithError(/can’t be opened/);
    }
    // Nothing is left of what was refused.
    expect(kept()).toEqual([]);
  });

  it('that end too early are refused, and the next is taken', async () => {
    const whole = await plain(500, 500).jpeg().toBuffer();
    const cut = whole.subarray(0, whole.length / 2);
    await expectAsync(pictures().add(asFile(cut))).toBeRejectedWithError(/can’t be opened/);
    expect(await pictures().opens(cut)).toBeFalse();
    expect(await pictures().opens(whole)).toBeTrue();
    expect((await pictures().add(asFile(whole))).width).toBe(500);
  });
});
