export { lookMessage, reasonMessage } from './fill.js';
export {
  SCALE_UNITS_SHOWN,
  amongMarks,
  domeMessage,
  jugMessage,
  scaleFigure,
  seenMessage,
} from './jug.js';
export {
  choiceTexts,
  cupsOf,
  explanationText,
  questionText,
  type QuestionNames,
} from './questions.js';
export { JUG_NAMES, TOPIC_NAMES, skillName } from './skills.js';
