import {
  actOfEarlier,
  type Bake,
  type BakeReadingReply,
  type BakeSummary,
} from '@ypsigram/contract';
import type { BakeReadingRow, BakeRow } from './model.js';

export function toReading(row: BakeReadingRow): BakeReadingReply {
  const { sequence, id, at, device, handId } = row;
  const act = actOfEarlier(row.act) as BakeReadingReply['act'];
  // One of before there was an order goes by its moment.
  return { sequence, id, at, order: row.order ?? Date.parse(at), device, handId, act };
}

export function toSummary(row: BakeRow): BakeSummary {
  const { id, recipeId, title, factor, makes, handId, begunAt, changedAt, stage, ready } = row;
  const { rating, isGood, isWasted, note, photo, readyAt, oven, symptoms } = row;
  const result = { rating, isGood, isWasted, symptoms, note, photo, readyAt, oven };
  const of = row.lineCount;
  const is = { id, recipeId, title, factor, makes, handId, begunAt, changedAt };
  return { ...is, stage, ready, of, ...result };
}

export function toBake(row: BakeRow, readings: readonly BakeReadingRow[]): Bake {
  const { recipeRevision, plan } = row;
  return { ...toSummary(row), recipeRevision, plan, readings: readings.map(toReading) };
}
