export {
  bakingClass,
  classDraft,
  classEvent,
  classList,
  classResult,
  classResultDraft,
  joinCode,
  joinedClass,
  type BakingClass,
  type ClassDraft,
  type ClassEvent,
  type ClassList,
  type ClassResultDraft,
  type ClassResultRecord,
  type ClassTask,
  type JoinedClass,
} from './classes.js';
export {
  practiceTry,
  practiceTryDraft,
  practiceTryList,
  type PracticeTryDraft,
  type PracticeTryRecord,
} from './tries.js';
export * from './words/index.js';
