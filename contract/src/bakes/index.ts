export { personalAct } from './acts.js';
export {
  bake,
  bakeDraft,
  bakeList,
  bakeQuery,
  bakeReading,
  bakeReadingList,
  bakeReadingQuery,
  MOST_READINGS_AT_ONCE,
  readingsDraft,
  type Bake,
  type BakeDraft,
  type BakeReadingReply,
  type BakeSummary,
  type ReadingsDraft,
} from './bakes.js';
