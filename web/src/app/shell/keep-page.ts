import '../kit/trusted-types/default-policy';

const WORKER = '/worker.js';

/**
 * Lets the browser keep the page itself, so that it opens without the server, and other programs share with it. A browser keeps
 * nothing of a server whose certificate it does not trust: then the page needs the server, as ever.
 */
export async function keepPage(): Promise<void> {
  if (!('serviceWorker' in navigator)) return;
  try {
    await navigator.serviceWorker.register(WORKER);
  } catch (error) {
    console.warn('This browser keeps no copy of the page: it opens only with the server.', error);
  }
}
