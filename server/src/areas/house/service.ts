import { QueryTypes } from 'sequelize';
import type { Device, House as HouseReply } from '@ypsigram/contract/house';
import type { Database } from '../../database/database.js';
import type { HouseDoor } from '../../house/index.js';
import { ProblemError } from '../../http/problem.js';
import type { PairedDevices } from './devices.js';
import { ownPortCommand } from '../../own-command.js';

/** Whether the devices of the house come in, and who does. */
export interface HouseService {
  read(asking: { readonly device: string | null; readonly isHere: boolean }): Promise<HouseReply>;
  /** Opens or closes, now and at the next start. @throws ProblemError 503 when its port is taken */
  set(isOpen: boolean): Promise<void>;
  renewPasscode(): Promise<void>;
  /** Removes a device, for good unless that is undone; whoever had read the passcode has to ask again. */
  remove(id: string): Promise<void>;
  /** Lets a removed device in again. */
  restore(id: string): Promise<Device>;
}

/** Whether the house was left open when the server stopped. */
export async function wasLeftOpen(database: Database): Promise<boolean> {
  const [row] = await database.sequelize.query<{ is_open: number }>('SELECT is_open FROM house', {
    type: QueryTypes.SELECT,
  });
  return row?.is_open === 1;
}

/** `open` opens the house for the app that this is part of. */
export function houseService(
  database: Database,
  house: HouseDoor,
  devices: PairedDevices,
  open: () => Promise<void>,
): HouseService {
  const remember = (isOpen: boolean) =>
    database.write(() =>
      database.sequelize.query('UPDATE house SET is_open = ?', { replacements: [isOpen] }),
    );
  return {
    async read({ device, isHere }) {
      return {
        isOpen: house.isOpen,
        isHere,
        addresses: [...house.addresses()],
        // No device hands on what lets others in.
        passcode: isHere ? (house.passcode?.shown ?? null) : null,
        fingerprint: house.authority?.fingerprint ?? null,
        devices: await devices.list(device),
      };
    },

    async set(isOpen) {
      if (isOpen) await openOrSay(open);
      else await house.close();
      await remember(isOpen);
    },

    renewPasscode: () => house.renewPasscode(),

    async remove(id) {
      await devices.remove(id);
      await house.renewPasscode();
    },

    restore: (id) => devices.restore(id),
  };
}

async function openOrSay(open: () => Promise<void>): Promise<void> {
  try {
    await open();
  } catch (error) {
    const { code } = error as NodeJS.ErrnoException;
    if (code !== 'EADDRINUSE' && code !== 'EACCES') throw error;
    throw new ProblemError(
      503,
      `The port for the house is taken by another program. Choose one: ${ownPortCommand('HOUSE_PORT', 4312)}`,
    );
  }
}
