/**
 * A table of words that any text is looked up in: it has what is written in it and nothing else,
 * so that "constructor" is no unit.
 */
export function table<T>(entries: Readonly<Record<string, T>>): Readonly<Record<string, T>> {
  return Object.assign(Object.create(null) as Record<string, T>, entries);
}
