/** One thing that this browser remembers, for itself alone. */
export interface BrowserMemory {
  /** What was kept; null where nothing was, or the browser keeps nothing. */
  read(): string | null;
  keep(value: string): void;
}

/** The memory for one thing, by a name that nothing else has. */
export function browserMemory(name: string): BrowserMemory {
  const key = `ypsigram.${name}`;
  return {
    read() {
      try {
        return localStorage.getItem(key);
      } catch {
        // A browser that keeps nothing has nothing to say.
        return null;
      }
    },
    keep(value) {
      try {
        localStorage.setItem(key, value);
      } catch (error) {
        console.warn(`This browser could not remember: ${name}.`, error);
      }
    },
  };
}
