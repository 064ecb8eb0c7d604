export { actOfEarlier, makesOfEarlier, planOfEarlier } from './earlier.js';
export {
  bake,
  bakeDraft,
  bakeList,
  bakeQuery,
  bakeReading,
  bakeReadingList,
  bakeReadingQuery,
  readingsDraft,
  type Bake,
  type BakeDraft,
  type BakeReadingReply,
  type BakeSummary,
  type ReadingsDraft,
} from './bakes.js';
