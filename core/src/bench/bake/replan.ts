import type { BakeLine, BakePlan } from './bake.js';
import type { LineState } from './line-state.js';
import type { BakeState } from './state.js';

/**
 * The plan of a bake by a new text of its recipe: what is ready stays as it was done, what is
 * still to do goes by the new text. A line is known again by what goes in and its section, the
 * first of several first. `fresh` is planned in the size that the batch has now. What is ready and
 * no longer in the recipe stays on the tray.
 */
export function replan(
  { lines, bowls }: Pick<BakeState, 'lines' | 'bowls'>,
  fresh: BakePlan,
): BakePlan {
  const open = new Set(lines.map(({ line }) => line.id));
  const oldOf = new Map<string, (typeof lines)[number]>();
  const claim = (line: BakeLine, isSame: (old: BakeLine) => boolean): void => {
    if (oldOf.has(line.id)) return;
    const found = lines.find((one) => open.has(one.line.id) && isSame(one.line));
    if (!found) return;
    open.delete(found.line.id);
    oldOf.set(line.id, found);
  };
  const sameThing =
    (line: BakeLine) =>
    (old: BakeLine): boolean =>
      line.ingredientId === null
        ? old.written === line.written
        : old.ingredientId === line.ingredientId;
  for (const line of fresh.lines) {
    claim(line, (old) => sameThing(line)(old) && old.section === line.section);
  }
  for (const line of fresh.lines) claim(line, sameThing(line));

  // Ids of the bake are never used again for something else.
  const ids = new Map(
    fresh.lines.map(({ id }) => [id, oldOf.get(id)?.line.id ?? newId(id, lines)]),
  );
  const planned = fresh.lines.map((line): BakeLine => {
    const old = oldOf.get(line.id);
    const id = ids.get(line.id)!;
    if (old?.fullness === 'full')
      return { ...asDone(old), index: line.index, section: line.section };
    return { ...line, id, route: old?.route ?? line.route };
  });
  const gone = lines.filter(({ line, fullness }) => open.has(line.id) && fullness === 'full');
  return {
    ...fresh,
    lines: [...planned, ...gone.map((one) => ({ ...asDone(one), index: NOT_IN_RECIPE }))],
    bowls: [
      ...fresh.bowls.map(({ section, lines: of }) => ({
        section,
        lines: of.map((id) => ids.get(id)!),
      })),
      ...bowls
        .map(({ section, lines: of }) => ({
          section,
          lines: of.filter((id) => gone.some(({ line }) => line.id === id)),
        }))
        .filter(({ lines: of }) => of.length > 0),
    ],
  };
}

/** A finished line as it was wanted in the end: a batch that grew has grown for good. */
const asDone = ({ line, wantedGrams, measure }: LineState): BakeLine => ({
  ...line,
  intendedGrams: wantedGrams,
  measure,
});

/** The index of what the recipe no longer has. */
export const NOT_IN_RECIPE = -1;

function newId(id: string, lines: BakeState['lines']): string {
  const used = new Set(lines.map(({ line }) => line.id));
  for (let again = 0; ; again++) {
    const next = again === 0 ? id : `${id}-${again}`;
    if (!used.has(next)) return next;
  }
}
