/** What of a place was looked at last in this browser. */
export interface LastLooked {
  /** Its id; null where nothing was, or the browser keeps nothing. */
  read(): string | null;
  keep(id: string): void;
}

/** A memory for one place: a list that opens with nothing opens with what was looked at last. */
export function lastLooked(place: string): LastLooked {
  const key = `ypsigram.last.${place}`;
  return {
    read() {
      try {
        return localStorage.getItem(key);
      } catch {
        // A browser that keeps nothing has nothing to say.
        return null;
      }
    },
    keep(id) {
      try {
        localStorage.setItem(key, id);
      } catch (error) {
        console.warn('This browser could not remember what was looked at last.', error);
      }
    },
  };
}
