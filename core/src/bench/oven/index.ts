export {
  clashes,
  scheduleBack,
  type BlockKind,
  type Clash,
  type OvenTime,
  type Schedule,
  type TimeBlock,
} from './schedule.js';
export { isAnsweredBy, type TimerAwaits } from './timers.js';
