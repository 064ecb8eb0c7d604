import { wrap } from 'comlink';
import { publicTable, type PublicTable } from '@ypsigram/core/table';
import '../kit/trusted-types/default-policy';
import type { PublicTableWorker } from './public-table.worker';

/** Reads the public table beside the page. @throws Error where it does not come */
export async function readPublicTable(): Promise<PublicTable> {
  const worker = new Worker(new URL('./public-table.worker', import.meta.url), { type: 'module' });
  try {
    return publicTable(await wrap<PublicTableWorker>(worker).read());
  } finally {
    worker.terminate();
  }
}
