import { expose } from 'comlink';
import { tableEntries, type TableEntry } from '@ypsigram/core/table';

const ADDRESS = '/table/sr24-measures.csv';

const publicTable = {
  /** The foods of the public table; see the core. @throws Error where the file does not come */
  async read(): Promise<readonly TableEntry[]> {
    const response = await fetch(ADDRESS);
    if (!response.ok) throw new Error(`The public table answered ${response.status}.`);
    return tableEntries(await response.text());
  },
};

export type PublicTableWorker = typeof publicTable;

expose(publicTable);
