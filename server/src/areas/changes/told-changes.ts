import { CHANGING_AREAS, type ChangeEvent, type Changes } from '@ypsigram/contract/house';
import type { Database } from '../../database/database.js';
import { writingPage } from '../../http/writing-page.js';

/** Changes that come together are told together. */
const GATHER_MILLISECONDS = 40;

/** Tells the pages of all devices which areas were changed, as they are. */
export interface ToldChanges {
  /** How it stands now is told at once, then every change. @returns how to stop */
  listen(told: (event: ChangeEvent) => void): () => void;
}

/** `report` takes what goes wrong where nobody waits for an answer. */
export function toldChanges(database: Database, report: (error: unknown) => void): ToldChanges {
  const listeners = new Set<(event: ChangeEvent) => void>();
  const writers = new Set<string | null>();
  let last: Changes | null = null;
  let isGathering = false;

  const tell = async (): Promise<void> => {
    isGathering = false;
    // Whoever listened has left meanwhile.
    if (listeners.size === 0) return writers.clear();
    const [by = null, ...others] = writers;
    writers.clear();
    const changes = await database.changes();
    const areas = CHANGING_AREAS.filter((area) => changes[area] > (last?.[area] ?? 0));
    last = changes;
    if (areas.length === 0) return;
    for (const told of listeners) told({ changes, areas, by: others.length > 0 ? null : by });
  };

  database.onWrite(() => {
    if (listeners.size === 0) return;
    writers.add(writingPage());
    if (isGathering) return;
    isGathering = true;
    setTimeout(() => void tell().catch(report), GATHER_MILLISECONDS);
  });

  return {
    listen(told) {
      let isListening = true;
      const begin = async (): Promise<void> => {
        const changes = await database.changes();
        if (!isListening) return;
        last ??= changes;
        listeners.add(told);
        told({ changes, areas: [], by: null });
      };
      void begin().catch(report);
      return () => {
        isListening = false;
        listeners.delete(told);
        if (listeners.size === 0) last = null;
      };
    },
  };
}
