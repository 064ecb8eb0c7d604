import { v4 as newId } from 'uuid';

const MEMORY_KEY = 'ypsigram.device';
let made: string | null = null;

/** An id of this browser, so that two devices at one bake are told apart. Says nothing of whose it is. */
export function thisDevice(): string {
  try {
    const known = localStorage.getItem(MEMORY_KEY);
    if (known) return known;
    made ??= newId();
    localStorage.setItem(MEMORY_KEY, made);
    return made;
  } catch {
    // A browser that keeps nothing is a new device each time it is opened.
    return (made ??= newId());
  }
}
