export {
  NO_ANSWERS,
  sameAnswer,
  type Answer,
  type AnswerTo,
  type Answers,
  type LineAnswer,
} from './answer/index.js';
export { answerReading, canBeKept, nameOfLine, wordOfNote } from './answers.js';
export { clean, type CleanLine } from './clean.js';
export { LANGUAGES, type Language } from './languages/index.js';
export type { Answered, AnsweredBy, Line, LineKind, PartOf, Reading, Span, Yield } from './line.js';
export type { NoteCode, OtherReading, ReadingNote } from './note.js';
export { headsIngredients } from './structure/index.js';
export { inspectLine, type Stages } from './inspect.js';
export { keepingOf, type Keeping } from './keeping/index.js';
export { readOtherwise } from './read-otherwise.js';
export { originOf, type Origin } from './origin.js';
export type { Place } from './vocabulary/index.js';
export { readLine, readLineAs, readRecipe, createIncrementalReader } from './read.js';
