export {
  dueAfter,
  dueUntil,
  gradeOf,
  SITTING_SECONDS,
  sitting,
  standings,
  triesOf,
  type Standing,
} from './schedule.js';
export { SKILLS, ingredientsFor, sameSkill, type Skill } from './skill.js';
export {
  IN_A_ROW,
  isYours,
  practisedSpread,
  seriesOf,
  streakOf,
  type PracticeSeries,
  type PracticeTry,
} from './tries.js';
