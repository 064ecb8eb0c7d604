import { midpoint, scale } from '../amount/index.js';
import type { Ingredient } from '../catalogue/index.js';
import type { KnownWeight } from '../measuring/index.js';
import type { Line, Reading } from '../reading/index.js';
import type { Standard } from '../units/index.js';
import { drawerWith } from '../drawer/index.js';
import type { LineChoice } from './balance/index.js';
import { lineMass, times } from './line-mass.js';
import { methodFor } from './line-method.js';
import {
  forgivenessOf,
  learnedForgiveness,
  forgivenOf,
  LEANING,
  USUAL_KIND,
  type Forgiveness,
} from '../baking/index.js';
import {
  isFinelyMeasured,
  isWithin,
  measurePlan,
  nearEnough,
  onScaleGrid,
  type MeasurePlan,
  type WantedMass,
} from '../fills/index.js';
import { millilitresIn, isVolumeUnit } from '../units/index.js';
import type { Batch, Level, PlanLine } from './plan-line.js';
import { holdRatios } from './hold-ratios.js';
import { provenLines, type ProvenWeight } from './proven.js';
import { carrierOf, premixFor } from './premix.js';

/**
 * Plans one line: its intended mass times the exact factor, then, from that unrounded mass
 * and independently of each other, the weight on the scale's grid and the measure plan.
 */
export function planLine(
  line: Line,
  standard: Standard,
  batch: Batch,
  choice: LineChoice = {},
  proven?: ProvenWeight,
  nearerThan?: number,
): PlanLine {
  const { shelf } = batch;
  const { intended: mass, substitute } = batch.isPreserving
    ? NOT_CONVERTED
    : lineMass(line, standard, shelf, batch.author ?? NOTHING, choice, proven);
  const ingredientId = substitute?.ingredientId ?? line.ingredientId;
  const ingredient = ingredientId === null ? undefined : shelf.ingredient(ingredientId);
  const intended = mass && times(mass, batch.factor.valueOf());
  const tolerance = ingredient && intended ? nearEnough(ingredient.role, batch.strictness) : null;
  const weight =
    intended && onScaleGrid(intended.grams, batch.scales, batch.weighedIn, tolerance ?? undefined);
  const forgiven =
    ingredient && intended ? forgivenOf(ingredient.role, forgivenessFor(batch)) : null;
  const measure =
    ingredient && intended && tolerance !== null
      ? measureLine(
          {
            ingredient,
            form: substitute ? substitute.form : line.form,
            method: methodFor(line, ingredient, choice, batch.habits),
            grams: intended.grams,
            tolerance: choice.nearest ? tolerance * NEAREST : tolerance,
            allowed: isFinelyMeasured(ingredient.role) ? tolerance : (forgiven ?? 0) * HANDY,
            isClosest: batch.strictness === 'strict' || choice.nearest === true,
            ...(nearerThan !== undefined && { nearerThan }),
            unit: line.unit,
            writtenMillilitres: substitute ? null : writtenVolume(line, standard, batch),
            writtenCount:
              line.unit === 'each' && line.amount
                ? midpoint(line.amount).mul(batch.factor).valueOf()
                : null,
            ...(batch.hand ? { known: batch.hand } : {}),
          },
          choice,
          batch,
        )
      : null;
  const isWeighed = choice.weighed === true && weight !== null;
  const offBy = (grams: number | undefined): number | null =>
    grams === undefined || !intended || intended.grams <= 0 ? null : grams / intended.grams - 1;
  const gap = isWeighed ? null : offBy(measure?.grams);
  return {
    written: line.written,
    kind: line.kind,
    ...(line.place && { place: line.place }),
    ingredientId,
    substitute,
    scaled: line.amount && scale(line.amount, batch.factor),
    intended,
    weight,
    measure,
    gap,
    weightGap: offBy(weight?.grams),
    ...judge(gap, tolerance, forgiven),
    isMethodUnstated: isMethodUnstated(line, ingredient),
    isWeighed,
    heldFor: null,
    premix: null,
  };
}

/** A powder goes into a cup in several ways, and the line says none. */
function isMethodUnstated(
  { unit, stated, spans, written }: Line,
  of: Ingredient | undefined,
): boolean {
  if (of?.class !== 'powder' || stated || unit === null || !isVolumeUnit(unit)) return false;
  return !spans.some(
    ({ part, start, end }) => part === 'preparation' && FILLED.test(written.slice(start, end)),
  );
}

/** Butter that is sold with marks is cut at them where that is near enough, unless its baker fills it. */
function measureLine(wanted: WantedMass, choice: LineChoice, batch: Batch): MeasurePlan | null {
  const { ingredient, method, grams, tolerance } = wanted;
  const hasMarks = ingredient.weights.some(({ unit }) => unit === 'stick');
  const isOpen = choice.method === undefined && choice.tools === undefined && !choice.nearest;
  if (hasMarks && isOpen && method === 'pressed' && !batch.habits?.[ingredient.class]) {
    const cut = measurePlan({ ...wanted, method: 'block' }, batch.drawer);
    const allowed = wanted.isClosest ? tolerance : Math.max(tolerance, wanted.allowed ?? 0);
    if (cut && isWithin(cut.grams / grams - 1, allowed)) return cut;
  }
  return measurePlan(wanted, choice.tools ? drawerWith(batch.drawer, choice.tools) : batch.drawer);
}

/** What the written volume is at this batch, in millilitres; null for what is no volume. */
function writtenVolume(line: Line, standard: Standard, { factor }: Batch): number | null {
  const { amount, unit, heap } = line;
  if (!amount || unit === null || !isVolumeUnit(unit) || heap !== null) return null;
  return midpoint(amount).mul(factor).mul(millilitresIn(unit, standard)).valueOf();
}

/** What this bake forgives by its log, else by its kind, as closely as it is to be measured. */
export const forgivenessFor = ({
  kind,
  strictness,
  learned,
}: Pick<Batch, 'kind' | 'strictness' | 'learned'>): Forgiveness =>
  learnedForgiveness(forgivenessOf(kind ?? USUAL_KIND, strictness), strictness, learned);

function judge(
  gap: number | null,
  tolerance: number | null,
  forgiven: number | null,
): Pick<PlanLine, 'tolerance' | 'forgiven' | 'within' | 'level'> {
  if (gap === null || tolerance === null || forgiven === null) {
    return { tolerance, forgiven, within: null, level: null };
  }
  const within = isWithin(gap, tolerance);
  const isLeaning = isWithin(gap, forgiven * LEANING);
  const level: Level = within ? 'level' : isLeaning ? 'leaning' : 'out';
  return { tolerance, forgiven, within, level };
}

/** Plans every line of a reading, in order; what is not an ingredient stays as it is. */
export function planBatch(reading: Reading, batch: Batch): readonly PlanLine[] {
  const proven = provenLines(reading, batch.proven);
  const plan = (index: number, nearerThan?: number): PlanLine =>
    planLine(
      reading.lines[index]!,
      reading.standard,
      batch,
      choiceOf(batch, index),
      proven.get(index),
      nearerThan,
    );
  const each = reading.lines.map((_, index) => plan(index));
  const lines = holdRatios(each, plan, batch.shelf, forgivenessFor(batch));
  if (!lines.some((_, index) => choiceOf(batch, index).premix)) return lines;
  return lines.map((line, index) =>
    choiceOf(batch, index).premix ? premixed(line, index, lines, batch) : line,
  );
}

/** A line weighed as a premix, where it needs one and something carries it. */
function premixed(
  line: PlanLine,
  index: number,
  lines: readonly PlanLine[],
  batch: Batch,
): PlanLine {
  const { intended, weight, forgiven } = line;
  const carrier = carrierOf(lines, batch.shelf);
  if (!intended || !weight || forgiven === null || carrier === null || carrier === index) {
    return line;
  }
  const available = lines[carrier]!.intended!.grams;
  const premix = premixFor(intended.grams, forgiven * LEANING, available, batch.scales);
  if (!premix) return line;
  const { holdsGrams, takeGrams } = premix;
  return {
    ...line,
    weight: {
      grams: holdsGrams,
      grid: (onScaleGrid(takeGrams, batch.scales).grid * holdsGrams) / takeGrams,
      dial: 'g',
      isUnderStep: false,
      onScale: takeGrams,
    },
    weightGap: holdsGrams / intended.grams - 1,
    premix: { ...premix, carrier },
  };
}

/** All that was decided of a line. */
export function choiceOf({ methods, choices }: Batch, index: number): LineChoice {
  const [method, choice] = [methods?.[index], choices?.[index]];
  if (method === undefined) return choice ?? NO_CHOICE;
  return { ...choice, method };
}

/** A plan may be off by a quarter of what the bake forgives of it for being handier. */
const HANDY = 0.25;
/** Near enough to be nearest: a tenth of what is near enough. */
const NEAREST = 0.1;
const NO_CHOICE: LineChoice = {};
const NOT_CONVERTED = { intended: null, substitute: null } as const;
/** Words by which a line says how it is filled, in the languages that are read. */
const FILLED = /sift|spoon|dip|scoop|pack|gesiebt|tamis/i;
const NOTHING: readonly KnownWeight[] = [];
