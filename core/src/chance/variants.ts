import { planBatch, type Batch, type PlanLine } from '../batch/index.js';
import type { Method } from '../catalogue/index.js';
import { methodsFor } from '../measuring/index.js';
import type { Reading } from '../reading/index.js';
import { chanceLines, type ChanceBasis, type ChanceLine, type ChanceRoute } from './chance-line.js';

/** How the flour of a batch could be done, the rest as it is. */
export const FLOUR_WAYS = ['weighed', 'spooned', 'scooped', 'unconverted'] as const;
/** One of `FLOUR_WAYS`. */
export type FlourWay = (typeof FLOUR_WAYS)[number];

/** The batch with only its flour done another way. */
export interface FlourVariant {
  readonly way: FlourWay;
  readonly lines: readonly ChanceLine[];
}

/** The lines of flour that can be spooned and scooped, by their index. */
function floursOf(plan: readonly PlanLine[], batch: Batch): readonly number[] {
  const { shelf } = batch;
  return plan.flatMap(({ ingredientId, intended }, index) => {
    const ingredient = ingredientId === null ? undefined : shelf.ingredient(ingredientId);
    if (!ingredient || !intended || ingredient.role !== 'flour') return [];
    const methods = methodsFor(ingredient);
    return methods.includes('spooned') && methods.includes('dipped') ? [index] : [];
  });
}

/** The batch with these lines filled so, whatever was decided of them. */
function filled(batch: Batch, flours: readonly number[], method: Method): Batch {
  const methods = { ...batch.methods };
  const choices = { ...batch.choices };
  for (const index of flours) {
    methods[index] = method;
    choices[index] = { ...choices[index], method, weighed: false };
  }
  return { ...batch, methods, choices };
}

/** The fills of a plan when each of these lines is so many times as dense. */
const denser = (
  lines: readonly ChanceLine[],
  times: ReadonlyMap<number, number>,
): readonly ChanceLine[] =>
  lines.map((line) => {
    const by = times.get(line.index);
    return by === undefined
      ? line
      : { ...line, fills: line.fills.map((fill) => ({ ...fill, grams: fill.grams * by })) };
  });

/**
 * A batch with its flour weighed, spooned, scooped with fewer fills because a scoop holds more, and
 * scooped with as many fills as if it were spooned, which is what happens to a recipe whose cups
 * nobody converts. Everything else is done as `routeOf` says. Empty where no flour can be filled in
 * both ways.
 */
export function flourVariants(
  reading: Reading,
  batch: Batch,
  routeOf: (index: number) => ChanceRoute,
  basis: ChanceBasis = {},
): readonly FlourVariant[] {
  const flours = floursOf(planBatch(reading, batch), batch);
  if (flours.length === 0) return [];
  const spooned = filled(batch, flours, 'spooned');
  const scooped = filled(batch, flours, 'dipped');
  const [bySpoon, byScoop] = [planBatch(reading, spooned), planBatch(reading, scooped)];
  const isFlour = (index: number): boolean => flours.includes(index);
  const measured = (index: number): ChanceRoute => (isFlour(index) ? 'measure' : routeOf(index));
  const weighed = (index: number): ChanceRoute => (isFlour(index) ? 'weigh' : routeOf(index));
  const spoons = chanceLines(bySpoon, spooned, measured, basis);
  const scoops = chanceLines(byScoop, scooped, measured, basis);
  const heavier = new Map(
    flours.flatMap((index) => {
      const [spoon, scoop] = [bySpoon[index]!.measure, byScoop[index]!.measure];
      return spoon && scoop && scoop.millilitres > 0
        ? [[index, spoon.millilitres / scoop.millilitres] as const]
        : [];
    }),
  );
  // The cups of the spooned plan, filled as heavily and as unevenly as a scoop fills them.
  const scoopOf = new Map(scoops.map((line) => [line.index, line]));
  const unconverted = denser(spoons, heavier).map((line) => {
    const scoop = scoopOf.get(line.index);
    if (!isFlour(line.index) || !scoop) return line;
    const spread = Math.max(0, ...scoop.fills.map((fill) => fill.spread));
    const { hand, handSpread, isHandKnown } = scoop;
    const fills = line.fills.map((fill) => ({ ...fill, spread: Math.max(fill.spread, spread) }));
    return { ...line, fills, hand, handSpread, isHandKnown };
  });
  return [
    { way: 'weighed', lines: chanceLines(bySpoon, spooned, weighed, basis) },
    { way: 'spooned', lines: spoons },
    { way: 'scooped', lines: scoops },
    { way: 'unconverted', lines: unconverted },
  ];
}
