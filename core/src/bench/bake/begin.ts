import type { AssembledRecipe, Batch, Columns, PlanLine, Trying } from '../../batch/index.js';
import { USUAL_KIND } from '../../baking/index.js';
import type { BakingFacts } from '../../baking/steps/index.js';
import { UNKNOWN_ALLERGENS, type Ingredient } from '../../catalogue/index.js';
import { chanceLines, type ChanceBasis, type ChanceLine } from '../../chance/index.js';
import { USUAL_SCALES } from '../../drawer/index.js';
import { combinedSpread, COVERAGE, densityOf } from '../../measuring/index.js';
import type { Line } from '../../reading/index.js';
import { isMassUnit, millilitresIn } from '../../units/index.js';
import { arrangeBowls, needsSmallBowl } from '../order/index.js';
import type { BakeLine, BakeMeasure, BakePlan, BenchRoute, Bowl } from './bake.js';

/** How a baker means to go about it: by the plan's own columns, or everything one way. */
export const WAYS = ['planned', 'fill', 'container', 'tare', 'total'] as const;
/** One of `WAYS`. */
export type BenchWay = (typeof WAYS)[number];

/** What a bake is begun from: a planned batch of a recipe. */
export interface BeginFrom {
  readonly recipe: AssembledRecipe;
  readonly batch: Batch;
  readonly plan: readonly PlanLine[];
  readonly title: string;
  readonly text: string;
  readonly columns: Columns;
  readonly way: BenchWay;
  readonly basis?: ChanceBasis;
  /** What its baker said of the baking. */
  readonly baking?: BakingFacts | undefined;
  /** What is tried this time. */
  readonly trying?: Trying | undefined;
}

/** The plan of a bake: every ingredient line with both routes, and what goes into which bowl. */
export function beginBake(from: BeginFrom): BakePlan {
  const { recipe, batch, plan, title, text } = from;
  const { reading, size } = recipe;
  const chance = chanceLines(
    plan,
    batch,
    (at) => (plan[at]!.isWeighed ? 'weigh' : 'measure'),
    from.basis,
  );
  const arranged = arrangeBowls(reading, batch.shelf);
  const bowls = arranged.map(({ section, lines }): Bowl => ({ section, lines: lines.map(idOf) }));
  const isShared = new Set(arranged.flatMap(({ lines }) => (lines.length > 1 ? lines : [])));
  const sectionOf = new Map(
    arranged.flatMap(({ section, lines }) => lines.map((at) => [at, section])),
  );
  const weighsSome = plan.some(({ isWeighed }) => isWeighed);
  const lines = plan.flatMap((planned, index): BakeLine[] => {
    if (planned.kind !== 'ingredient') return [];
    const ingredient = ingredientOf(planned, batch);
    const line = {
      ...lineOf(
        planned,
        reading.lines[index]!,
        index,
        ingredient,
        chance.find((one) => one.index === index),
      ),
      section: sectionOf.get(index) ?? null,
    };
    const route = routeOf(line, planned, ingredient, {
      ...from,
      weighsSome,
      isShared: isShared.has(index),
      isByWeight: isByWeight(reading.lines[index]!),
    });
    return [{ ...line, route }];
  });
  const pieces = size.pieces && size.pieces.mul(batch.factor);
  const writtenCount = reading.yield?.isEnglish === false ? null : (size.pieces?.valueOf() ?? null);
  return {
    title,
    text,
    factor: batch.factor.toFraction(),
    makes: pieces
      ? { count: pieces.toFraction(), noun: reading.yield?.noun ?? '', written: writtenCount }
      : null,
    pieces: pieces?.valueOf() ?? null,
    kind: batch.kind ?? USUAL_KIND,
    strictness: batch.strictness ?? 'normal',
    lines,
    bowls,
    chance,
    ...(from.baking && { baking: from.baking }),
    ...(from.trying && { trying: from.trying }),
    ...(batch.learned && Object.keys(batch.learned).length > 0 && { learned: batch.learned }),
  };
}

const idOf = (index: number): string => `line-${index}`;

const ingredientOf = ({ ingredientId }: PlanLine, { shelf }: Batch): Ingredient | undefined =>
  ingredientId === null ? undefined : shelf.ingredient(ingredientId);

function lineOf(
  planned: PlanLine,
  read: Line,
  index: number,
  ingredient: Ingredient | undefined,
  chance: ChanceLine | undefined,
): Omit<BakeLine, 'route' | 'section'> {
  const { written, intended, weight, measure, tolerance, forgiven, substitute } = planned;
  const form = substitute ? substitute.form : read.form;
  const spoon =
    ingredient && densityOf({ ingredient, form, method: measure?.method ?? 'level', size: 'tsp' });
  return {
    id: idOf(index),
    index,
    written: written.trim(),
    name: ingredient?.name ?? written.trim(),
    ingredientId: ingredient?.id ?? null,
    form,
    class: ingredient?.class ?? null,
    role: ingredient?.role ?? null,
    keeps: ingredient?.keeps ?? null,
    allergens: ingredient?.allergens ?? [UNKNOWN_ALLERGENS],
    intendedGrams: intended?.grams ?? null,
    weight,
    measure: measure && {
      method: measure.method,
      fills: measure.fills,
      grams: measure.grams,
      spread: chance ? spreadOfFills(chance) : 0,
    },
    tolerance,
    forgiven,
    gramsPerTeaspoon: spoon
      ? spoon.gramsPerMillilitre * millilitresIn('tsp', 'us-customary').valueOf()
      : null,
  };
}

/**
 * How far the fills of a line may be off together, as a relative standard deviation: each fill by
 * itself, what is filled with one tool by that tool, and all of them by the hand.
 */
function spreadOfFills({ fills, handSpread }: Pick<ChanceLine, 'fills' | 'handSpread'>): number {
  const whole = fills.reduce((sum, { count, grams }) => sum + count * grams, 0);
  if (whole <= 0) return 0;
  const single = fills.map(
    ({ count, grams, spread }) => (Math.sqrt(count) * grams * spread) / whole,
  );
  const byTool = fills.map(({ count, grams, toolSpread }) => (count * grams * toolSpread) / whole);
  return combinedSpread(...single, ...byTool, handSpread);
}

const isByWeight = ({ unit, stated }: Line): boolean =>
  stated !== null || (unit !== null && isMassUnit(unit));

interface RouteBasis {
  readonly columns: Columns;
  readonly way: BenchWay;
  readonly batch: Batch;
  readonly weighsSome: boolean;
  readonly isShared: boolean;
  /** The recipe itself gives it by weight. */
  readonly isByWeight: boolean;
}

/** How a line gets onto the tray: what pays to weigh is weighed, the rest is filled. */
function routeOf(
  { weight, measure, forgiven }: Pick<BakeLine, 'weight' | 'measure' | 'forgiven'>,
  { isWeighed, level }: PlanLine,
  ingredient: Ingredient | undefined,
  { columns, way, batch, weighsSome, isShared, isByWeight }: RouteBasis,
): BenchRoute {
  if (!weight) return 'fill';
  if (!measure) return weighedAlone(batch);
  switch (way) {
    case 'fill':
    case 'container':
      return way === 'fill' ? 'fill' : weighedAlone(batch);
    case 'tare':
    case 'total': {
      const isCounted = measure.fills.every(
        ({ kind, count }) => kind === 'egg' && Number.isInteger(count),
      );
      if (isCounted) return 'fill';
      // Nothing that can't be taken out again is measured over the large bowl, nor on its scale
      // what that does not resolve.
      const isFine = weight.grid < coarsestGrid(batch);
      return isShared && !isFine && !needsSmallBowl(ingredient) ? way : weighedAlone(batch);
    }
    case 'planned':
      if (columns === 'weigh' || isWeighed) return weighedAlone(batch);
      if (columns === 'measure' || weighsSome) return 'fill';
      return level === 'level' && !isByWeight && !paysToWeigh(measure, forgiven)
        ? 'fill'
        : weighedAlone(batch);
  }
}

/**
 * Whether filling alone may be further off than this bake forgives, in more than one bake of twenty:
 * there the scale is worth its trouble. Where the scatter is not known, it is not.
 */
const paysToWeigh = ({ spread }: BakeMeasure, forgiven: number | null): boolean =>
  forgiven !== null && COVERAGE * spread > forgiven;

const coarsestGrid = ({ scales = USUAL_SCALES }: Batch): number =>
  Math.max(...scales.filter(({ kind }) => kind !== 'beam').map(({ gridGrams }) => gridGrams), 0);

/** Where there is only a beam, it is the beam that weighs. */
const weighedAlone = ({ scales }: Batch): BenchRoute =>
  scales !== undefined && scales.length > 0 && scales.every(({ kind }) => kind === 'beam')
    ? 'beam'
    : 'container';
