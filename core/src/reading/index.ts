export {
  NO_ANSWERS,
  sameAnswer,
  type Answer,
  type AnswerTo,
  type Answers,
  type LineAnswer,
} from './answer.js';
export { answerReading, canBeKept, nameOfLine, wordOfNote } from './answers.js';
export { clean, type CleanLine } from './clean.js';
export type { Language } from './languages/index.js';
export type { Answered, AnsweredBy, Line, LineKind, Reading, Span, Yield } from './line.js';
export type { NoteCode, OtherReading, ReadingNote } from './note.js';
export { headsIngredients } from './structure/index.js';
export { inspectLine, type Stages } from './inspect.js';
export { keepingOf, type Keeping } from './keeping/index.js';
export { readOtherwise } from './read-otherwise.js';
export { originOf, type Origin } from './origin.js';
export { readLine, readRecipe, createIncrementalReader } from './read.js';
