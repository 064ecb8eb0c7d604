/** What the server asks of whoever changes something: a page of another site can't send it. */
const FROM_HERE = { 'x-ypsigram': '1' };

/**
 * Asks a server of this machine, and gives its answer. @throws Error with the server's own sentence
 */
export async function askServer(
  address: string,
  path: string,
  init: RequestInit & { readonly duplex?: 'half' } = {},
): Promise<Response> {
  const response = await fetch(`${address}/api/${path}`, {
    ...init,
    headers: { ...FROM_HERE, ...init.headers },
  });
  if (response.ok) return response;
  const problem = (await response.json()) as { readonly detail?: string; readonly title?: string };
  throw new Error(problem.detail ?? problem.title ?? `The server answered ${response.status}.`);
}

/** The same, with a body of JSON. */
export const sendJson = (
  address: string,
  path: string,
  method: 'POST' | 'PUT',
  body: object,
): Promise<Response> =>
  askServer(address, path, {
    method,
    body: JSON.stringify(body),
    headers: { 'content-type': 'application/json' },
  });
