import { buildAreas } from '../areas/all-areas.js';
import { checkFile, checkVersion } from '../database/check.js';
import { openDatabase } from '../database/database.js';
import { MIGRATION_NAMES, isUpToDate } from '../database/migrate.js';
import { ownCommand } from '../own-command.js';
import type { CommandKitchen } from './command-kitchen.js';

/** The kitchen of a file, only read: a server may be at work on it. @throws Error in a sentence */
export async function savedKitchen(file: string): Promise<CommandKitchen> {
  checkFile(file);
  const database = await openDatabase(file);
  try {
    // Not its pages: what a server has just written may stand in the log beside the file.
    await checkVersion(database, MIGRATION_NAMES);
    if (!(await isUpToDate(database.sequelize))) {
      throw new Error(
        `The kitchen ${file} was last used by an earlier version. Start it once: ${ownCommand('start')}`,
      );
    }
    const areas = buildAreas(database, () => new Date(), console.error);
    const { hands, standard } = await areas.kitchen.read();
    return {
      planning: areas.planning,
      standard,
      handCalled(name) {
        const hand = hands.find((one) => one.name.toLowerCase() === name.toLowerCase());
        if (hand) return hand.id;
        const known = hands.map((one) => one.name).join(', ');
        throw new Error(
          `Nobody in this kitchen is called “${name}”.${known === '' ? '' : ` There are: ${known}.`}`,
        );
      },
      close: () => database.close(),
    };
  } catch (error) {
    await database.close();
    throw error;
  }
}
