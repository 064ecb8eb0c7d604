import { once } from 'node:events';
import type { Writable } from 'node:stream';
import { BACKUP_FORMAT, BACKUP_VERSION } from '@ypsigram/contract';
import { LISTS, type BackupContext } from './parts.js';

/** Waits until the other side has taken what was written. @throws Error when it has gone */
async function write(sink: Writable, text: string): Promise<void> {
  if (sink.destroyed) throw new Error('The backup was not taken to its end.');
  if (!sink.write(text)) await once(sink, 'drain');
}

/**
 * Writes everything of a kitchen as one JSON document, a few rows at a time: memory does not grow
 * with it. Call it within a snapshot. What is deleted is left out unless `withDeleted`.
 */
export async function writeBackup(
  sink: Writable,
  context: BackupContext,
  { madeAt, withDeleted }: { readonly madeAt: string; readonly withDeleted: boolean },
): Promise<void> {
  const head = { format: BACKUP_FORMAT, version: BACKUP_VERSION, madeAt };
  const kitchen = await context.kitchen.read();
  await write(sink, JSON.stringify({ ...head, kitchen }).slice(0, -1));
  for (const name of LISTS) {
    await write(sink, `,\n"${name}":[`);
    let separator = '\n';
    for await (const rows of context[name].dump(withDeleted)) {
      if (rows.length === 0) continue;
      await write(sink, separator + rows.map((row) => JSON.stringify(row)).join(',\n'));
      separator = ',\n';
    }
    await write(sink, ']');
  }
  await write(sink, '}\n');
}
