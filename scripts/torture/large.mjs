// Ten thousand recipes by twenty authors: the Book and its search answer as if it were a few.
import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { median, newFolder, send, startServer } from './server.mjs';

const AUTHORS = 20;
const AT_ONCE = 250;
const ASKED = 40;
const INGREDIENTS = ['flour', 'rye flour', 'sugar', 'honey', 'butter', 'oats', 'cocoa', 'walnuts'];

/** How long list and search take with so many recipes, in milliseconds, half of them at most. */
export async function large(count) {
  const folder = newFolder();
  const server = await startServer(join(folder, 'kitchen.sqlite'));
  for (let at = 0; at < count; at += AT_ONCE) {
    const recipes = Array.from({ length: Math.min(AT_ONCE, count - at) }, (_, index) => ({
      text: [
        `Batch ${at + index}`,
        ...[0, 1, 2, 3].map(
          (line) => `${line + 1} cups ${INGREDIENTS[(at + index + line) % INGREDIENTS.length]}`,
        ),
        'Mix and bake.',
      ].join('\n'),
      author: `Author ${(at + index) % AUTHORS}`,
    }));
    const { status, body } = await send(server.address, 'POST', '/api/imports', { recipes });
    if (status !== 200) throw new Error(`an import was refused: ${status} ${body?.detail}`);
  }
  const time = async (path) => {
    const times = [];
    for (let at = 0; at < ASKED; at++) {
      const from = performance.now();
      await send(server.address, 'GET', path(at));
      times.push(performance.now() - from);
    }
    return Math.round(median(times) * 10) / 10;
  };
  const { body } = await send(server.address, 'GET', '/api/recipes?pageSize=1');
  const result = {
    recipes: body.total,
    'list p50, ms': await time((at) => `/api/recipes?page=${at + 1}`),
    'search p50, ms': await time((at) => `/api/recipes?query=walnut%20${at}`),
  };
  await server.stop();
  rmSync(folder, { recursive: true });
  return result;
}
