import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { ownCommand } from '../own-command.js';

/** Why a copy was made. */
export type CopyKind = 'daily' | 'before-update';

/** A copy of the whole database, in a file of its own. */
export interface Copy {
  readonly name: string;
  readonly file: string;
  readonly kind: CopyKind;
  readonly at: Date;
  /** The later, the higher, whatever the clock said. */
  readonly number: number;
}

/** The moment, and how many copies came before it: a clock may have been wrong, a count is not. */
const NAME = /^(daily|before-update)-(\d{4}-\d\d-\d\d)T(\d\d)-(\d\d)-(\d\d)Z(?:-(\d+))?\.sqlite$/;

/** The folder of the copies of a database, beside it. */
export const copiesFolder = (file: string): string => `${file}-copies`;

/** All copies of a database, the last made first. */
export function listCopies(file: string): readonly Copy[] {
  const folder = copiesFolder(file);
  if (!existsSync(folder)) return [];
  return readdirSync(folder)
    .flatMap((name): Copy[] => {
      const found = NAME.exec(name);
      if (!found) return [];
      const [, kind, day, hours, minutes, seconds, count = '0'] = found;
      const at = new Date(`${day}T${hours}:${minutes}:${seconds}Z`);
      const number = Number(count);
      return [{ name, file: join(folder, name), kind: kind as CopyKind, at, number }];
    })
    .sort((a, b) => b.number - a.number || b.at.getTime() - a.at.getTime());
}

/** What can be done about a damaged file, at the end of every sentence about one. */
export function adviceOnDamage(file: string): string {
  const [newest, ...others] = listCopies(file);
  if (!newest) {
    return 'There is no copy of it beside it. Put back one that you have, or move the file away to begin anew.';
  }
  const of = newest.at.toISOString().slice(0, 16).replace('T', ' ');
  const more = others.length === 0 ? '' : `, and there are ${others.length} older ones`;
  return `The newest copy is of ${of} UTC${more}. To put it back: ${ownCommand('restore')}`;
}
