export {
  ovenCommand,
  simulatedOven,
  thermometerReading,
  thermometerState,
  type OvenCommand,
  type SimulatedOvenState,
  type ThermometerReading,
  type ThermometerState,
} from './thermometer.js';
export {
  timer,
  timerDraft,
  timerList,
  type Timer,
  type TimerDraft,
  type TimerList,
} from './timers.js';
export {
  FIRST_LOOK_REASONS,
  PAN_NAMES,
  RACK_NAMES,
  STEP_ADVICE,
  STEP_CAUTIONS,
  STEP_NAMES,
  stepName,
  TESTER_NAMES,
} from './words.js';
