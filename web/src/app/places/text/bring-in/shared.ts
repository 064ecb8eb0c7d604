/** Where the worker puts what another program shared with this one (`web/public/worker.js`). */
const CACHE = 'shared';
const TEXT = '/shared/text';
const NAME = 'x-name';

/** What another program shared: words, files, or both. */
export interface Shared {
  readonly text: string;
  readonly files: readonly File[];
}

/** A file that the system opens with this program. */
interface LaunchParams {
  readonly files?: readonly { getFile(): Promise<File> }[];
}
interface LaunchQueue {
  setConsumer(consumer: (params: LaunchParams) => void): void;
}

/** Takes what was shared, once; null where nothing was. */
export async function takeShared(): Promise<Shared | null> {
  if (!('caches' in globalThis) || !(await caches.has(CACHE))) return null;
  const cache = await caches.open(CACHE);
  const files: File[] = [];
  let text = '';
  for (const request of await cache.keys()) {
    const response = (await cache.match(request))!;
    if (new URL(request.url).pathname === TEXT) text = await response.text();
    else {
      const name = decodeURIComponent(response.headers.get(NAME) ?? '');
      const type = response.headers.get('content-type') ?? '';
      files.push(new File([await response.blob()], name, { type }));
    }
  }
  await caches.delete(CACHE);
  return text.trim() === '' && files.length === 0 ? null : { text: text.trim(), files };
}

/** Tells of files that the system opens with this program, where it can. */
export function whenLaunchedWith(tell: (files: readonly File[]) => void): void {
  const { launchQueue } = globalThis as { launchQueue?: LaunchQueue };
  launchQueue?.setConsumer(({ files = [] }) => {
    if (files.length === 0) return;
    void Promise.all(files.map((file) => file.getFile())).then(tell);
  });
}
