export {
  NO_ANSWERS,
  sameAnswer,
  type Answer,
  type Answers,
  type AnswerTo,
  type LineAnswer,
} from './answer.js';
