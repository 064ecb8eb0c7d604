import type { Bowl } from '@ypsigram/core/bench';

interface PlaceOnTray {
  readonly bowl: number;
  readonly at: number;
}

/**
 * The bowls with a line moved one place earlier (-1) or later (1): within its bowl, and beyond its
 * edge into the next one. The same bowls where it stands at the end already.
 */
export function shiftLine(bowls: readonly Bowl[], id: string, by: 1 | -1): readonly Bowl[] {
  const bowl = bowls.findIndex(({ lines }) => lines.includes(id));
  if (bowl < 0) return bowls;
  const at = bowls[bowl]!.lines.indexOf(id);
  const isInside = at + by >= 0 && at + by < bowls[bowl]!.lines.length;
  if (isInside) return moveLine(bowls, { bowl, at }, { bowl, at: at + by });
  const next = bowls[bowl + by];
  return next
    ? moveLine(bowls, { bowl, at }, { bowl: bowl + by, at: by > 0 ? 0 : next.lines.length })
    : bowls;
}

/** The bowls with one line moved to another place; the same bowls where nothing moves. */
export function moveLine(
  bowls: readonly Bowl[],
  from: PlaceOnTray,
  to: PlaceOnTray,
): readonly Bowl[] {
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
