export { readScaleLine } from './scale-line.js';
export {
  DATA_WEIGHT,
  USUAL_REPORT,
  WEIGHING_PAGE,
  ZERO_SCALE,
  readScaleReport,
  stepOfReport,
  type ReportField,
} from './scale-report.js';
