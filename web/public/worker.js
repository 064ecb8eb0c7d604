// Keeps the page, as the framework's own worker does, and takes in what other programs share with it.
const KEEPER = '/ngsw-worker.js';
/** Where other programs send what is shared; the page finds it in this cache. */
const SHARE = '/share';
const SHARED = 'shared';
const PAGE = '/new/text?shared=1';

/** Puts what was shared where the page looks for it, and leads there. */
async function takeIn(request) {
  const form = await request.formData();
  const cache = await caches.open(SHARED);
  const words = ['title', 'text', 'url'].map((name) => form.get(name)).filter(Boolean);
  if (words.length > 0) await cache.put('/shared/text', new Response(words.join('\n')));
  for (const [index, file] of form.getAll('files').entries()) {
    const headers = { 'content-type': file.type, 'x-name': encodeURIComponent(file.name) };
    await cache.put(`/shared/${index}`, new Response(file, { headers }));
  }
  return Response.redirect(PAGE, 303);
}

// Before the framework's worker, which would leave it to the network.
self.addEventListener('fetch', (event) => {
  const { method, url } = event.request;
  if (method !== 'POST' || new URL(url).pathname !== SHARE) return;
  event.stopImmediatePropagation();
  event.respondWith(takeIn(event.request));
});

// Only this one script is ever brought in.
self.trustedTypes?.createPolicy('default', {
  createScriptURL: (url) => (url === KEEPER ? url : null),
});
importScripts(KEEPER);
