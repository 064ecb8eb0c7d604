import type { z } from 'zod';
import type { Fraction } from '@ypsigram/core/amount';
import {
  forgivenessFor,
  unweighedLines,
  type Advice,
  type Batch,
  type PlanLine,
  type Substitute,
  type RatioDrift,
} from '@ypsigram/core/batch';
import { USUAL_KIND } from '@ypsigram/core/baking';
import { doubtfulAmounts, type Caution } from '@ypsigram/core/formula';
import type { CleanBatch, Loads, RecipeSize } from '@ypsigram/core/factor';
import type { GridWeight, MeasurePlan } from '@ypsigram/core/fills';
import type { PlanReply, planMeasure } from './plans.js';
import { toAmountReply, toIntendedReply } from './readings.js';
import {
  CAUTION_MESSAGES,
  adviceMessage,
  doubtMessage,
  measureText,
  sourceText,
  weightText,
} from './wording/index.js';

/** A weight as it crosses the wire, beside its words. */
export const toWeightReply = (weight: GridWeight) => ({ ...weight, shown: weightText(weight) });

/** A measure plan as it crosses the wire. */
export function toMeasureReply(measure: MeasurePlan): z.infer<typeof planMeasure> {
  const { method: filled, millilitres, fills, grams, basis } = measure;
  return {
    method: filled,
    millilitres,
    fills: [...fills],
    shown: measureText(measure),
    grams,
    basis: basis.rung,
    source: basis.source,
    sourceShown: sourceText(basis.source),
  };
}

function toSubstituteReply({ name: _name, gained, lost, ...rest }: Substitute) {
  const sourceShown = sourceText(rest.source);
  return { ...rest, sourceShown, gained: [...gained], lost: [...lost] };
}

/** A batch with all that is worked out of it. */
export interface PlannedBatch {
  /** Of the recipe, where it has one. */
  readonly title: string | null;
  readonly batch: Batch;
  readonly isKindGuessed: boolean;
  readonly factor: Fraction;
  readonly limitedBy: string | null;
  readonly size: RecipeSize;
  readonly lines: readonly PlanLine[];
  readonly drift: RatioDrift;
  readonly loads: Loads | null;
  readonly cautions: readonly Caution[];
  readonly advice: readonly Advice[];
  readonly clean: readonly CleanBatch[];
}

/** On the wire an intended ratio has been called "written" from the beginning. */
const toRatioReplies = ({ ratios }: RatioDrift): PlanReply['ratios'] =>
  Object.fromEntries(
    Object.entries(ratios).map(([part, { intended: written, ...routes }]) => [
      part,
      { written, ...routes },
    ]),
  ) as PlanReply['ratios'];

/** What a bake is, as it crosses the wire. */
export const toBakeReply = (batch: Batch, isKindGuessed: boolean) => ({
  kind: batch.kind ?? USUAL_KIND,
  isKindGuessed,
  forgives: { ...forgivenessFor(batch) },
});

const toFactorReply = (factor: Fraction) => ({
  exact: factor.toFraction(),
  value: factor.valueOf(),
});

/** A plan as it crosses the wire. */
export function toPlanReply({
  title,
  batch,
  isKindGuessed,
  factor,
  limitedBy,
  size,
  lines,
  drift,
  loads,
  cautions,
  advice,
  clean,
}: PlannedBatch): PlanReply {
  const times = factor.valueOf();
  return {
    ...toBakeReply(batch, isKindGuessed),
    factor: toFactorReply(factor),
    makes: {
      pieces: size.pieces && size.pieces.mul(factor).valueOf(),
      grams: size.grams * times,
      eggs: size.eggs.compare(0) > 0 ? size.eggs.mul(factor).valueOf() : null,
      limitedBy,
    },
    ratioBase: drift.base,
    ratios: toRatioReplies(drift),
    loads,
    unweighed: [...unweighedLines(lines)],
    doubts: doubtfulAmounts(lines, batch.shelf, title).map((one) => ({
      ...one,
      message: doubtMessage(one),
    })),
    cautions: cautions.map((code) => ({ code, message: CAUTION_MESSAGES[code] })),
    advice: advice.map((one) => ({
      line: one.line,
      gap: one.gap,
      tolerance: one.tolerance,
      mend: one.mend,
      method: one.mend === 'method' ? one.method : null,
      gapThen: 'gapThen' in one ? one.gapThen : null,
      premix: one.mend === 'premix' ? { ...one.premix, carrier: one.carrier } : null,
      message: adviceMessage(one),
    })),
    clean: clean.map((one) => ({ ...one, factor: toFactorReply(one.factor) })),
    lines: lines.map((line) => ({
      written: line.written,
      kind: line.kind,
      ingredientId: line.ingredientId,
      substitute: line.substitute && toSubstituteReply(line.substitute),
      scaled: line.scaled && toAmountReply(line.scaled),
      intended: line.intended && toIntendedReply(line.intended),
      weight: line.weight && toWeightReply(line.weight),
      measure: line.measure && toMeasureReply(line.measure),
      gap: line.gap,
      weightGap: line.weightGap,
      tolerance: line.tolerance,
      forgiven: line.forgiven,
      within: line.within,
      level: line.level,
      isWeighed: line.isWeighed,
      premix: line.premix,
    })),
  };
}
