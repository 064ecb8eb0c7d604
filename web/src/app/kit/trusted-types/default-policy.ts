/** As far as it is used here: browsers without trusted types need no policy. */
interface TrustedTypes {
  createPolicy(
    name: string,
    rules: {
      createHTML(html: string): string | null;
      createScriptURL(url: string): string | null;
    },
  ): unknown;
}

/** Whether an address is a script of this page itself. */
function isOwnScript(address: string): boolean {
  const url = new URL(address, location.href);
  return url.origin === location.origin && /\.m?js$/.test(url.pathname);
}

// The chart library empties its own element by setting its HTML, and a worker is started by its
// address: these two pass, and nothing else does.
(globalThis as { trustedTypes?: TrustedTypes }).trustedTypes?.createPolicy('default', {
  createHTML: (html) => (html === '' ? html : null),
  createScriptURL: (url) => (isOwnScript(url) ? url : null),
});
