/**
 * Keeps a value in this browser as JSON, over a reload; null forgets it. A full or forbidden
 * storage only costs this copy: `what` is told in the console then.
 */
export function keepHere(key: string, value: unknown, what: string): void {
  try {
    if (value === null) localStorage.removeItem(key);
    else localStorage.setItem(key, JSON.stringify(value));
  } catch (error) {
    console.warn(`This browser could not keep ${what}: the server has to be there.`, error);
  }
}

/** What was kept here; null where that is nothing, or nothing that can be read. */
export function keptHere(key: string, what: string): unknown {
  try {
    return JSON.parse(localStorage.getItem(key) ?? 'null');
  } catch (error) {
    console.warn(`This browser could not read what it kept: ${what}.`, error);
    return null;
  }
}
