export { clean, type CleanLine } from './clean.js';
export { type Line, type LineKind, type Reading, type Span, type Yield } from './line.js';
export type { NoteCode, OtherReading, ReadingNote } from './note.js';
export { readLine, readRecipe } from './read.js';
