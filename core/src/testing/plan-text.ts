import { Fraction } from '../amount/index.js';
import { planBatch, type Batch, type PlanLine } from '../batch/index.js';
import { readText, usualBatch } from './usual.js';

/** The plan of a text in the usual kitchen, at a factor such as "3/2". */
export const planText = (
  text: string,
  factor = '1',
  changes: Partial<Batch> = {},
): readonly PlanLine[] =>
  planBatch(readText(text), { ...usualBatch({ factor: new Fraction(factor) }), ...changes });
