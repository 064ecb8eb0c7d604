import { PAGE_ID } from '../api/page-id';

const lockOf = (page: string): string => `ypsigram-page ${page}`;

/** Holds a lock for as long as this page is open, so that others know that it still is. */
export function stayKnown(): void {
  // Without a lock manager (an old browser) pages are taken for closed: then all of them send.
  void navigator.locks?.request(lockOf(PAGE_ID), () => new Promise<void>(() => undefined));
}

/** Tells whether a page is closed, so that what it left is for others to send. */
export async function closedPages(): Promise<(page: string) => boolean> {
  const { held = [] } = (await navigator.locks?.query()) ?? {};
  const open = new Set(held.map(({ name }) => name));
  return (page) => page !== PAGE_ID && !open.has(lockOf(page));
}
