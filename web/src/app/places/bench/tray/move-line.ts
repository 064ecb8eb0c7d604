import type { Bowl } from '@ypsigram/core/bench';

interface Place {
  readonly bowl: number;
  readonly at: number;
}

/** The bowls with one line moved to another place; the same bowls where nothing moves. */
export function moveLine(bowls: readonly Bowl[], from: Place, to: Place): readonly Bowl[] {
  const id = bowls[from.bowl]?.lines[from.at];
  const isSame = from.bowl === to.bowl && from.at === to.at;
  if (id === undefined || !bowls[to.bowl] || isSame) return bowls;
  return bowls
    .map(({ section, lines }, at) => {
      const left = at === from.bowl ? lines.toSpliced(from.at, 1) : lines;
      return { section, lines: at === to.bowl ? left.toSpliced(to.at, 0, id) : left };
    })
    .filter(({ lines }) => lines.length > 0);
}
