import { randomUUID } from 'node:crypto';
import { Op } from 'sequelize';
import type { z } from 'zod';
import type { Photo, backupPhoto } from '@ypsigram/contract/log';
import type { Database } from '../../database/database.js';
import type { BackupPart } from '../../database/part.js';
import { notFound } from '../../http/problem.js';
import { photoModel } from './model.js';
import { nameOfPicture, picturesBeside, type PictureSize } from './pictures.js';

export type WholePhoto = z.output<typeof backupPhoto>;

/** Photos of bakes. Which bake one belongs to, the bake says. */
export interface PhotoService {
  /** Keeps the photo of a file. @throws ProblemError 422 for what is no picture */
  add(file: string): Promise<Photo>;
  /** Where the picture lies. @throws ProblemError 404 */
  find(id: string, size: PictureSize): Promise<string>;
  /** Whether the picture of a backup is sound: what it says it is, or else can be opened. */
  isSound(photo: WholePhoto): Promise<boolean>;
  readonly part: BackupPart<WholePhoto>;
}

const GONE = 'There is no such photo.';
const DAMAGED = 'The picture of this photo is damaged or gone. A backup may still have it.';

export function photoService(database: Database): PhotoService {
  const rows = photoModel(database.sequelize);
  const pictures = picturesBeside(database.file);
  return {
    async add(file) {
      const id = randomUUID();
      // The file first: a row whose picture is missing would be a lie.
      const { name, width, height } = await pictures.add(file);
      await database.write(() => rows.create({ id, picture: name, width, height }));
      return { id, width, height };
    },

    async find(id, size) {
      const row = await rows.findOne({ where: { id } });
      if (!row) throw notFound(GONE);
      const path = await pictures.find(row.picture, size);
      if (path === null) throw notFound(DAMAGED);
      return path;
    },

    async isSound({ jpeg, sha256 }) {
      const bytes = Buffer.from(jpeg, 'base64');
      return sha256 === undefined ? pictures.opens(bytes) : nameOfPicture(bytes) === sha256;
    },

    part: {
      async *dump(_withDeleted, leaveOut) {
        // One by one: a photo is a large row.
        for (let last = 0; ;) {
          const row = await rows.findOne({
            where: { number: { [Op.gt]: last } },
            order: ['number'],
          });
          if (!row) return;
          last = row.number;
          const { id, width, height } = row;
          const picture = await pictures.read(row.picture);
          if (picture) {
            const sha256 = nameOfPicture(picture);
            yield [{ id, width, height, sha256, jpeg: picture.toString('base64') }];
          } else leaveOut(`The picture of photo ${id} is damaged or gone.`);
        }
      },

      async clear() {
        // Pictures stay: a restore that fails takes only rows back.
        await rows.destroy({ where: {} });
      },

      async load(photos) {
        for (const { id, width, height, jpeg } of photos) {
          const picture = await pictures.keep(Buffer.from(jpeg, 'base64'));
          await rows.create({ id, picture, width, height });
        }
      },

      count: () => rows.count(),
    },
  };
}
