import type { Writable } from 'node:stream';
import { BACKUP_FORMAT, BACKUP_VERSION } from '@ypsigram/contract';
import { writeThrough } from '../../http/write-through.js';
import { LISTS, type BackupContext } from './parts.js';

/**
 * Writes everything of a kitchen as one JSON document, a few rows at a time: memory does not grow
 * with it. Call it within a snapshot. What is deleted is left out unless `withDeleted`. What can't be
 * taken (a picture that is damaged or gone) stops nothing else: the document lists it at its end.
 */
export function writeBackup(
  sink: Writable,
  context: BackupContext,
  { madeAt, withDeleted }: { readonly madeAt: string; readonly withDeleted: boolean },
): Promise<void> {
  return writeThrough(sink, async (write) => {
    const head = { format: BACKUP_FORMAT, version: BACKUP_VERSION, madeAt };
    const kitchen = await context.kitchen.read();
    await write(JSON.stringify({ ...head, kitchen }).slice(0, -1));
    const leftOut: string[] = [];
    for (const name of LISTS) {
      await write(`,\n"${name}":[`);
      let separator = '\n';
      for await (const rows of context[name].dump(withDeleted, (what) => leftOut.push(what))) {
        if (rows.length === 0) continue;
        await write(separator + rows.map((row) => JSON.stringify(row)).join(',\n'));
        separator = ',\n';
      }
      await write(']');
    }
    if (leftOut.length > 0) await write(`,\n"leftOut":${JSON.stringify(leftOut)}`);
    await write('}\n');
  });
}
