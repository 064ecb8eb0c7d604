import { randomUUID } from 'node:crypto';
import { Op } from 'sequelize';
import type { z } from 'zod';
import type { Photo, backupPhoto } from '@ypsigram/contract/log';
import type { Database } from '../../database/database.js';
import type { Part } from '../../database/part.js';
import { notFound } from '../../http/problem.js';
import { photoModel } from './model.js';
import { picturesBeside, type PictureSize } from './pictures.js';

export type WholePhoto = z.output<typeof backupPhoto>;

/** Photos of bakes. Which bake one belongs to, the bake says. */
export interface PhotoService {
  /** @throws ProblemError 422 for what is no picture */
  add(bytes: Buffer): Promise<Photo>;
  /** Where the picture lies. @throws ProblemError 404 */
  find(id: string, size: PictureSize): Promise<string>;
  readonly part: Part<WholePhoto>;
}

const GONE = 'There is no such photo.';

export function photoService(database: Database, report: (error: unknown) => void): PhotoService {
  const rows = photoModel(database.sequelize);
  const pictures = picturesBeside(database.file);
  return {
    async add(bytes) {
      const id = randomUUID();
      // The file first: a row whose picture is missing would be a lie.
      const { width, height } = await pictures.keep(id, bytes);
      await database.write(() => rows.create({ id, width, height }));
      return { id, width, height };
    },

    async find(id, size) {
      if (!(await rows.findOne({ where: { id } }))) throw notFound(GONE);
      return pictures.pathOf(id, size);
    },

    part: {
      async *dump() {
        // One by one: a photo is a large row.
        for (let last = 0; ;) {
          const row = await rows.findOne({
            where: { number: { [Op.gt]: last } },
            order: ['number'],
          });
          if (!row) return;
          last = row.number;
          const { id, width, height } = row;
          const picture = await pictures.read(id);
          // A picture that somebody took away stops no backup of all the rest: it is told and left out.
          if (picture) yield [{ id, width, height, jpeg: picture.toString('base64') }];
          else report(new Error(`The picture of photo ${id} is missing.`));
        }
      },

      async clear() {
        // Pictures stay: a restore that fails takes only rows back.
        await rows.destroy({ where: {} });
      },

      async load(photos) {
        for (const { id, jpeg } of photos) {
          const { width, height } = await pictures.keep(id, Buffer.from(jpeg, 'base64'));
          await rows.create({ id, width, height });
        }
      },

      count: () => rows.count(),
    },
  };
}
