// Two servers that want one kitchen: one has it, the other changes nothing and says who does.
import { copyFileSync, existsSync, rmSync, statSync, symlinkSync } from 'node:fs';
import { join } from 'node:path';
import { newFolder, send, startServer } from './server.mjs';

const RECIPES = 200;

/** So many second starts beside a server that is importing: what they did, and what was lost. */
export async function twins(count) {
  const folder = newFolder();
  const file = join(folder, 'kitchen.sqlite');
  const other = join(folder, 'by-another-name.sqlite');
  let server = await startServer(file);
  symlinkSync(file, other);
  const totals = { 'second starts': 0, refused: 0, 'said who has it': 0, acknowledged: 0, lost: 0 };
  const acknowledged = [];
  for (let round = 0; round < count; round++) {
    const recipes = Array.from({ length: RECIPES }, (_, at) => ({
      text: `Batch ${round} ${at}\n2 cups flour\n1 cup sugar`,
    }));
    const importing = send(server.address, 'POST', '/api/imports', { recipes });
    // Beside it, on the same port and on another, by both names of the file.
    const port = round % 2 === 0 ? '0' : new URL(server.address).port;
    const second = await startServer(round % 3 === 0 ? other : file, { port }).then(
      async (twin) => {
        await twin.stop();
        return null;
      },
      (error) => String(error),
    );
    totals['second starts']++;
    if (second !== null) totals.refused++;
    if (second?.includes(server.address)) totals['said who has it']++;
    const { status, body } = await importing;
    if (status === 200) acknowledged.push(...body.items.map(({ recipeId }) => recipeId));
    if (round % 3 === 2) {
      // Who was killed holds nothing any more.
      await server.kill();
      server = await startServer(file);
    }
  }
  const { body } = await send(server.address, 'GET', '/api/backup');
  const here = new Set(body.recipes.map(({ id }) => id));
  totals.acknowledged = acknowledged.length;
  totals.lost = acknowledged.filter((id) => !here.has(id)).length;
  // A copy of the file that is open elsewhere is a file of its own.
  copyFileSync(file, join(folder, 'copy.sqlite'));
  const alone = await startServer(join(folder, 'copy.sqlite'));
  await alone.stop();
  await server.stop();
  totals['locks left'] =
    existsSync(`${file}-lock.json`) || statSync(`${file}-lock`).size > 0 ? 1 : 0;
  rmSync(folder, { recursive: true });
  return totals;
}
