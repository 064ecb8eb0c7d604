import { createHash, randomBytes, randomUUID, timingSafeEqual } from 'node:crypto';
import type { Device, Pairing } from '@ypsigram/contract/house';
import type { Database } from '../../database/database.js';
import { removable, type Removable } from '../../database/removable.js';
import { notFound } from '../../http/problem.js';
import { deviceModel, type DeviceRow } from './model.js';

const TOKEN_BYTES = 32;
/** When a device was last seen is written down at most this often. */
const SEEN_MILLISECONDS = 10 * 60 * 1000;

export const NO_DEVICE = 'There is no such device.';

/** The devices that were let in. */
export interface Devices extends Removable<Device> {
  /** The last one seen first; `own` is the one that asks. */
  list(own: string | null): Promise<Device[]>;
  /** Lets a device in. @returns it, and the key that it shows from now on */
  add(pairing: Pairing): Promise<{ readonly device: Device; readonly key: string }>;
  /** The id of the device that shows this key; null where nobody was let in with it. */
  idOf(key: string | undefined): Promise<string | null>;
}

/** The token has 256 random bits: a plain hash of it can't be guessed. */
const hashOf = (token: string): Buffer => createHash('sha256').update(token).digest();

export function devices(database: Database, now: () => Date): Devices {
  const rows = deviceModel(database.sequelize);
  const read = async (id: string): Promise<Device> => {
    const found = await rows.findOne({ where: { id } });
    if (!found) throw notFound(NO_DEVICE);
    return toDevice(found, null);
  };
  return {
    ...removable(database, rows, { gone: NO_DEVICE, read }),

    async list(own) {
      const found = await rows.findAll({
        order: [
          ['lastSeenAt', 'DESC'],
          ['number', 'DESC'],
        ],
      });
      return found.map((row) => toDevice(row, own));
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
      const at = now();
      if (at.getTime() - Date.parse(row.lastSeenAt) > SEEN_MILLISECONDS) {
        await database.write(() => row.update({ lastSeenAt: at.toISOString() }));
      }
      return id;
    },
  };
}

function toDevice({ id, name, pairedAt, lastSeenAt }: DeviceRow, own: string | null): Device {
  return { id, name, pairedAt, lastSeenAt, isThis: id === own };
}
