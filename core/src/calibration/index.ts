export { studentT95 } from './student.js';
export {
  FEWEST_FILLS,
  calibrateTool,
  waterVolume,
  type ToolCalibration,
  type WaterFills,
} from './tool.js';
