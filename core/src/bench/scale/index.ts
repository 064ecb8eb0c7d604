export { beamSetting, type BeamSetting } from './beam.js';
export {
  SCALE_STATES,
  SCALE_UNITS,
  displayOf,
  ounceGrid,
  type ScaleReading,
  type ScaleState,
  type ScaleUnit,
} from './scale-reading.js';
export {
  EMPTY_SCALE,
  remember,
  scaleWarnings,
  type ScaleMemory,
  type ScaleSetting,
  type ScaleWarning,
} from './watch.js';
