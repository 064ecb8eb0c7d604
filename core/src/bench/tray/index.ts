export {
  OUT_AT_MOST_HOURS,
  overnight,
  takeOutFor,
  type Night,
  type Overnight,
  type TakeOut,
} from './evening.js';
export {
  labelPages,
  LABEL_PAPERS,
  labelSheet,
  LABELS_PER_SHEET,
  type LabelPaper,
  type LabelSheet,
  type LabelsPerSheet,
} from './labels.js';
export { portionsOf, takenOutGrams, type Division, type Portions } from './portions.js';
