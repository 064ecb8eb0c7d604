// Pictures that are traps, damaged, or many at once: refused or kept, and the memory is given back.
import { readFileSync, readdirSync, rmSync, truncateSync } from 'node:fs';
import { join } from 'node:path';
import sharp from 'sharp';
import { newFolder, residentMegabytes, send, startServer } from './server.mjs';

const REST_MILLISECONDS = 7000;
const LOOK_MILLISECONDS = 50;

/** What the server and its own processes take together, in megabytes. */
function familyMegabytes(pid) {
  let sum = residentMegabytes(pid);
  for (const one of readdirSync('/proc').filter((name) => /^\d+$/.test(name))) {
    try {
      const [, after] = readFileSync(`/proc/${one}/stat`, 'utf8').split(') ');
      if (Number(after.split(' ')[1]) === pid) sum += residentMegabytes(one);
    } catch {
      // It ended while it was looked at.
    }
  }
  return Math.round(sum);
}

async function post(address, bytes, type = 'image/jpeg') {
  try {
    const response = await fetch(`${address}/api/photos`, {
      method: 'POST',
      headers: { 'content-type': type },
      body: bytes,
    });
    return { status: response.status, body: await response.json() };
  } catch {
    return { status: 0, body: null };
  }
}

const noise = (width, height, make) =>
  make(
    sharp({
      create: {
        width,
        height,
        channels: 3,
        background: '#777',
        noise: { type: 'gaussian', mean: 128, sigma: 12 },
      },
    }),
  ).toBuffer();
const plain = (width, height) =>
  sharp({ create: { width, height, channels: 3, background: '#b57a35' }, limitInputPixels: false });

/** Pictures that are as large as they say, and hardly any bytes. */
const largeTraps = () =>
  Promise.all([
    plain(11_000, 11_000).jpeg({ progressive: true, quality: 1 }).toBuffer(),
    plain(20_000, 16_000).png({ compressionLevel: 9 }).toBuffer(),
    plain(9000, 9000).webp({ quality: 1 }).toBuffer(),
  ]);

/** A progressive JPEG whose head says that it has so many pixels each way. */
function claiming(jpeg, pixels) {
  const bytes = Buffer.from(jpeg);
  // SOF2, its length and its precision: then height and width.
  const frame = bytes.indexOf(Buffer.from([0xff, 0xc2])) + 5;
  bytes.writeUInt16BE(pixels, frame);
  bytes.writeUInt16BE(pixels, frame + 2);
  return bytes;
}

/** How traps, damaged ones and `count` large photos at once were answered, and what they took. */
export async function pictures(count, isShort) {
  const folder = newFolder();
  const file = join(folder, 'kitchen.sqlite');
  const server = await startServer(file);
  const { address, pid } = server;
  const rest = familyMegabytes(pid);
  let most = rest;
  const looking = setInterval(
    () => (most = Math.max(most, familyMegabytes(pid))),
    LOOK_MILLISECONDS,
  );

  const [width, height] = isShort ? [2000, 1500] : [4000, 3000];
  const photo = await noise(width, height, (one) => one.jpeg({ quality: 80 }));
  const traps = [
    ...(isShort
      ? [claiming(await plain(64, 64).jpeg({ progressive: true }).toBuffer(), 11_000)]
      : await largeTraps()),
    photo.subarray(0, photo.length / 2),
    Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>'),
    Buffer.concat([Buffer.from([0xff, 0xd8, 0xff]), Buffer.alloc(5000)]),
    Buffer.alloc(21 * 2 ** 20),
  ];
  const answers = [];
  for (const trap of traps) answers.push((await post(address, trap)).status);
  const kept = await Promise.all(Array.from({ length: count }, () => post(address, photo)));

  // What a disk does to pictures: gone, cut.
  const extra = await Promise.all(
    [1, 2, 3].map(async (side) =>
      post(
        address,
        await plain(200 * side, 100)
          .jpeg()
          .toBuffer(),
      ),
    ),
  );
  const large = readdirSync(`${file}-photos`).filter((name) => !name.includes('small'));
  rmSync(join(`${file}-photos`, large[0]));
  truncateSync(join(`${file}-photos`, large[1]), 100);
  const { status, body: backup } = await send(address, 'GET', '/api/backup');
  const { status: restored } = await send(address, 'POST', '/api/backup', backup);

  clearInterval(looking);
  await new Promise((resolve) => setTimeout(resolve, REST_MILLISECONDS));
  const afterwards = familyMegabytes(pid);
  await server.stop();
  rmSync(folder, { recursive: true });
  return {
    traps: answers.join(' '),
    'traps that were no 4xx': answers.filter((one) => one < 400 || one >= 500).length,
    'large photos at once': count,
    'of them kept': kept.filter((one) => one.status === 201).length,
    'and three small ones': extra.filter((one) => one.status === 201).length,
    'backup with damaged pictures': `${status}, ${backup?.leftOut?.length} left out, restored ${restored}`,
    'at rest before, MB': rest,
    'at most, MB': most,
    'at rest again, MB': afterwards,
  };
}
