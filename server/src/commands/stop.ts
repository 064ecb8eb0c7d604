import { kitchenFile, type WhichKitchen } from './kitchen-files.js';
import { serverOf, stopServer } from './running.js';

/** Ends the server of a kitchen once what is in flight is done. */
export async function stop(which: WhichKitchen): Promise<number> {
  const file = kitchenFile(which);
  const running = await serverOf(file);
  if (!running) {
    console.log(`Nothing is running for the kitchen ${file}.`);
    return 0;
  }
  await stopServer(file, running);
  console.log(`Stopped. It was at ${running.address}`);
  return 0;
}
