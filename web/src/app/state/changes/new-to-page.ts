import type { Changes, ChangingArea } from '@ypsigram/contract/house';
import type { Heard } from './changes-stream';

/**
 * The areas in which something is new to this window: what another one wrote, and after a pause
 * whatever was counted meanwhile.
 */
export function newToPage(page: string): (heard: Heard) => readonly ChangingArea[] {
  let known: Changes | null = null;
  return (heard) => {
    if (heard.is !== 'changes') return [];
    const { changes, areas, by } = heard.event;
    const before = known;
    known = changes;
    if (by === page) return [];
    if (areas.length > 0 || before === null) return areas;
    return (Object.keys(changes) as ChangingArea[]).filter((area) => changes[area] > before[area]);
  };
}
