import { createHash, randomBytes, randomUUID, timingSafeEqual } from 'node:crypto';
import type { Device, Pairing } from '@ypsigram/contract/house';
import type { Database } from '../../database/database.js';
import { removable, type Removable } from '../removable.js';
import type { RemovedDevices } from '../../house/index.js';
import { notFound } from '../../http/problem.js';
import { deviceModel, type DeviceRow } from './model.js';

const TOKEN_BYTES = 32;
/** When a device was last seen is written down at most this often. */
const SEEN_MILLISECONDS = 10 * 60 * 1000;

export const NO_DEVICE = 'There is no such device.';

/** The devices that were let in. */
export interface PairedDevices extends Removable<Device> {
  /** The last one seen first; `own` is the one that asks. */
  list(own: string | null): Promise<Device[]>;
  /** Lets a device in. @returns it, and the key that it shows from now on */
  add(pairing: Pairing): Promise<{ readonly device: Device; readonly key: string }>;
  /** The id of the device that shows this key; null where nobody was let in with it. */
  idOf(key: string | undefined): Promise<string | null>;
}

/** The token has 256 random bits: a plain hash of it can't be guessed. */
const hashOf = (token: string): Buffer => createHash('sha256').update(token).digest();

/**
 * `removed` remembers beside the database who was removed: a copy of before that knows nothing of it
 * lets nobody in again.
 */
export function devices(
  database: Database,
  now: () => Date,
  removed: RemovedDevices,
): PairedDevices {
  const rows = deviceModel(database.sequelize);
  const read = async (id: string): Promise<Device> => {
    const found = await rows.findOne({ where: { id } });
    if (!found) throw notFound(NO_DEVICE);
    return toDevice(found, null);
  };
  const rowsHere = removable(database, rows, { gone: NO_DEVICE, read });
  return {
    async remove(id) {
      await rowsHere.remove(id);
      await removed.add(id);
    },

    async restore(id) {
      await removed.delete(id);
      return rowsHere.restore(id);
    },

    async list(own) {
      const found = await rows.findAll({
        order: [
          ['lastSeenAt', 'DESC'],
          ['number', 'DESC'],
        ],
      });
      const isIn = await Promise.all(found.map(async ({ id }) => !(await removed.has(id))));
      return found.filter((_, at) => isIn[at]).map((row) => toDevice(row, own));
    },

    async add({ name }) {
      const token = randomBytes(TOKEN_BYTES).toString('base64url');
      const at = now().toISOString();
      const row = await database.write(() =>
        rows.create({
          id: randomUUID(),
          name,
          tokenHash: hashOf(token).toString('hex'),
          pairedAt: at,
          lastSeenAt: at,
        }),
      );
      return { device: toDevice(row, row.id), key: `${row.id}.${token}` };
    },

    async idOf(key) {
      const [id = '', token = ''] = key?.split('.') ?? [];
      if (!/^[0-9a-f-]{36}$/.test(id)) return null;
      const row = await rows.findOne({ where: { id } });
      if (!row || !timingSafeEqual(hashOf(token), Buffer.from(row.tokenHash, 'hex'))) return null;
      if (await removed.has(id)) return null;
      const at = now();
      // Whoever reads while a backup is being restored is not kept from it by this.
      const isOld = Math.abs(at.getTime() - Date.parse(row.lastSeenAt)) > SEEN_MILLISECONDS;
      if (isOld && !database.isHeld) {
        await database.write(() => row.update({ lastSeenAt: at.toISOString() }));
      }
      return id;
    },
  };
}

function toDevice({ id, name, pairedAt, lastSeenAt }: DeviceRow, own: string | null): Device {
  return { id, name, pairedAt, lastSeenAt, isThis: id === own };
}
