import { densityOf, measureSize } from '../measuring/index.js';
import type { Drawer } from '../drawer/index.js';
import type { MeasurePlan, PlannedFill } from '../fills/index.js';
import type { Line, Place, Reading } from '../reading/index.js';
import { choiceOf, planBatch } from './plan.js';
import type { Batch, PlanLine } from './plan-line.js';
import type { RatioPart } from './ratios.js';

/** Why a line is filled as it is, where the recipe alone does not tell. */
export type LineReason =
  /** Whoever measures fills it heavier than tables say; lighter below zero. Relative. */
  | { readonly is: 'hand'; readonly hand: string; readonly heavier: number }
  /** These would be filled, and are missing or in the wash. */
  | { readonly is: 'aside'; readonly fills: readonly PlannedFill[] }
  /** Its baker takes nothing else. */
  | { readonly is: 'only'; readonly tools: readonly string[] }
  /** Its baker wants it as near as the tools come. */
  | { readonly is: 'nearest' }
  /** It goes somewhere else than into the dough. */
  | { readonly is: 'place'; readonly place: Place }
  /** Filled nearer, since this ratio of the whole batch would drift too far. */
  | { readonly is: 'ratio'; readonly part: RatioPart };

/** A hand that is closer to the table than this is not worth a word. */
const NOTICED = 0.01;

const isSame = (a: MeasurePlan | null, b: MeasurePlan | null): boolean =>
  a === b ||
  (a?.fills.length === b?.fills.length &&
    a!.fills.every(({ tool, count }, at) => {
      const other = b!.fills[at]!;
      return tool === other.tool && count === other.count;
    }));

function ofHand(
  { ingredientId, measure, substitute }: PlanLine,
  written: Line,
  batch: Batch,
): LineReason[] {
  const ingredient = ingredientId === null ? undefined : batch.shelf.ingredient(ingredientId);
  if (!ingredient || measure?.basis.source.from !== 'hand') return [];
  const { method, grams, fills, millilitres } = measure;
  const filled = fills.reduce((sum, fill) => sum + fill.count * (fill.millilitres ?? 0), 0);
  const { form } = substitute ?? written;
  const size = fills[0]?.size ?? measureSize('ml', millilitres);
  const byTables = densityOf({ ingredient, form, method, size });
  if (!byTables || filled <= 0) return [];
  const heavier = grams / filled / byTables.gramsPerMillilitre - 1;
  if (Math.abs(heavier) < NOTICED) return [];
  return [{ is: 'hand', hand: measure.basis.source.hand, heavier }];
}

/**
 * Why each line of a plan is filled as it is, by its index; a line that needs no word has none.
 *
 * @param whole the drawer with all that is missing or in the wash; null where nothing is
 */
export function reasonsOf(
  reading: Reading,
  plan: readonly PlanLine[],
  batch: Batch,
  whole: Drawer | null,
): ReadonlyMap<number, readonly LineReason[]> {
  // Planned twice only where something is missing.
  const withAll = whole && planBatch(reading, { ...batch, drawer: whole });
  const here = new Set([...batch.drawer.dry, ...batch.drawer.wet.flat()].map(({ wash }) => wash));
  const washOf = new Map(
    [...(whole?.dry ?? []), ...(whole?.wet.flat() ?? [])].map(({ id, wash }) => [id, wash]),
  );
  const isAside = ({ tool }: PlannedFill): boolean => {
    const wash = washOf.get(tool);
    return wash !== undefined && !here.has(wash);
  };
  return new Map(
    plan.flatMap((line, index): [number, readonly LineReason[]][] => {
      const elsewhere: LineReason[] = line.place ? [{ is: 'place', place: line.place }] : [];
      if (!line.measure || line.isWeighed) return elsewhere.length > 0 ? [[index, elsewhere]] : [];
      const { tools, nearest } = choiceOf(batch, index);
      const wanted = withAll?.[index]?.measure ?? line.measure;
      const aside = isSame(line.measure, wanted) ? [] : wanted.fills.filter(isAside);
      const reasons: LineReason[] = [
        ...elsewhere,
        ...ofHand(line, reading.lines[index]!, batch),
        ...(aside.length > 0 ? [{ is: 'aside', fills: aside } as const] : []),
        ...(tools ? [{ is: 'only', tools } as const] : []),
        ...(nearest ? [{ is: 'nearest' } as const] : []),
        ...(line.heldFor && !nearest ? [{ is: 'ratio', part: line.heldFor } as const] : []),
      ];
      return reasons.length > 0 ? [[index, reasons]] : [];
    }),
  );
}
